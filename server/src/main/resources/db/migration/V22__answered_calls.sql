-- Answers to calls with an idempotency key, for the same call sent twice. They are kept for some minutes. No status yet: the
-- first call is still being answered.
create table answered_call (
    id text not null primary key,
    created timestamptz not null default now(),
    status int,
    media_type text,
    body bytea
);
