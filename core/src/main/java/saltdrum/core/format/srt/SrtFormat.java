package saltdrum.core.format.srt;

import java.util.List;
import java.util.Set;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.format.file.CaptionFile;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.format.file.CueReader;
import saltdrum.core.style.Style;

public final class SrtFormat extends CaptionFormat {
    public SrtFormat() {
        super("SRT", "SRT", List.of("srt"), Set.of(Keeps.LINES));
    }

    @Override
    public Seen seen(String head) {
        return head.lines().anyMatch(line -> CueReader.TIMES.matcher(line).matches()) ? Seen.PERHAPS : Seen.NOT;
    }

    @Override
    public CaptionFile read(String text) {
        return Srt.read(text);
    }

    @Override
    public String write(Track track, Style style, Size size) {
        return Srt.write(track);
    }
}
