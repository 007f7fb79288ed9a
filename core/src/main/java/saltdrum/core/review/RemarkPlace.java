package saltdrum.core.review;

import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Word;

/**
 * The place of a remark in the present track.
 *
 * @param cueId 0 if the track has no cue
 * @param ms of the clip
 */
public record RemarkPlace(long cueId, int ms) {
    /**
     * At its word as long as that is there, else at the cue that is or was last read at its moment, or the first.
     *
     * @param wordId null for a remark at no word of this track
     */
    public static RemarkPlace of(Track track, Long wordId, int atMs) {
        for (Cue cue : wordId == null ? List.<Cue>of() : track.cues()) {
            for (Word word : cue.words()) {
                if (word.id() == wordId) {
                    return new RemarkPlace(cue.id(), word.startMs());
                }
            }
        }
        List<CueTime> times = CueTime.of(track);
        int at = 0;
        for (int i = 0; i < times.size() && times.get(i).showMs() <= atMs; i++) {
            at = i;
        }
        return new RemarkPlace(track.cues().isEmpty() ? 0 : track.cues().get(at).id(), atMs);
    }
}
