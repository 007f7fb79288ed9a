package saltdrum.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.format.plain.PlainText;

class PlainTextTest {
    @Test
    void aTimeBeginsACueAndTextMayRunOn() {
        assertThat(Read.of("[0:01] Row the\nboat\n0:03.5 - 0:04.5 Home\n", "a.txt")
                        .said())
                .isEqualTo("Row@1000-1220 the@1220-1440 boat@1440-1660 | Home@3500-4500");
    }

    @Test
    void whatIsWrittenComesBack() {
        Read read = Read.of("0:01.200 - 0:02.000  Row home\n1:00:03.500 - 1:00:04.500  now\n", "a.txt");
        assertThat(PlainText.write(read.track()))
                .isEqualTo("0:01.200 - 0:02.000  Row home\n1:00:03.500 - 1:00:04.500  now\n");
    }

    @Test
    void textWithoutTimesIsNoCaptionFile() {
        assertThatThrownBy(() -> Read.of("a letter home", "a.txt"))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("pasted under Words");
    }
}
