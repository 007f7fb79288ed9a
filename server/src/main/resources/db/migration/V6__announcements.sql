-- What changed is said here, once for whoever changed it, and heard when the change is there to be read.

create function announce(what json) returns void language sql as
$$ select pg_notify('salt_drum', what::text) $$;

create function announce_track() returns trigger language plpgsql as $$
begin
    perform announce(case when new.translation
        then json_build_object('what', 'translation', 'clipId', new.clip_id, 'language', new.language, 'version', new.version)
        else json_build_object('what', 'track', 'clipId', new.clip_id, 'version', new.version) end);
    return null;
end $$;

create trigger track_changed after update on track
    for each row when (old.version is distinct from new.version) execute function announce_track();

create function announce_clip() returns trigger language plpgsql as $$
begin
    perform announce(json_build_object('what', 'clip', 'clipId', case when tg_op = 'DELETE' then old.id else new.id end));
    return null;
end $$;

create trigger clip_came_or_went after insert or delete on clip for each row execute function announce_clip();

create trigger clip_changed after update on clip
    for each row when (
        (old.name, old.proxy_hash, old.poster_hash, old.peaks_hash, old.sound, old.client_id)
            is distinct from (new.name, new.proxy_hash, new.poster_hash, new.peaks_hash, new.sound, new.client_id))
    execute function announce_clip();

create function announce_translation() returns trigger language plpgsql as $$
begin
    perform announce(json_build_object('what', 'clip', 'clipId',
        case when tg_op = 'DELETE' then old.clip_id else new.clip_id end));
    return null;
end $$;

create trigger translation_came after insert on track
    for each row when (new.translation) execute function announce_translation();

create trigger translation_went after delete on track
    for each row when (old.translation) execute function announce_translation();

create function announce_job() returns trigger language plpgsql as $$
begin
    perform announce(case when tg_op = 'DELETE'
        then json_build_object('what', 'job', 'clipId', old.clip_id, 'jobId', old.id)
        else json_build_object('what', 'job', 'clipId', new.clip_id, 'jobId', new.id) end);
    return null;
end $$;

create trigger job_changed after insert or update or delete on job for each row execute function announce_job();

-- Looked up by the clip they are of.
create index if not exists track_of_clip on track (clip_id);
