-- What is done with a client's clips when they come in; the row without a client is the workshop's.
alter table house add column draft jsonb;

-- Of the open findings of that version, how many are words that the recogniser is not sure of.
alter table track add column looked_unsure int check (looked_unsure >= 0);

-- Files of the watched folder that were taken, each as it was then: one that is written anew is taken again.
create table watched_file (
    path text not null,
    bytes bigint not null,
    modified timestamptz not null,
    taken timestamptz not null default now(),
    clip_id text references clip on delete set null,
    done boolean not null default false,
    fault text,
    primary key (path, bytes, modified)
);
