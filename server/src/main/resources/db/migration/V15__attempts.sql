-- A job that is done again, because nobody heard of whoever did it, is another attempt; what an earlier one still writes
-- changes nothing.
alter table job add column attempt int not null default 0 check (attempt >= 0);
