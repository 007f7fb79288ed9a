package saltdrum.core.format.ttml;

import java.util.List;
import java.util.Set;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.format.file.CaptionFile;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.style.Style;

public final class TtmlFormat extends CaptionFormat {
    public TtmlFormat() {
        super(
                "TTML",
                "TTML (IMSC 1.1 text)",
                List.of("ttml", "imsc", "xml"),
                Set.of(Keeps.WORD_TIMES, Keeps.SPEAKERS, Keeps.LINES, Keeps.EMPHASIS, Keeps.PLACES));
    }

    @Override
    public Seen seen(String head) {
        return head.stripLeading().startsWith("<") && head.contains("<tt") || head.contains(":tt ")
                ? Seen.SURELY
                : Seen.NOT;
    }

    @Override
    public CaptionFile read(String text) {
        return Ttml.read(text);
    }

    @Override
    public String write(Track track, Style style, Size size) {
        return Ttml.write(track);
    }

    @Override
    protected void losesOfPlaces(Track track, List<String> lost) {
        if (track.cues().stream().anyMatch(cue -> placed(cue) && Ttml.region(cue) == null)) {
            lost.add("the WebVTT cue settings that no region can express: lines by number, vertical text");
        }
    }
}
