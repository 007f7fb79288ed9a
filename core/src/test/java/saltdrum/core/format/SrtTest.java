package saltdrum.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import saltdrum.core.Words;
import saltdrum.core.cue.Recipe;
import saltdrum.core.format.srt.Srt;

class SrtTest {
    static final String SRT =
            """
            1
            00:00:01,000 --> 00:00:02,000
            Row the
            <i>boat</i>

            2
            00:00:03,000 --> 00:00:04,500
            Home.
            """;

    private static String said(String text) {
        return Read.of(text, "a.srt").said();
    }

    @Test
    void wordsShareTheirCueBySyllables() {
        assertThat(said(SRT)).isEqualTo("Row@1000-1333 the@1333-1667 / boat@1667-2000 | Home.@3000-4500");
    }

    @Test
    void italicWordsAreStressed() {
        assertThat(Read.of(SRT, "a.srt").cues.get(0).words().get(2).emphasis()).isOne();
    }

    @Test
    void usualDamageIsRepairedAndTold() {
        String damaged = SRT.replace("\n\n2\n", "\n7\n").replace("\n", "\r\n").replace(",000", ".000");
        Read read = Read.of("\uFEFF" + damaged, "a.srt");
        assertThat(read.said()).isEqualTo(said(SRT));
        assertThat(read.repaired())
                .contains("Line 5: a blank line was missing before this cue")
                .contains("Line 6: the cue is numbered 7, it is cue 2");
    }

    @Test
    void timesWithoutHoursAndWithPositionsAreRead() {
        assertThat(said("00:01,5 --> 00:02,5 X1:0\nRow")).isEqualTo("Row@1500-2500");
    }

    @Test
    void aCueThatEndsBeforeItBeginsGetsASecond() {
        Read read = Read.of("1\n00:00:05,000 --> 00:00:04,000\nRow\n", "a.srt");
        assertThat(read.said()).isEqualTo("Row@5000-6000");
        assertThat(read.repaired()).singleElement().asString().startsWith("Line 2: the cue ended before it began");
    }

    @Test
    void overlappingCuesGiveWayToTheLater() {
        Read read =
                Read.of("1\n00:00:01,000 --> 00:00:05,000\none\n\n2\n00:00:02,000 --> 00:00:03,000\ntwo\n", "a.srt");
        assertThat(read.said()).isEqualTo("one@1000-2000 | two@2000-3000");
        assertThat(read.repaired()).containsExactly("Line 2: the cue overlapped its neighbour and was shortened");
    }

    @Test
    void cuesOutOfOrderAreSorted() {
        Read read =
                Read.of("1\n00:00:05,000 --> 00:00:06,000\ntwo\n\n2\n00:00:02,000 --> 00:00:03,000\none\n", "a.srt");
        assertThat(read.said()).isEqualTo("one@2000-3000 | two@5000-6000");
    }

    @Test
    void cueTimesOfAFileComeBackAsTheyWent() {
        assertThat(Srt.write(Read.of(SRT, "a.srt").track())).isEqualTo(SRT.replaceAll("</?i>", "") + "\n");
    }

    @Test
    void linesAreWritten() {
        String written = Srt.write(Words.track(Recipe.TWO_LINES, "Stand on the left side where lanterns are"));
        assertThat(written)
                .startsWith("1\n00:00:00,960 --> 00:00:0")
                .contains("side\nwhere")
                .endsWith("\n\n");
    }
}
