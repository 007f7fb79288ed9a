-- Looks and what became of them. Shipped ones are brought up to date when the server starts; tracks name them.
create table style (
    id bigint generated always as identity primary key,
    name text not null unique check (length(name) between 1 and 60),
    place int not null,
    shipped boolean not null
);

create table style_version (
    style_id bigint not null references style on delete cascade,
    version int not null check (version >= 1),
    style jsonb not null,
    made timestamptz not null default now(),
    primary key (style_id, version)
);
