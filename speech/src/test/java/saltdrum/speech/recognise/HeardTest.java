package saltdrum.speech.recognise;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.cue.Range;

class HeardTest {
    @Test
    void whereNotAllWasHeardIsToldByTheClipsTimes() {
        assertThat(new Heard(1000, List.of()).missed(0)).isNull();
        Heard heard = new Heard(80_000, List.of(), List.of(new Range(2_000, 9_900), new Range(70_000, 80_000)));
        assertThat(heard.missed(5_000))
                .isEqualTo(
                        "Not all of it was heard at 0:07 to 0:14, 1:15 to 1:25. Listen there, and type what is missing.");
    }
}
