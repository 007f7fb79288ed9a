-- Hash of what a video of the track would show; null until the track changes. Of the job: as it was when it was ordered.
alter table track add column content text;
alter table job add column content text;
