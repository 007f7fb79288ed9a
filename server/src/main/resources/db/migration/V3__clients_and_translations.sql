-- Clients of the workshop: each has its glossary and its recipes. What has no client belongs to the workshop.
create table client (
    id bigint generated always as identity primary key,
    name text not null check (length(name) between 1 and 80),
    created timestamptz not null default now()
);
create unique index client_once on client (lower(name));

alter table clip add column client_id bigint references client on delete set null;
create index clip_of_client on clip (client_id);

alter table glossary_term add column client_id bigint references client on delete cascade;
drop index glossary_term_once;
create unique index glossary_term_once on glossary_term (coalesce(client_id, 0), lower(term));

create table client_recipe (
    id bigint generated always as identity primary key,
    client_id bigint references client on delete cascade,
    name text not null check (length(name) between 1 and 40),
    recipe jsonb not null
);
create unique index client_recipe_once on client_recipe (coalesce(client_id, 0), lower(name));

-- A clip has one first track, whose id is the clip's, and translations of it.
alter table track rename column clip_id to id;
alter table track drop constraint track_clip_id_fkey;
alter table track
    add column clip_id text references clip on delete cascade,
    add column translation boolean not null default false;
update track set clip_id = id;
alter table track
    alter column clip_id set not null,
    add constraint translation_once unique (clip_id, translation, language) deferrable initially deferred,
    add constraint first_track_id check (translation or id = clip_id);

alter table cue rename column clip_id to track_id;
alter table word rename column clip_id to track_id;
alter table edit rename column clip_id to track_id;

alter table word drop constraint word_source_check;
alter table word add constraint word_source_check check (
    source in ('RECOGNISED', 'ALIGNED', 'ESTIMATED', 'IMPORTED', 'TYPED', 'CONFIRMED', 'NOT_FOUND', 'TRANSLATED'));
