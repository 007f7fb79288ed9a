-- A file of the media store that no other store has: a server that sees another store finds it missing.
create table media_store (
    one boolean primary key default true check (one),
    hash text not null references media_file
);
