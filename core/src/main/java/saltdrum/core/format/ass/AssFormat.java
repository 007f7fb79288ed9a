package saltdrum.core.format.ass;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.format.file.CaptionFile;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.format.file.FontHeights;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.Style;
import saltdrum.core.word.Word;

public final class AssFormat extends CaptionFormat {
    public AssFormat() {
        super(
                "ASS",
                "ASS",
                List.of("ass", "ssa"),
                Set.of(Keeps.WORD_TIMES, Keeps.SPEAKERS, Keeps.LINES, Keeps.EMPHASIS, Keeps.VOICES, Keeps.LOOKS));
    }

    @Override
    public Seen seen(String head) {
        return head.contains("[Script Info]") || head.contains("Dialogue:") ? Seen.SURELY : Seen.NOT;
    }

    @Override
    public CaptionFile read(String text) {
        return Ass.read(text);
    }

    @Override
    public String write(Track track, Style style, Size size) {
        return write(track, style, size, FontHeights.EM);
    }

    @Override
    public String write(Track track, Style style, Size size, FontHeights heights) {
        return Ass.write(track, style, size, heights);
    }

    @Override
    protected void losesOfTimes(List<Word> words, List<String> lost) {
        if (words.stream().anyMatch(w -> w.startMs() % 10 != 0 || w.endMs() % 10 != 0)) {
            lost.add("times finer than a hundredth of a second");
        }
    }

    @Override
    protected List<String> losesOfLook(Track track, Style style) {
        List<String> lost = new ArrayList<>();
        lost.add("motion");
        if (style == null) {
            return lost;
        }
        Cascade cascade = new Cascade(style, track.styling());
        Stream.concat(Stream.of(cascade.ofTrack()), track.cues().stream().flatMap(cue -> cue.words().stream()
                        .map(word -> cascade.ofWord(cue, word))))
                .distinct()
                .flatMap(look -> AssLook.lost(look).stream())
                .distinct()
                .forEach(lost::add);
        return lost;
    }
}
