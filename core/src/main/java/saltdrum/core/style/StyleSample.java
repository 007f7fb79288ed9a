package saltdrum.core.style;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/** One short cue that shows a style at work: a clip's own words, or ours before it has any. */
public final class StyleSample {
    private static final int START_MS = 250;
    private static final int MOST_WORDS = 4;

    private StyleSample() {}

    /** @param cueId the cue to take; another with a few words when it is not there */
    public static Track of(List<Cue> cues, long cueId, String language) {
        Cue chosen = cues.stream()
                .filter(cue -> cue.id() == cueId)
                .findFirst()
                .or(() -> cues.stream().filter(cue -> cue.words().size() >= 3).findFirst())
                .or(() -> cues.stream().findFirst())
                .orElseGet(StyleSample::ours);
        List<Word> words =
                chosen.words().subList(0, Math.min(MOST_WORDS, chosen.words().size()));
        int shift = START_MS - words.get(0).startMs();
        Word strong = words.stream()
                .filter(word -> word.emphasis() > 0)
                .findFirst()
                .orElseGet(() -> words.stream()
                        .max(Comparator.comparingInt(word -> word.text().length()))
                        .orElseThrow());
        List<Word> shown = new ArrayList<>();
        for (Word word : words) {
            Word moved =
                    word.withTime(word.startMs() + shift, word.endMs() + shift).withPin(Pin.TOGETHER);
            shown.add(word == strong ? moved.withEmphasis(1) : moved);
        }
        return new Track(
                language,
                Recipe.TWO_LINES,
                "sample",
                Frame.OWN,
                List.of(new Cue(1, shown, List.of(), false)),
                shown.size() + 100L);
    }

    private static Cue ours() {
        return new Cue(
                1,
                List.of(
                        Word.of(2, "Salt", 0, 350, WordSource.TYPED),
                        Word.of(3, "and", 350, 550, WordSource.TYPED),
                        Word.of(4, "drum", 550, 1000, WordSource.TYPED)),
                List.of(),
                false);
    }
}
