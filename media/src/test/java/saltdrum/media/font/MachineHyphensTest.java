package saltdrum.media.font;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MachineHyphensTest {
    private final MachineHyphens hyphens = new MachineHyphens();

    /**
     * English: as The TeXbook, appendix H, and Liang's thesis divide them (from memory). German: the official rules
     * (§ 107 to 112), Spanish: the Academy's orthography (from memory).
     */
    @ParameterizedTest
    @CsvSource({
        "en, hyphenation, hy-phen-ation",
        "en-US, manuscript, man-u-script",
        "en, harbour, har-bour",
        "en, tide, tide",
        "de, Dampfschifffahrt, Dampf-schiff-fahrt",
        "de, Laterne, La-ter-ne",
        "es, marinero, ma-ri-ne-ro",
    })
    void wordsAreDividedAsTheirLanguageDoes(String language, String word, String divided) {
        StringBuilder out = new StringBuilder(word);
        List<Integer> points = hyphens.points(word, language);
        for (int i = points.size() - 1; i >= 0; i--) {
            out.insert((int) points.get(i), '-');
        }
        assertThat(out).hasToString(divided);
    }

    @Test
    void aLanguageWithoutPatternsDividesNothing() {
        assertThat(hyphens.points("tidvatten", "xx")).isEmpty();
        assertThat(hyphens.points("tidvatten", "../../etc/passwd")).isEmpty();
        assertThat(new MachineHyphens(Path.of("nowhere")).points("hyphenation", "en"))
                .isEmpty();
    }
}
