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
