package saltdrum.core.format;

import java.util.List;
import java.util.Set;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.style.Style;
import saltdrum.core.word.Word;

final class AssFormat extends CaptionFormat {
    AssFormat() {
        super("ASS", "ASS", List.of("ass", "ssa"), Set.of(Keeps.WORD_TIMES, Keeps.LINES, Keeps.EMPHASIS));
    }

    @Override
    Seen seen(String head) {
        return head.contains("[Script Info]") || head.contains("Dialogue:") ? Seen.SURELY : Seen.NOT;
    }

    @Override
    CaptionFile read(String text) {
        return Ass.read(text);
    }

    @Override
    public String write(Track track, Style style, Size size) {
        return Ass.write(track, style, size);
    }

    @Override
    void losesOfTimes(List<Word> words, List<String> lost) {
        if (words.stream().anyMatch(w -> w.startMs() % 10 != 0 || w.endMs() % 10 != 0)) {
            lost.add("times finer than a hundredth of a second");
        }
    }

    @Override
    String losesOfLook() {
        return "the style's motion: the look is a basic one";
    }
}
