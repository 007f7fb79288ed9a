-- Where clips are put when they are not at hand: archived ones are kept, removed ones can be brought back for a while.
alter table clip
    add column archived timestamptz,
    add column removed timestamptz;
create index clip_removed on clip (removed) where removed is not null;

-- When a track last became what it is, and what its newest look for findings came to.
alter table track
    add column changed timestamptz not null default now(),
    add column looked_version bigint,
    add column looked_open int check (looked_open >= 0);

-- The part of the job that a step belongs to; steps from before it was written have none.
alter table edit add column step text check (step in ('WORDS', 'BREAKS', 'STYLE'));

-- The version of the first track that an output shows, the last lines of a tool that failed, and what samples
-- took, from which a machine's pace is learned.
alter table job
    add column track_version bigint,
    add column tool_lines text,
    add column sampled_seconds real;

-- What is said in a track of one version, as it is searched: a word a line, a form feed before each cue's first; text is
-- without accents and capitals, shown as it is written, starts when each word begins.
create table said (
    track_id text primary key references track on delete cascade,
    version bigint not null,
    text text not null,
    shown text not null,
    starts int[] not null
);

drop trigger clip_changed on clip;
create trigger clip_changed after update on clip
    for each row when (
        (old.name, old.proxy_hash, old.poster_hash, old.peaks_hash, old.sound, old.client_id, old.archived, old.removed)
            is distinct from
        (new.name, new.proxy_hash, new.poster_hash, new.peaks_hash, new.sound, new.client_id, new.archived, new.removed))
    execute function announce_clip();

-- Processes that do work, each with what it takes up at once; who is not seen for a while is gone.
create table worker (
    name text primary key,
    role text not null check (role in ('SERVER', 'WORKER')),
    started timestamptz not null,
    seen timestamptz not null default now(),
    cores int not null check (cores > 0),
    memory_mb bigint not null check (memory_mb > 0),
    lanes jsonb not null
);

-- How long finished files are kept, and how much they may be together; null for no limit.
alter table workshop
    add column renders_days int check (renders_days between 1 and 3650),
    add column renders_gigabytes int check (renders_gigabytes between 1 and 100000);
