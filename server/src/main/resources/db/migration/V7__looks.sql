-- What tracks, cues and words have otherwise than their style.
alter table track add column styling jsonb;
alter table cue add column look jsonb;
alter table word add column look jsonb;

-- A style that got another name is still found by the old one; one that was put away is still found by tracks that use it.
alter table style add column former_names text[] not null default '{}', add column put_away timestamptz;
alter table style alter column shipped set default false;

-- New clips of a client start with this style.
alter table client add column style_id bigint references style on delete set null;
