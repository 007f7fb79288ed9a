package saltdrum.server.store.track;

import java.time.OffsetDateTime;
import java.util.List;
import org.springframework.stereotype.Component;
import saltdrum.core.Json;
import saltdrum.core.cue.Track;
import saltdrum.core.delivery.WorkStep;
import saltdrum.core.merge.Change;
import saltdrum.server.store.StoredForms;

/** Inserts whole tracks: of a new clip, a copied one, or an imported package. */
@Component
public class TrackImport {
    private final TrackMapper mapper;
    private final TrackStore tracks;

    TrackImport(TrackMapper mapper, TrackStore tracks) {
        this.mapper = mapper;
        this.tracks = tracks;
    }

    /** A step of a history; {@code step} is null for those from before it was written. */
    public record Step(String said, Change change, WorkStep step, boolean undone, OffsetDateTime made) {}

    /** @param steps the oldest first */
    public record WithHistory(Track track, List<Step> steps) {
        public static WithHistory fresh(Track track) {
            return new WithHistory(track, List.of());
        }
    }

    /** A track and its history of one moment. */
    public WithHistory withHistory(String trackId) {
        while (true) {
            StoredTrack before = tracks.get(trackId);
            List<Step> steps = mapper.wholeHistory(trackId);
            if (tracks.get(trackId).version() == before.version()) {
                return new WithHistory(before.track(), steps);
            }
        }
    }

    /** The first is the clip's own, whose id is the clip's; the others are its translations. */
    public void bringIn(String clipId, List<WithHistory> whole) {
        for (int i = 0; i < whole.size(); i++) {
            Track track = whole.get(i).track();
            String id = i == 0 ? clipId : TrackStore.translationId(clipId, track.language());
            mapper.add(id, clipId, i > 0, TrackRows.row(id, 0, track));
            if (!track.cues().isEmpty()) {
                String cues = Json.write(track.cues());
                mapper.addCues(id, 0, cues);
                mapper.addWords(id, cues);
            }
            long seq = 1;
            for (Step step : whole.get(i).steps()) {
                mapper.bringInStep(id, seq++, step, StoredForms.CHANGE.write(step.change()));
            }
        }
    }

    /** The first track and all translations, as they are now, for another clip. */
    public void copy(String clipId, String toClipId) {
        mapper.copyTracks(clipId, toClipId);
        mapper.copyCues(clipId, toClipId);
        mapper.copyWords(clipId, toClipId);
        mapper.copyReadings(clipId, toClipId);
    }
}
