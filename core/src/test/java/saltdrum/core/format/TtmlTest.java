package saltdrum.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import saltdrum.core.BadInputException;
import saltdrum.core.format.file.Region;
import saltdrum.core.format.ttml.Ttml;

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

    private static final String HEAD = "<tt xmlns=\"http://www.w3.org/ns/ttml\" "
            + "xmlns:tts=\"http://www.w3.org/ns/ttml#styling\" tts:extent=\"1080px 1920px\"><head>"
            + "<styling><style xml:id=\"low\" tts:displayAlign=\"after\"/>"
            + "<style xml:id=\"red\" tts:color=\"red\" tts:textAlign=\"right\"/></styling><layout>"
            + "<region xml:id=\"a\" style=\"low\" tts:origin=\"10% 70%\" tts:extent=\"80% 20%\">"
            + "<style tts:textAlign=\"center\"/></region>"
            + "<region xml:id=\"b\" tts:origin=\"108px 192px\" tts:extent=\"540px 192px\"/>"
            + "<region xml:id=\"c\" tts:origin=\"2c 3c\"/></layout></head><body region=\"a\"><div>";

    private static Read placed(String paragraphs) {
        return Read.of(HEAD + paragraphs + "</div></body></tt>", "a.ttml");
    }

    private static String settings(Read read, int cue) {
        return read.cues.get(cue).given().settings();
    }

    @Test
    void aCueKeepsThePlaceItsRegionGivesIt() {
        Read read = placed("<p begin=\"0s\" end=\"1s\">Row</p><p begin=\"1s\" end=\"2s\" region=\"b\">home</p>"
                + "<p begin=\"2s\" end=\"3s\" style=\"red\">now</p>");
        assertThat(settings(read, 0)).isEqualTo("line:90%,end position:50%,center size:80% align:center");
        assertThat(settings(read, 1)).isEqualTo("line:10%,start position:10%,line-left size:50% align:start");
        assertThat(settings(read, 2)).isEqualTo("line:90%,end position:90%,line-right size:80% align:right");
        assertThat(read.repaired()).singleElement().asString().contains("colours and fonts");
    }

    @Test
    void aRegionInUnitsWithoutAMeasureIsTold() {
        Read read = placed("<p begin=\"0s\" end=\"1s\" region=\"c\">Row</p>");
        assertThat(settings(read, 0)).isNull();
        assertThat(read.repaired()).anySatisfy(said -> assertThat(said).contains("“c”"));
    }

    @Test
    void placesStandAgainInAFileThatIsWritten() {
        Read read = placed("<p begin=\"0s\" end=\"1s\">Row</p><p begin=\"1s\" end=\"2s\" region=\"b\">home</p>");
        String written = Ttml.write(read.track());
        assertThat(written).contains("region=\"place1\"").contains("region=\"place2\"");
        Read again = Read.of(written, "b.ttml");
        assertThat(settings(again, 0)).isEqualTo(settings(read, 0));
        assertThat(settings(again, 1)).isEqualTo(settings(read, 1));
        assertThat(CaptionFormats.TTML.losses(read.track(), null)).noneMatch(lost -> lost.contains("place"));
        assertThat(CaptionFormats.SRT.losses(read.track(), null)).anyMatch(lost -> lost.contains("places"));
    }

    @Test
    void aCueThatIsPutNowhereStaysSo() {
        Read read = read("<p begin=\"0s\" end=\"1s\">Row</p>");
        assertThat(settings(read, 0)).isNull();
        assertThat(settings(Read.of(Ttml.write(read.track()), "b.ttml"), 0)).isNull();
    }

    /** WebVTT settings that a region can tell, and those that none can. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "line:90%,end position:50%,center size:80% align:center; 10% 0% 80% 90% after center",
                "line:20%; 0% 20% 100% 80% before center",
                "line:50%,center align:left size:40%; 0% 0% 40% 100% center left",
                "line:10% position:95% size:30% align:right; 65% 10% 30% 90% before right",
                "line:0; none",
                "line:,; none",
                "line:20% position:, size:,; 0% 20% 100% 80% before center",
                "align:center; none",
                "line:20% vertical:rl; none",
                "line:20% region:fred; none",
                "line:120%; none",
                "line:20% align:middle; none"
            })
    void settingsBecomeARegion(String settings, String expected) {
        Region region = Region.of(settings);
        assertThat(
                        region == null
                                ? "none"
                                : region.origin() + " " + region.extent() + " " + region.displayAlign() + " "
                                        + region.textAlign())
                .isEqualTo(expected);
    }
}
