-- Media bytes lie in the content-addressed store; a row says that they are there.
create table media_file (
    hash char(64) primary key check (hash ~ '^[0-9a-f]{64}$'),
    bytes bigint not null check (bytes >= 0),
    created timestamptz not null default now()
);

create table clip (
    id text primary key check (id ~ '^[a-z0-9]{12}$'),
    name text not null check (length(name) between 1 and 200),
    media_hash char(64) not null references media_file,
    proxy_hash char(64) references media_file,
    poster_hash char(64) references media_file,
    peaks_hash char(64) references media_file,
    info jsonb not null,
    created timestamptz not null default now()
);
create index clip_created on clip (created desc);

create table track (
    clip_id text primary key references clip on delete cascade,
    version bigint not null default 0 check (version >= 0),
    language text not null check (length(language) between 2 and 35),
    style text not null,
    recipe jsonb not null,
    frame jsonb not null,
    next_id bigint not null check (next_id >= 1)
);

create table cue (
    clip_id text not null references track on delete cascade,
    id bigint not null,
    ordinal int not null check (ordinal >= 0),
    line_starts int[] not null default '{}',
    locked boolean not null default false,
    primary key (clip_id, id),
    constraint cue_order unique (clip_id, ordinal) deferrable initially deferred
);

create table word (
    clip_id text not null,
    id bigint not null,
    cue_id bigint not null,
    ordinal int not null check (ordinal >= 0),
    text text not null check (length(text) > 0),
    start_ms int not null check (start_ms >= 0),
    end_ms int not null,
    confidence real not null check (confidence between 0 and 1),
    source text not null check (source in ('RECOGNISED', 'ALIGNED', 'ESTIMATED', 'IMPORTED', 'TYPED', 'CONFIRMED')),
    emphasis smallint not null check (emphasis between 0 and 4),
    pin text not null check (pin in ('FREE', 'CUE_BREAK', 'LINE_BREAK', 'TOGETHER')),
    primary key (clip_id, id),
    check (start_ms < end_ms),
    foreign key (clip_id, cue_id) references cue on delete cascade
);
create index word_of_cue on word (clip_id, cue_id, ordinal);

-- The history: each entry holds what it took out and put in, so that undo and redo are exact.
create table edit (
    clip_id text not null references track on delete cascade,
    seq bigint not null check (seq >= 1),
    said text not null,
    change jsonb not null,
    undone boolean not null default false,
    made timestamptz not null default now(),
    primary key (clip_id, seq)
);

create table job (
    id text primary key check (id ~ '^[a-z0-9]{12}$'),
    clip_id text not null references clip on delete cascade,
    kind text not null check (kind in ('PREPARE', 'WORDS', 'RENDER')),
    state text not null default 'WAITING' check (state in ('WAITING', 'RUNNING', 'STOPPING', 'DONE', 'FAILED', 'STOPPED')),
    progress real not null default 0 check (progress between 0 and 1),
    message text,
    work_order jsonb not null,
    output_hash char(64) references media_file,
    output_name text,
    created timestamptz not null default now(),
    started timestamptz,
    finished timestamptz,
    check ((output_hash is null) = (output_name is null))
);
create index job_of_clip on job (clip_id, created desc);

-- db-scheduler's table, as its documentation gives it for PostgreSQL.
create table scheduled_tasks (
    task_name text not null,
    task_instance text not null,
    task_data bytea,
    execution_time timestamptz not null,
    picked boolean not null,
    picked_by text,
    last_success timestamptz,
    last_failure timestamptz,
    consecutive_failures int,
    last_heartbeat timestamptz,
    version bigint not null,
    priority smallint,
    primary key (task_name, task_instance)
);
create index scheduled_tasks_execution_time on scheduled_tasks (execution_time);
create index scheduled_tasks_last_heartbeat on scheduled_tasks (last_heartbeat);
