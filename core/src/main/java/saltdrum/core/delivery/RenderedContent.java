package saltdrum.core.delivery;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import saltdrum.core.Json;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Track;
import saltdrum.core.look.LookPatch;
import saltdrum.core.look.Styling;
import saltdrum.core.word.Word;

/**
 * What of a track is to be seen in a video of it. Locks, confirmed words, dismissed findings and what holds a break in
 * its place are not. Hashes are only compared with one another: after a version of the application that hashes
 * otherwise, a track counts as changed until its version says that it is not.
 */
public final class RenderedContent {
    private RenderedContent() {}

    private record ShownWord(String text, int startMs, int endMs, int emphasis, LookPatch look) {}

    private record ShownCue(CueTime time, List<ShownWord> words, List<Integer> lineStarts, LookPatch look) {}

    private record Shown(
            String language,
            String style,
            Styling styling,
            Frame frame,
            List<Headline> headlines,
            List<ShownCue> cues) {}

    /** Hexadecimal SHA-256; the same for tracks of which the same video would be made. */
    public static String hash(Track track) {
        List<CueTime> times = CueTime.of(track);
        List<ShownCue> cues = new ArrayList<>();
        for (int i = 0; i < times.size(); i++) {
            Cue cue = track.cues().get(i);
            cues.add(new ShownCue(
                    times.get(i),
                    cue.words().stream().map(RenderedContent::shown).toList(),
                    cue.lineStarts(),
                    cue.look()));
        }
        Shown shown = new Shown(
                track.language(),
                track.style(),
                track.styling(),
                track.frame(),
                track.beside().headlines(),
                cues);
        try {
            byte[] json = Json.write(shown).getBytes(StandardCharsets.UTF_8);
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(json));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    private static ShownWord shown(Word word) {
        return new ShownWord(word.text(), word.startMs(), word.endMs(), word.emphasis(), word.look());
    }
}
