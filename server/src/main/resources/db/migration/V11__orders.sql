-- What was ordered together.
create table delivery (
    id text primary key check (id ~ '^[a-z0-9]{12}$'),
    label text not null,
    created timestamptz not null default now()
);
create index delivery_newest on delivery (created desc, id);

-- A line of an order: its place in it, what its file is to be called, what it is in words, and what it was said to take.
alter table job add column delivery_id text references delivery on delete cascade;
alter table job add column place int;
alter table job add column file_name text;
alter table job add column about text;
alter table job add column estimated_bytes bigint;
alter table job add column estimated_seconds real;
create index job_of_delivery on job (delivery_id, place);

-- A job that is held waits for a hand.
alter table job drop constraint job_state_check;
alter table job add constraint job_state_check
    check (state in ('WAITING', 'HELD', 'RUNNING', 'STOPPING', 'DONE', 'FAILED', 'STOPPED'));

-- What a burned video is made of, so that another can take pieces from it.
alter table job add column pieces jsonb;
create index job_pieces on job (clip_id, finished desc) where pieces is not null;
