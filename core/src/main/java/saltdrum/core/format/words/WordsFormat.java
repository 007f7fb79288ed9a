package saltdrum.core.format.words;

import java.util.List;
import java.util.Set;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.format.file.CaptionFile;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.style.Style;

public final class WordsFormat extends CaptionFormat {
    public WordsFormat() {
        super(
                "WORDS",
                "Words file",
                List.of("json"),
                Set.of(
                        Keeps.WORD_TIMES,
                        Keeps.LINES,
                        Keeps.EMPHASIS,
                        Keeps.VOICES,
                        Keeps.CERTAINTY,
                        Keeps.LOOKS,
                        Keeps.HEADLINES));
    }

    @Override
    public Seen seen(String head) {
        return head.stripLeading().startsWith("{") ? Seen.SURELY : Seen.NOT;
    }

    @Override
    public CaptionFile read(String text) {
        return WordsFile.read(text).toCaptions();
    }

    @Override
    public String write(Track track, Style style, Size size) {
        return WordsFile.of(track).write();
    }
}
