package saltdrum.core.format.plain;

import java.util.List;
import java.util.Set;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.format.file.CaptionFile;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.style.Style;

public final class TextFormat extends CaptionFormat {
    public TextFormat() {
        super("TEXT", "Plain text with times", List.of("txt"), Set.of());
    }

    @Override
    public Seen seen(String head) {
        return Seen.NOT;
    }

    @Override
    public CaptionFile read(String text) {
        return PlainText.read(text);
    }

    @Override
    public String write(Track track, Style style, Size size) {
        return PlainText.write(track);
    }
}
