package saltdrum.core.word;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.Words;

class WordTest {
    @Test
    void aWordCannotEndBeforeItStarts() {
        assertThatThrownBy(() -> Words.word(1, "oar", 500, 500))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("oar")
                .hasMessageContaining("500");
    }

    @Test
    void aWordHoldsNoSpace() {
        assertThatThrownBy(() -> Words.word(1, "two oars", 0, 1)).isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> Words.word(1, "  ", 0, 1)).isInstanceOf(BadInputException.class);
    }

    @Test
    void aNoBreakSpaceBelongsToTheWord() {
        assertThat(Tokens.split("row 12\u00A0km home")).containsExactly("row", "12\u00A0km", "home");
    }

    @Test
    void splittingDropsWhatIsNoWord() {
        assertThat(Tokens.split("\uFEFF  a\tb\r\n\u2003c ")).containsExactly("a", "b", "c");
        assertThat(Tokens.split(" \n ")).isEmpty();
    }

    @Test
    void wordsAreComparedByTheirLettersOnly() {
        assertThat(Tokens.normalised("“Friday,”")).isEqualTo(Tokens.normalised("FRIDAY"));
        assertThat(Tokens.normalised("boat's")).isEqualTo("boats");
        assertThat(Tokens.normalised("—")).isEqualTo("—");
    }

    @Test
    void syllablesAreGroupsOfVowels() {
        assertThat(Syllables.weight("oar")).isEqualTo(1);
        assertThat(Syllables.weight("harbour")).isEqualTo(2);
        assertThat(Syllables.weight("boathouse")).isEqualTo(2);
        assertThat(Syllables.weight("sea.")).isEqualTo(1.5);
        assertThat(Syllables.weight("11")).isEqualTo(2);
    }

    @Test
    void sharedTimeLeavesNoGapAndNoEmptyWord() {
        int[] edges = Syllables.share(List.of("a", "harbour", "a"), 100, 500);
        assertThat(edges).containsExactly(100, 200, 400, 500);
        assertThat(Syllables.share(List.of("a", "b", "c"), 0, 3)).containsExactly(0, 1, 2, 3);
    }
}
