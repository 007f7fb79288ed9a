-- What a phone covers is a part of each frame: places in the safe area depend on it.
update track
set frame = jsonb_set(track.frame, '{zones}', zones)
from (
    select clip.id as clip_id, coalesce(own.zones, every.zones) as zones
    from clip
      left join house own on own.client_id = clip.client_id
      left join house every on every.client_id is null
) as housed
where zones is not null and (track.id = housed.clip_id or track.id like housed.clip_id || '-%');
