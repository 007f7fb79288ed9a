-- Pictures of one's own that bars are cut from. One put away still serves what uses it.
create table picture (
    hash text primary key references media_file,
    label text not null,
    width int not null check (width > 0),
    height int not null check (height > 0),
    added_at timestamptz not null default now(),
    put_away timestamptz
);

-- What a client's clips have in common; the row without a client is the workshop's.
create table house (
    client_id bigint references client on delete cascade,
    zones jsonb,
    unique nulls not distinct (client_id)
);

alter table house add column limits jsonb;

-- What was measured of a clip for its checks: how light its picture is, and when its words are heard.
create table measured (
    clip_id text primary key references clip on delete cascade,
    light_hash text references media_file,
    onsets jsonb
);

alter table job drop constraint job_kind_check;
alter table job add constraint job_kind_check check (kind in ('PREPARE', 'WORDS', 'RENDER', 'MEASURE'));
create unique index job_measure_once on job (clip_id)
    where kind = 'MEASURE' and state in ('WAITING', 'RUNNING', 'STOPPING');

-- What was measured on a finished output.
alter table job add column receipt jsonb;
