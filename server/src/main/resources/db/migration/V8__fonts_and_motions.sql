-- Fonts that were brought in. One that was put away still serves tracks that use it.
create table font (
    id text primary key,
    file_name text not null,
    facts jsonb not null,
    licence text not null default '',
    file bytea not null,
    added_at timestamptz not null default now(),
    put_away timestamptz
);

-- A clip that is new starts with the style that was used last, where its client has none of its own.
alter table style add column used_at timestamptz;

-- A style that says only how captions move is a motion, and stands in a strip of its own.
alter table style add column motion boolean not null default false;
