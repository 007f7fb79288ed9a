-- Whose step it is: undo takes back a person's own.
alter table edit add column person_id bigint references person on delete set null;

-- What the last versions of a track changed, so that a change made on one of them can be carried over the later ones.
create table track_change (
    track_id text not null references track on delete cascade,
    version bigint not null,
    change jsonb not null,
    primary key (track_id, version)
);

-- Pages that have a clip open now, and where on it they are.
create table open_page (
    id text primary key check (id ~ '^[a-z0-9-]{8,40}$'),
    clip_id text not null references clip on delete cascade,
    person_id bigint references person on delete cascade,
    cue_id bigint,
    typing boolean not null default false,
    seen timestamptz not null default now()
);
create index open_page_of on open_page (clip_id);

create function announce_open_page() returns trigger language plpgsql as $$
begin
    perform announce(json_build_object('what', 'presence', 'clipId',
        case when tg_op = 'DELETE' then old.clip_id else new.clip_id end));
    return null;
end $$;

create trigger page_opened_or_closed after insert or delete on open_page
    for each row execute function announce_open_page();
create trigger page_moved after update on open_page
    for each row when ((old.clip_id, old.cue_id, old.typing) is distinct from (new.clip_id, new.cue_id, new.typing))
    execute function announce_open_page();
