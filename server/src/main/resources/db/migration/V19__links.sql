-- A review link is found by the hash of what stands in it. So that it can be shown again, that stands here too, sealed with a
-- key that backups leave out: who has a backup has no link.
alter table review add column token_hash text unique;
alter table review add column sealed bytea;
alter table review alter column token drop not null;
update review set token_hash = encode(sha256(convert_to(token, 'UTF8')), 'hex');
alter table review alter column token_hash set not null;

create table link_key (
    one boolean primary key default true check (one),
    key bytea not null
);
