-- Who may come in where the workshop is open to more than its own machine. A reviewer sees what one client is shown.
create table person (
    id bigint generated always as identity primary key,
    name text not null check (length(name) between 1 and 80),
    email text not null check (length(email) between 3 and 254),
    password text not null,
    role text not null check (role in ('OWNER', 'DESIGNER', 'REVIEWER')),
    client_id bigint references client on delete cascade,
    created timestamptz not null default now(),
    seen timestamptz,
    check ((role = 'REVIEWER') = (client_id is not null))
);
create unique index person_email on person (lower(email));

-- Links that make somebody a person here, or give one who is a new password; each is good once. Only the SHA-256 of what
-- stands in the link is kept.
create table invitation (
    id bigint generated always as identity primary key,
    token_hash text not null unique,
    name text not null default '',
    role text not null check (role in ('OWNER', 'DESIGNER', 'REVIEWER')),
    client_id bigint references client on delete cascade,
    person_id bigint references person on delete cascade,
    invited_by text,
    created timestamptz not null default now(),
    expires timestamptz not null
);

-- Sessions as Spring Session JDBC keeps them (its schema-postgresql.sql).
create table spring_session (
    primary_id char(36) not null primary key,
    session_id char(36) not null,
    creation_time bigint not null,
    last_access_time bigint not null,
    max_inactive_interval int not null,
    expiry_time bigint not null,
    principal_name varchar(100)
);
create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);
create table spring_session_attributes (
    session_primary_id char(36) not null references spring_session on delete cascade,
    attribute_name varchar(200) not null,
    attribute_bytes bytea not null,
    primary key (session_primary_id, attribute_name)
);

-- What a client is shown by a link: a finished film, or the stage as it is now. Each film that is put in is a new round.
create table review (
    id text primary key,
    clip_id text not null references clip on delete cascade,
    shows text not null check (shows in ('FILM', 'STAGE')),
    job_id text references job on delete set null,
    language text,
    token text not null unique,
    round int not null default 1 check (round > 0),
    note text not null default '' check (length(note) <= 1000),
    created_by text,
    created timestamptz not null default now(),
    shown timestamptz not null default now(),
    expires timestamptz not null,
    withdrawn timestamptz
);
create index review_of_clip on review (clip_id);

-- What is said about it: a remark at a moment and perhaps a word, or the client's word about the whole.
create table remark (
    id bigint generated always as identity primary key,
    review_id text not null references review on delete cascade,
    round int not null,
    kind text not null check (kind in ('REMARK', 'CHANGES', 'APPROVED')),
    at_ms int check (at_ms >= 0),
    word_id bigint,
    said text,
    author text not null check (length(author) between 1 and 80),
    text text not null check (length(text) <= 2000),
    written timestamptz not null default now(),
    settled timestamptz,
    settled_by text,
    check (kind <> 'REMARK' or (at_ms is not null and text <> ''))
);
create index remark_of_review on remark (review_id);

create function announce_review() returns trigger language plpgsql as $$
begin
    perform announce(json_build_object('what', 'review', 'clipId', new.clip_id));
    return null;
end $$;
create trigger review_changed after insert or update on review for each row execute function announce_review();

create function announce_remark() returns trigger language plpgsql as $$
begin
    perform announce(json_build_object('what', 'review', 'clipId', (select clip_id from review where id = new.review_id)));
    return null;
end $$;
create trigger remark_changed after insert or update on remark for each row execute function announce_remark();

-- The newest footage that a clip was given, or is to be given: what of the captions is where in it, and the clip as it was
-- before, which is kept in the archive.
create table recut (
    clip_id text primary key references clip on delete cascade,
    media_hash text not null,
    info jsonb not null,
    file_name text not null,
    before_id text references clip on delete set null,
    carry jsonb,
    carried jsonb
);
