package saltdrum.speech.script;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.speech.placing.SpeechResult;
import saltdrum.speech.placing.SpeechResult.Unscripted;

/** Words of 300 ms each, 400 ms apart; a leading “?” marks one that the aligner did not find. */
class DifferencesTest {
    private static List<Word> words(String text, WordSource source) {
        List<Word> words = new ArrayList<>();
        for (String token : text.split(" ")) {
            boolean lost = token.startsWith("?");
            int start = words.size() * 400;
            words.add(new Word(
                    words.size() + 1L,
                    lost ? token.substring(1) : token,
                    start,
                    start + 300,
                    lost ? 0.1 : 1,
                    lost ? WordSource.NOT_FOUND : source,
                    0,
                    Pin.FREE));
        }
        return words;
    }

    private static SpeechResult settled(String script, String heard, Unscripted... other) {
        SpeechResult placed = new SpeechResult(words(script, WordSource.ALIGNED), List.of(), List.of(other));
        return new Differences(placed, words(heard, WordSource.RECOGNISED)).settled();
    }

    private static List<String> notSaid(SpeechResult result) {
        return result.words().stream()
                .filter(word -> word.source() == WordSource.NOT_FOUND)
                .map(Word::text)
                .toList();
    }

    @Test
    void whatNeitherHeardWasNotSaid() {
        assertThat(notSaid(settled("row ?quickly the boat", "row the boat"))).containsExactly("quickly");
    }

    /** “gently the” sounds so much like “gently” that it was taken for heard. */
    @Test
    void aSmallWordIsNotLostInItsNeighbour() {
        assertThat(notSaid(settled("touch one gently ?the ?old and it clamps", "touch one gently and it clamps")))
                .containsExactly("the", "old");
        assertThat(notSaid(settled("under a tarpaulin ?to for twenty years", "under a tarpaulin for twenty years")))
                .containsExactly("to");
    }

    /** A word with an apostrophe had no sound at all, and so was like nothing said. */
    @Test
    void aWordWithAnApostropheIsHeardLikeAnyOther() {
        assertThat(notSaid(settled("to October, ?won't ?hear whatever", "to October, whatever")))
                .containsExactly("won't", "hear");
        assertThat(notSaid(settled("they ?won’t hear", "they won't hear"))).isEmpty();
    }

    /** In the demo's own clip “dives” was reported as speech that the script lacks. */
    @Test
    void wordsThatWereFoundAndMisheardAreNoOtherSpeech() {
        Unscripted within = new Unscripted(1000, 1300, "");
        assertThat(settled("a boat forgives you once", "a boat for dives you once", within)
                        .unscripted())
                .isEmpty();
        assertThat(settled("a boat is you once", "a boat rope and tar you once", within)
                        .unscripted())
                .hasSize(1);
    }

    @Test
    void whatTheRecogniserHeardWasSaidAfterAll() {
        SpeechResult result = settled("row ?out the boat", "row out the boat");
        assertThat(notSaid(result)).isEmpty();
        assertThat(result.words().get(1).unsure()).isFalse();
    }

    @Test
    void aMishearingAloneFlagsNothing() {
        assertThat(notSaid(settled("the gulls walked home", "the gazebo home"))).isEmpty();
        assertThat(settled("row the boat", "row the boat mode").unscripted()).isEmpty();
    }

    @Test
    void otherSpeechHoldsWhereWordsWereHeardInIt() {
        Unscripted piece = new Unscripted(800, 1500, "");
        assertThat(settled("row the", "row the little boat", piece).unscripted())
                .containsExactly(new Unscripted(800, 1500, "little boat"));
        assertThat(settled("row the", "row the", piece).unscripted())
                .as("noise that the aligner takes for speech")
                .isEmpty();
    }

    @Test
    void figuresAndCompoundsAreHeardAsTheyAreSaid() {
        assertThat(notSaid(settled("about ?25 boats", "about twenty five boats")))
                .isEmpty();
        assertThat(notSaid(settled("the ?boathouse burns", "the boat house burns")))
                .isEmpty();
        assertThat(notSaid(settled("?Skarholm", "scar home"))).isEmpty();
    }

    @Test
    void ofTwoPlacesForAWordTheNearerInTimeIsIt() {
        SpeechResult result = settled("the ?the boat", "the boat");
        assertThat(result.words().get(0).source()).isEqualTo(WordSource.ALIGNED);
        assertThat(result.words().get(1).source()).isEqualTo(WordSource.NOT_FOUND);
    }
}
