package saltdrum.core.cue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.core.Json;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/** Breaks of the recipes against a text that was broken by hand. */
class HandBrokenTextTest {
    private static final int WORD_MS = 300;
    private static final int PAUSE_MS = 420;

    private static final List<Word> WORDS = new ArrayList<>();
    /** Ids of words before which a break is good, and bad. */
    private static final Set<Long> GOOD = new HashSet<>();

    private static final Set<Long> BAD = new TreeSet<>();

    @BeforeAll
    static void read() {
        int ms = 0;
        int lines = 0;
        for (String line :
                Json.resource(HandBrokenTextTest.class, "broken-by-hand.txt").split("\n")) {
            if (line.startsWith("#")) {
                continue;
            }
            lines++;
            String[] phrases = line.split(" / ");
            for (int p = 0; p < phrases.length; p++) {
                if (p > 0) {
                    GOOD.add(WORDS.size() + 1L);
                }
                for (String tied : phrases[p].split(" ")) {
                    String[] parts = tied.split("_");
                    for (int i = 0; i < parts.length; i++) {
                        long id = WORDS.size() + 1L;
                        if (i > 0) {
                            BAD.add(id);
                        }
                        WORDS.add(Word.of(id, parts[i], ms, ms + WORD_MS, WordSource.ALIGNED));
                        ms += WORD_MS;
                    }
                }
            }
            ms += PAUSE_MS;
        }
        assertThat(lines).isEqualTo(200);
    }

    @ParameterizedTest
    @ValueSource(strings = {"phrase", "two lines", "phrase,lineCharacters=26", "two lines,lineCharacters=24"})
    void noBreakIsBad(String recipe) {
        assertThat(breaks(Recipe.parse(recipe)).stream().filter(BAD::contains).map(HandBrokenTextTest::around))
                .isEmpty();
    }

    @Test
    void nearlyAllGoodBreaksAreReachable() {
        Set<Long> reached = new HashSet<>();
        for (int characters = 8; characters <= 26; characters += 2) {
            for (int lines = 1; lines <= 2; lines++) {
                reached.addAll(breaks(Recipe.parse("phrase,lineCharacters=" + characters + ",lines=" + lines)));
            }
        }
        long there = GOOD.stream().filter(reached::contains).count();
        assertThat(there).as("of %d", GOOD.size()).isGreaterThanOrEqualTo((long) Math.ceil(0.9 * GOOD.size()));
    }

    /** Ids of all words that begin a cue or a line, but for the first. */
    private static Set<Long> breaks(Recipe recipe) {
        Set<Long> breaks = new TreeSet<>();
        for (Cue cue : Breaker.cues(WORDS, recipe, "en", new Ids(10_000))) {
            breaks.add(cue.words().get(0).id());
            cue.lineStarts().forEach(start -> breaks.add(cue.words().get(start).id()));
        }
        breaks.remove(1L);
        return breaks;
    }

    private static String around(long id) {
        int at = (int) id - 1;
        return at + ": " + WORDS.get(at - 1).text() + " | " + WORDS.get(at).text();
    }
}
