-- One piece of work at a time gets a clip's words.
update job set state = 'STOPPED', finished = now()
where kind = 'WORDS' and state in ('WAITING', 'RUNNING', 'STOPPING')
  and exists (select 1 from job other where other.clip_id = job.clip_id and other.kind = 'WORDS'
    and other.state in ('WAITING', 'RUNNING', 'STOPPING') and (other.created, other.id) > (job.created, job.id));
create unique index job_words_once on job (clip_id) where kind = 'WORDS' and state in ('WAITING', 'RUNNING', 'STOPPING');

-- The stretch of a draft's last step, so that one that is done again after a crash takes nothing back meanwhile.
alter table job add column step_from_ms int check (step_from_ms >= 0), add column heard_ms int check (heard_ms >= 0);

-- A step of the history that a piece of work made, and may make anew as long as it is the last.
alter table edit add column job_id text references job on delete set null;

-- Other ways a word may be heard, the likeliest first, as long as the word stands as it was heard.
create table reading (
    track_id text not null references track on delete cascade,
    word_id bigint not null,
    heard text not null,
    readings text[] not null check (cardinality(readings) between 1 and 8),
    primary key (track_id, word_id)
);

-- What the workshop has settled for every clip: one row.
create table workshop (
    one boolean primary key default true check (one),
    unsure_below real not null default 0.6 check (unsure_below between 0 and 1)
);
insert into workshop default values;
