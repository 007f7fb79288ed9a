package saltdrum.core.format.webvtt;

import java.util.List;
import java.util.Set;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.format.file.CaptionFile;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.style.Style;

public final class WebVttFormat extends CaptionFormat {
    public WebVttFormat() {
        super(
                "WEBVTT",
                "WebVTT",
                List.of("vtt"),
                Set.of(Keeps.WORD_TIMES, Keeps.SPEAKERS, Keeps.LINES, Keeps.EMPHASIS, Keeps.PLACES));
    }

    @Override
    public Seen seen(String head) {
        return head.stripLeading().startsWith("WEBVTT") ? Seen.SURELY : Seen.NOT;
    }

    @Override
    public CaptionFile read(String text) {
        return WebVtt.read(text);
    }

    @Override
    public String write(Track track, Style style, Size size) {
        return WebVtt.write(track);
    }
}
