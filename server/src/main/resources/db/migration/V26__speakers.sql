-- Who says a word: 1 for the track's first speaker; 0 where nobody is named.
alter table word add column speaker smallint not null default 0;
