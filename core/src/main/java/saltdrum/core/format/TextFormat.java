package saltdrum.core.format;

import java.util.List;
import java.util.Set;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.style.Style;

final class TextFormat extends CaptionFormat {
    TextFormat() {
        super("TEXT", "Plain text with times", List.of("txt"), Set.of());
    }

    @Override
    Seen seen(String head) {
        return Seen.NOT;
    }

    @Override
    CaptionFile read(String text) {
        return PlainText.read(text);
    }

    @Override
    public String write(Track track, Style style, Size size) {
        return PlainText.write(track);
    }
}
