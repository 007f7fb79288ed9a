-- Versions count from 0 in every track: one that is made again under the same id, or brought back from a backup, is told
-- from the one before by this.
alter table track add column incarnation uuid not null default gen_random_uuid();
