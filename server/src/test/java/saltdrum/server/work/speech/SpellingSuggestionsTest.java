package saltdrum.server.work.speech;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import saltdrum.server.Patience;

/** A clip with hundreds of names was looked at for ten seconds, at every change again. */
class SpellingSuggestionsTest {
    private final SpellingSuggestions likely = new SpellingSuggestions(new Dictionaries());

    @AfterEach
    void stop() {
        likely.stop();
    }

    @Test
    void aFewAreFoundAtOnce() {
        SpellingSuggestions.Look look = likely.look("en");
        assertThat(look.of("oarlok")).contains("oarlock").hasSizeLessThanOrEqualTo(2);
        assertThat(look.unfinished()).isFalse();
    }

    @Test
    void manyAreLookedUpAsideAndAreThereLater() {
        List<String> words = IntStream.range(0, SpellingSuggestions.MOST_AWAITED + 20)
                .mapToObj(i -> "harbor" + (char) ('a' + i % 26) + (char) ('a' + i / 26))
                .toList();
        SpellingSuggestions.Look first = likely.look("en");
        words.forEach(first::of);
        assertThat(first.unfinished()).isTrue();
        assertThat(first.of("oarlok")).as("behind the others").isEmpty();

        Patience.await("all of them").until(() -> {
            SpellingSuggestions.Look next = likely.look("en");
            // The few that a look would wait for are known by now, or are found here.
            words.forEach(next::of);
            return !next.unfinished();
        });
        assertThat(likely.look("en").of("oarlok")).contains("oarlock");
    }

    @Test
    void aLanguageWithoutADictionaryHasNone() {
        assertThat(likely.look("tlh").of("oarlok")).isEmpty();
    }
}
