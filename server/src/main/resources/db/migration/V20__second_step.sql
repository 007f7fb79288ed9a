-- A second step at the door: codes by the clock (RFC 6238). The time step of the last code that was taken, so that none is good twice.
alter table person add column code_secret bytea;
alter table person add column code_step bigint not null default 0;

-- Codes for who has lost what makes the others; each is good once. Only their SHA-256 is kept.
create table recovery_code (
    person_id bigint not null references person on delete cascade,
    hash text not null,
    primary key (person_id, hash)
);

alter table workshop add column second_step boolean not null default false;

-- Who did what. Names as they were then: it says more than the rows it tells of.
create table audit_entry (
    id bigint generated always as identity primary key,
    made timestamptz not null default now(),
    person_id bigint,
    person text,
    did text not null,
    about text not null default ''
);
create index audit_entry_made on audit_entry (made);
