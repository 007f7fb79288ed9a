-- Browsers in which somebody has signed in: there a person is not kept waiting because others guess.
create table known_browser (
    token_hash text primary key,
    person_id bigint not null references person on delete cascade,
    created timestamptz not null default now()
);
create index known_browser_of on known_browser (person_id);

-- Who goes takes the links along that they made; those from before have a name only.
alter table invitation add column invited_by_id bigint references person on delete cascade;

-- Whether who wrote was signed in: a stranger can sign with any name.
alter table remark add column member boolean not null default false;
