package saltdrum.core.merge;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MergedTextTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    row the boat home | row the boat home | row the boat back | row the boat back
                    row the boat home | Row the boat home | row the boat back | Row the boat back
                    row the boat home | row the boat home at dusk | row a boat home | row a boat home at dusk
                    row the boat home | row boat home | row the boat home now | row boat home now
                    row the boat home | row the boat back | row the boat back | row the boat back
                    row the boat home | row the boat in | row the boat back | row the boat back in
                    row the boat home | row the boat home now | row the boat home then | row the boat home then now
                    row the boat home | the boat home | row the boat | the boat
                    潮が引いたら | 潮が引いたらすぐ | 潮がもう引いたら | 潮がもう引いたらすぐ
                    """)
    void whatBothDidIsDone(String base, String mine, String theirs, String merged) {
        assertThat(MergedText.of(base, mine, theirs)).isEqualTo(merged);
    }

    @Test
    void nothingOfEitherIsLostWhereNothingWasThere() {
        assertThat(MergedText.of("", "mine", "theirs")).isEqualTo("theirs mine");
    }
}
