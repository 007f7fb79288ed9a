package saltdrum.speech.neural;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Against llama-tokenizer-js 1.2.2, whose vocabulary it is: its encode() gave the numbers below. */
class VocabularyTest {
    private static final Vocabulary VOCABULARY =
            new Vocabulary(Path.of(System.getProperty(ModelShelf.PROPERTY)).resolve("en/vocabulary.json"));

    @Test
    void aPhraseIsCutIntoTheTokenizersOwnPieces() {
        assertThat(VOCABULARY.tokens("Gannet Point")).containsExactly(402, 812, 300, 8984);
        assertThat(VOCABULARY.tokens("rowlocks")).containsExactly(1948, 908, 29879);
        assertThat(VOCABULARY.tokens("clinker")).containsExactly(1067, 682, 261);
        assertThat(VOCABULARY.tokens("Halvorsen")).containsExactly(8142, 29894, 943, 264);
        assertThat(VOCABULARY.tokens("harbour")).containsExactly(4023, 6526);
    }

    @Test
    void tokensGiveTheirTextAgain() {
        for (String phrase : List.of("Gannet Point", "rowlocks", "l’été", "Übersee", "潮の満ち引き", "🚣 row")) {
            List<Integer> tokens = new ArrayList<>(VOCABULARY.tokens(phrase));
            if (!tokens.isEmpty()) {
                assertThat(VOCABULARY.text(tokens).text().strip()).isEqualTo(phrase);
            }
        }
    }

    @Test
    void bytesThatNoPieceHoldsAreJoined() {
        // <0xF0> <0x9F> <0x9A> <0xA3> is a rowing boat; byte b has the id b + 3.
        assertThat(VOCABULARY
                        .text(List.of(0xF0 + 3, 0x9F + 3, 0x9A + 3, 0xA3 + 3))
                        .text())
                .isEqualTo("🚣");
    }

    @Test
    void stopsAndCommasAreNotWords() {
        int stop = VOCABULARY.tokens("boat.").get(VOCABULARY.tokens("boat.").size() - 1);
        assertThat(VOCABULARY.piece(stop)).isEqualTo(".");
        assertThat(VOCABULARY.isPunctuation(stop)).isTrue();
        assertThat(VOCABULARY.isPunctuation(VOCABULARY.tokens("boat").get(0))).isFalse();
        assertThat(VOCABULARY.opensWord(VOCABULARY.tokens("boat").get(0))).isTrue();
    }
}
