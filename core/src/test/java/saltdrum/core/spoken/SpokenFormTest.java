package saltdrum.core.spoken;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpokenFormTest {
    private final SpokenForm form = new SpokenForm();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Friday.|friday",
                "25|twenty five",
                "1,200|one thousand two hundred",
                "2024|twenty twenty four",
                "1905|nineteen oh five",
                "2000|two thousand",
                "1980s|nineteen eighties",
                "$3.50|three dollars fifty",
                "$1|one dollar",
                "10%|ten percent",
                "7pm|seven p m",
                "11:40.|eleven forty",
                "6:05|six oh five",
                "3rd|third",
                "21st|twenty first",
                "1/2|one half",
                "3/4|three quarters",
                "½|a half",
                "3.14|three point one four",
                "007|oh oh seven",
                "&|and",
                "12mm|twelve millimeters",
                "U.S.A.|u s a",
                "Dr.|doctor",
                "well-known|well known",
                "don’t|don't",
                "café|cafe",
                "#TernAndTiller|tern and tiller",
                "@night_ferry|night ferry",
                "Q&A|q and a",
            })
    void writtenIsSaid(String written, String said) {
        assertThat(String.join(" ", form.of(written))).isEqualTo(said);
    }

    @Test
    void aDashIsNotSaid() {
        assertThat(form.of("—")).isEmpty();
        assertThat(form.of("…")).isEmpty();
    }
}
