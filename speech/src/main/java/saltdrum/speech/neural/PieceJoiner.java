package saltdrum.speech.neural;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import saltdrum.core.word.Tokens;
import saltdrum.speech.recognise.HeardWord;
import saltdrum.speech.recognise.Term;

/**
 * Joins pieces. Each begins with a capital and ends with a stop, even in the middle of a sentence: where the voice goes on
 * without a pause these are taken back.
 */
final class PieceJoiner {
    /** Speech pauses longer between sentences. Common practice, no source. */
    private static final int PAUSE_MS = 280;

    /**
     * English words that are written in lower case inside a sentence; anything else at the start of a piece may be a
     * name.
     */
    private static final Set<String> SMALL = Set.of(
            ("a an the and or but so nor yet if then than that this these those there here of to in on at for with from by"
                            + " as about into over under after before because until while where when what which who whose how"
                            + " why he she it we you they him her them us me my your his its our their is are was were be been"
                            + " am do does did has have had will would can could shall should may might must not no just only"
                            + " also very too more most much many some any all each every both few other another one two three"
                            + " four five six seven eight nine ten up down out off again even still like make made take took"
                            + " put get got go going come came let see say said keep use turn look want need know think")
                    .split(" "));

    private final List<HeardWord> words = new ArrayList<>();
    private final Set<String> names = new HashSet<>();

    PieceJoiner(List<Term> terms) {
        terms.forEach(term -> Tokens.split(term.written()).forEach(word -> names.add(Tokens.normalised(word))));
    }

    /** @param piece words with times of the whole sound */
    void add(List<HeardWord> piece) {
        List<HeardWord> added = new ArrayList<>();
        int floor = words.isEmpty() ? 0 : last().word().endMs();
        for (HeardWord heard : piece) {
            int start = Math.max(floor, heard.word().startMs());
            int end = Math.max(start + 1, heard.word().endMs());
            added.add(new HeardWord(
                    heard.word().withId(words.size() + added.size() + 1L).withTime(start, end), heard.readings()));
            floor = end;
        }
        boolean goesOn = !words.isEmpty()
                && !added.isEmpty()
                && added.get(0).word().startMs() - last().word().endMs() < PAUSE_MS;
        if (goesOn) {
            boolean small = SMALL.contains(Tokens.normalised(added.get(0).word().text()))
                    && !names.contains(Tokens.normalised(added.get(0).word().text()));
            String text = last().word().text();
            if (small && text.matches(".*[\\p{L}\\p{N}]\\.")) {
                words.set(words.size() - 1, rewritten(last(), text.substring(0, text.length() - 1)));
            }
            if (small && !last().word().text().matches(".*[.!?…]")) {
                String first = added.get(0).word().text();
                int head = first.offsetByCodePoints(0, 1);
                added.set(
                        0,
                        rewritten(
                                added.get(0),
                                first.substring(0, head).toLowerCase(Locale.ROOT) + first.substring(head)));
            }
        }
        words.addAll(added);
    }

    private HeardWord last() {
        return words.get(words.size() - 1);
    }

    private static HeardWord rewritten(HeardWord heard, String text) {
        return new HeardWord(heard.word().rewritten(text), heard.readings());
    }

    List<HeardWord> words() {
        return List.copyOf(words);
    }
}
