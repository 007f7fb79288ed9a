package saltdrum.core.delivery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import saltdrum.core.BadInputException;
import saltdrum.core.delivery.NamePattern.Place;

class NamePatternTest {
    private static String name(String pattern, Map<Place, String> values) {
        return new NamePattern(pattern).name(values);
    }

    @Test
    void placesAreFilled() {
        assertThat(name("{clip} for {client}", Map.of(Place.CLIP, "Three coats", Place.CLIENT, "Harbour")))
                .isEqualTo("Three coats for Harbour");
        assertThat(name("{ Clip }", Map.of(Place.CLIP, "tide"))).isEqualTo("tide");
    }

    @Test
    void whatAFileDoesNotHaveGoesWithWhatTiesIt() {
        assertThat(name(NamePattern.USUAL, Map.of(Place.CLIP, "tide"))).isEqualTo("tide");
        assertThat(name(NamePattern.USUAL, Map.of(Place.CLIP, "tide", Place.LANGUAGE, "de")))
                .isEqualTo("tide · de");
        assertThat(name("{style}_{clip}", Map.of(Place.CLIP, "tide"))).isEqualTo("tide");
    }

    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '`',
            value = {
                "../../etc/passwd,..-..-etc-passwd",
                "a:b*c,a-b-c",
                "one\ttwo,one-two",
                "..,clip",
                "  ,clip",
                "C:\\x,C-x"
            })
    void noNameLeavesItsFolder(String clip, String expected) {
        assertThat(name("{clip}", Map.of(Place.CLIP, clip == null ? "" : clip))).isEqualTo(expected);
    }

    @Test
    void patternsThatMakeNoSenseAreRefused() {
        assertThatThrownBy(() -> new NamePattern("{colour}"))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("{colour}")
                .hasMessageContaining("{clip}");
        assertThatThrownBy(() -> new NamePattern(" ")).isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> new NamePattern("x".repeat(200))).hasMessageContaining("120");
    }

    @Test
    void noTwoFilesOfAnOrderHaveOneName() {
        assertThat(NamePattern.apart(List.of("a.mp4", "A.mp4", "a.srt", "a.mp4", "a (2).mp4"), List.of()))
                .containsExactly("a.mp4", "A (2).mp4", "a.srt", "a (3).mp4", "a (2) (2).mp4");
        assertThat(NamePattern.apart(List.of("a.mp4", "b.mp4"), List.of("A.mp4", "a (2).mp4")))
                .containsExactly("a (3).mp4", "b.mp4");
    }
}
