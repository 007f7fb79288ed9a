-- Drawings that stand at words as emoji do; of their files only the shapes are kept. One put away still serves what uses it.
create table sticker (
    name text primary key,
    label text not null,
    layers jsonb not null,
    added_at timestamptz not null default now(),
    put_away timestamptz
);
