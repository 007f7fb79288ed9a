package saltdrum.speech.prepared;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class SortedLinesTest {
    /** @param all keys and values by turns */
    private static SortedLines lines(String... all) {
        SortedLines.Sorting sorting = new SortedLines.Sorting();
        for (int i = 0; i < all.length; i += 2) {
            sorting.put(all[i], all[i + 1]);
        }
        return new SortedLines(sorting.lines());
    }

    @Test
    void aKeyIsNotTakenForOneThatItBegins() {
        SortedLines lines = lines("salty", "3", "salt", "1", "salted", "2");

        assertThat(lines.of("salt")).containsExactly("1");
        assertThat(lines.of("salted")).containsExactly("2");
        assertThat(lines.of("salty")).containsExactly("3");
        assertThat(lines.of("sal")).isEmpty();
        assertThat(lines.of("a")).isEmpty();
        assertThat(lines.of("zoo")).isEmpty();
    }

    @Test
    void valuesOfAKeyComeInTheirOrderAndEachOnce() {
        assertThat(lines("über", "b", "über", "a", "über", "b").of("über")).containsExactly("b", "a");
    }

    @Test
    void nothingIsFoundInNoLines() {
        assertThat(new SortedLines(new byte[0]).of("salt")).isEmpty();
    }

    @Test
    void whatTheBuildHasNotMadeIsNamed() {
        assertThatThrownBy(() -> SortedLines.of(SortedLines.class, "none.words"))
                .hasMessageContaining("none.words is missing");
    }
}
