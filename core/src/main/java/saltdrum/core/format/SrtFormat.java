package saltdrum.core.format;

import java.util.List;
import java.util.Set;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.style.Style;

final class SrtFormat extends CaptionFormat {
    SrtFormat() {
        super("SRT", "SRT", List.of("srt"), Set.of(Keeps.LINES));
    }

    @Override
    Seen seen(String head) {
        return head.lines().anyMatch(line -> CueReader.TIMES.matcher(line).matches()) ? Seen.PERHAPS : Seen.NOT;
    }

    @Override
    CaptionFile read(String text) {
        return Srt.read(text);
    }

    @Override
    public String write(Track track, Style style, Size size) {
        return Srt.write(track);
    }
}
