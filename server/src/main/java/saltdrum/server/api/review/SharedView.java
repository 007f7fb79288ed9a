package saltdrum.server.api.review;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Scripts;
import saltdrum.core.word.Word;
import saltdrum.server.store.review.RemarkRow;
import saltdrum.server.store.review.ReviewRow;

/**
 * The view of a client with a review link: no ids and names except those needed.
 *
 * @param size of the finished picture
 * @param cues that are shown
 * @param by name of the person who shared it
 * @param me name of the viewer; missing if not signed in, who gives it with the first remark
 * @param verdict the newest verdict on the shown version
 */
public record SharedView(
        String clip,
        @MayBeMissing String client,
        ReviewRow.Shows shows,
        int round,
        String note,
        @MayBeMissing String by,
        @MayBeMissing String me,
        String shown,
        String expires,
        long durationMs,
        double frameRate,
        Size size,
        List<SharedCue> cues,
        @MayBeMissing RemarkRow.Kind verdict,
        List<ReviewView.RemarkView> remarks) {

    record SharedCue(int showMs, int hideMs, boolean rightToLeft, List<SharedWord> words) {}

    /** @param spaced whether a space precedes it */
    record SharedWord(long id, String text, int startMs, int endMs, boolean spaced) {}

    static List<SharedCue> cues(Track track) {
        List<CueTime> times = CueTime.of(track);
        List<SharedCue> shared = new ArrayList<>(times.size());
        for (int i = 0; i < times.size(); i++) {
            Cue cue = track.cues().get(i);
            shared.add(new SharedCue(
                    times.get(i).showMs(), times.get(i).hideMs(), Scripts.rightToLeft(cue.text()), words(cue)));
        }
        return shared;
    }

    private static List<SharedWord> words(Cue cue) {
        List<SharedWord> shared = new ArrayList<>();
        for (Word word : cue.words()) {
            boolean spaced = !shared.isEmpty()
                    && Scripts.spaced(shared.get(shared.size() - 1).text(), word.text());
            shared.add(new SharedWord(word.id(), word.text(), word.startMs(), word.endMs(), spaced));
        }
        return shared;
    }
}
