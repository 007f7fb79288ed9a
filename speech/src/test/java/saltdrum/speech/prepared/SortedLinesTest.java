package saltdrum.speech.prepared;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class SortedLinesTest {
    @Test
    void aKeyIsNotTakenForOneThatItBegins() {
        SortedLines.Sorting sorting = new SortedLines.Sorting();
        sorting.put("salty", "3");
        sorting.put("salt", "1");
        sorting.put("salted", "2");
        SortedLines lines = new SortedLines(sorting.lines());

        assertThat(lines.of("salt")).containsExactly("1");
        assertThat(lines.of("salted")).containsExactly("2");
        assertThat(lines.of("salty")).containsExactly("3");
        assertThat(lines.of("sal")).isEmpty();
        assertThat(lines.of("a")).isEmpty();
        assertThat(lines.of("zoo")).isEmpty();
    }

    @Test
    void valuesOfAKeyComeInTheirOrderAndEachOnce() {
        SortedLines.Sorting sorting = new SortedLines.Sorting();
        sorting.put("über", "b");
        sorting.put("über", "a");
        sorting.put("über", "b");

        assertThat(new SortedLines(sorting.lines()).of("über")).containsExactly("b", "a");
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
