-- What is done with a client's clips when they come in; the row without a client is the workshop's.
alter table house add column draft jsonb;

-- Of the open findings of that version, how many are words that the recogniser is not sure of.
alter table track add column looked_unsure int check (looked_unsure >= 0);
