package saltdrum.core.format;

import java.util.List;
import java.util.Set;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.style.Style;

final class WebVttFormat extends CaptionFormat {
    WebVttFormat() {
        super("WEBVTT", "WebVTT", List.of("vtt"), Set.of(Keeps.WORD_TIMES, Keeps.LINES, Keeps.EMPHASIS, Keeps.PLACES));
    }

    @Override
    Seen seen(String head) {
        return head.stripLeading().startsWith("WEBVTT") ? Seen.SURELY : Seen.NOT;
    }

    @Override
    CaptionFile read(String text) {
        return WebVtt.read(text);
    }

    @Override
    public String write(Track track, Style style, Size size) {
        return WebVtt.write(track);
    }
}
