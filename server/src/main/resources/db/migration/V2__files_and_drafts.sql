-- What a hand or a caption file gave to a cue, and what a track holds beside its cues.
alter table cue
    add column show_ms int check (show_ms >= 0),
    add column hide_ms int check (hide_ms > 0),
    add column settings text check (length(settings) <= 1000);

alter table track
    add column beside jsonb not null default '{}';

alter table clip
    add column sound text not null default '0' check (sound ~ '^[0-9]{1,2}(:[0-9]{1,2})?$'),
    add column speech_hash char(64) references media_file;

alter table word drop constraint word_source_check;
alter table word add constraint word_source_check
    check (source in ('RECOGNISED', 'ALIGNED', 'ESTIMATED', 'IMPORTED', 'TYPED', 'CONFIRMED', 'NOT_FOUND'));

-- Names and trade terms that speech recognition and checks are to know.
create table glossary_term (
    id bigint generated always as identity primary key,
    term text not null check (length(term) between 1 and 80),
    say_as text check (length(say_as) between 1 and 120),
    created timestamptz not null default now()
);
create unique index glossary_term_once on glossary_term (lower(term));
