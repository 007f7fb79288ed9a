package saltdrum.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import saltdrum.core.BadInputException;

class TtmlTest {
    private static Read read(String body) {
        return Read.of(
                "<tt xmlns=\"http://www.w3.org/ns/ttml\" xmlns:ttp=\"http://www.w3.org/ns/ttml#parameter\" "
                        + "xmlns:tts=\"http://www.w3.org/ns/ttml#styling\" xml:lang=\"sv\" ttp:frameRate=\"25\" "
                        + "ttp:tickRate=\"1000\"><body>" + body + "</body></tt>",
                "a.ttml");
    }

    @Test
    void spansAreWordsTimedFromTheirParagraph() {
        Read read = read("<div begin=\"1s\"><p begin=\"0.5s\" end=\"3s\"><span begin=\"0s\" end=\"0.4s\">Row</span> "
                + "<span begin=\"0.5s\">home</span><br/>now</p></div>");
        assertThat(read.said()).isEqualTo("Row@1500-1900 home@2000-3000 / now@3000-4000");
        assertThat(read.file.language()).isEqualTo("sv");
    }

    /** Every kind of time expression of TTML 2, section 12.3.1. */
    @ParameterizedTest
    @CsvSource({
        "00:00:01.500,1500",
        "00:00:01:10,1400",
        "1.5s,1500",
        "1500ms,1500",
        "30f,1200",
        "2500t,2500",
        "0.05m,3000",
        "0.001h,3600"
    })
    void everyKindOfTimeIsRead(String time, int ms) {
        assertThat(read("<div><p begin=\"" + time + "\" dur=\"2s\">Row</p></div>")
                        .said())
                .isEqualTo("Row@" + ms + "-" + (ms + 2000));
    }

    @Test
    void aTimeThatCannotBeReadIsTold() {
        Read read = read("<div><p begin=\"soon\" end=\"2s\">Row</p></div>");
        assertThat(read.said()).isEqualTo("Row@0-2000");
        assertThat(read.repaired()).singleElement().asString().contains("“soon”");
    }

    @Test
    void entitiesOfAStrangerAreNotFollowed() {
        assertThatThrownBy(() -> Read.of(
                        "<!DOCTYPE tt [<!ENTITY x SYSTEM \"file:///etc/passwd\">]><tt xmlns=\"http://www.w3.org/ns/ttml\">"
                                + "<body><div><p begin=\"0s\" end=\"1s\">&x;</p></div></body></tt>",
                        "a.ttml"))
                .isInstanceOf(BadInputException.class);
    }

    @Test
    void aBrokenFileKeepsWhatStoodBefore() {
        Read read = Read.of(
                "<tt xmlns=\"http://www.w3.org/ns/ttml\"><body><div><p begin=\"0s\" end=\"1s\">Row</p><p begin=\"1s\"",
                "a.ttml");
        assertThat(read.said()).isEqualTo("Row@0-1000");
        assertThat(read.repaired()).singleElement().asString().contains("broken here");
    }
}
