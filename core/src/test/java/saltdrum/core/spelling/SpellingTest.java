package saltdrum.core.spelling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.core.BadInputException;

class SpellingTest {
    private static final Spelling ENGLISH = Spelling.english();

    @ParameterizedTest
    @ValueSource(
            strings = {
                "varnish",
                "Friday.",
                "FRIDAY",
                "“boats”",
                "don’t",
                "half-finished",
                "11:40",
                "$3.50",
                "#harbour",
                "@tern",
                "…",
                "&",
                "coats,",
                "sanding",
                "harbour",
                "harbor",
                "colour"
            })
    void rightWords(String word) {
        assertThat(ENGLISH.right(word, Set.of())).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"varnsih", "Firday.", "half-finihsed", "Skarholm"})
    void wrongWords(String word) {
        assertThat(ENGLISH.right(word, Set.of())).isFalse();
    }

    @Test
    void theGlossaryIsRight() {
        Set<String> glossary = Spelling.words(List.of("Skarholm", "Tern & Tiller", "Thorvald Nørby"));
        assertThat(glossary).contains("skarholm", "tiller", "nørby");
        assertThat(ENGLISH.right("Skarholm’s", glossary)).isTrue();
        assertThat(ENGLISH.right("Nørby,", glossary)).isTrue();
    }

    @Test
    void suggestsWhatWasMeant() {
        assertThat(ENGLISH.suggestions("varnsih,")).contains("varnish").hasSizeLessThanOrEqualTo(5);
    }

    /** The search itself cannot bear it. */
    @Test
    void nothingIsSuggestedForWhatHasNoLetters() {
        assertThat(ENGLISH.suggestions("👨‍👩‍👧‍👦")).isEmpty();
        assertThat(ENGLISH.suggestions("…")).isEmpty();
        assertThat(ENGLISH.suggestions("")).isEmpty();
    }

    @Test
    void aDictionaryThatCannotBeReadIsSaidSo() {
        assertThatThrownBy(() -> new Spelling(
                        new ByteArrayInputStream("SET nonsense-8".getBytes(StandardCharsets.UTF_8)),
                        new ByteArrayInputStream("x".getBytes(StandardCharsets.UTF_8))))
                .isInstanceOf(BadInputException.class);
    }
}
