package saltdrum.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import saltdrum.core.format.webvtt.WebVtt;

/** Syntax cases named “W3C” are the examples of the WebVTT recommendation (w3.org/TR/webvtt1, 2019), section 1. */
class WebVttTest {
    private static Read read(String text) {
        return Read.of(text, "a.vtt");
    }

    @Test
    void w3cExample1SimpleCues() {
        assertThat(
                        read("""
                                WEBVTT

                                00:01.000 --> 00:04.000
                                - Never drink liquid nitrogen.

                                00:05.000 --> 00:09.000
                                - It will perforate your stomach.
                                - You could die.
                                """)
                                .cues)
                .extracting(cue -> cue.text() + cue.lineStarts() + cue.given().showMs() + "-"
                        + cue.given().hideMs())
                .containsExactly(
                        "- Never drink liquid nitrogen.[]1000-4000",
                        "- It will perforate your stomach. - You could die.[6]5000-9000");
    }

    @Test
    void w3cExampleWithTimestampsInTheText() {
        assertThat(
                        read("""
                                WEBVTT

                                1
                                00:16.500 --> 00:18.500
                                When the moon <00:17.500>hits your eye

                                3
                                00:00:20.500 --> 00:00:21.500
                                That's <00:00:21.000>amore
                                """)
                                .said())
                .isEqualTo("When@16500-16833 the@16833-17167 moon@17167-17500 hits@17500-17833 your@17833-18167 "
                        + "eye@18167-18500 | That's@20500-21000 amore@21000-21500");
    }

    @Test
    void w3cExampleWithRegionsVoicesAndSettings() {
        String text =
                """
                WEBVTT

                REGION
                id:fred
                width:40%
                lines:3
                regionanchor:0%,100%
                viewportanchor:10%,90%
                scroll:up

                00:00:00.000 --> 00:00:20.000 region:fred align:left
                <v Fred>Hi, my name is Fred
                """;
        Read read = read(text);
        assertThat(read.cues.get(0).text()).isEqualTo("Hi, my name is Fred");
        assertThat(read.cues.get(0).given().settings()).isEqualTo("region:fred align:left");
        assertThat(WebVtt.write(read.track()))
                .contains(
                        "REGION\nid:fred\nwidth:40%\nlines:3\nregionanchor:0%,100%\nviewportanchor:10%,90%\nscroll:up\n\n")
                .contains("00:00:00.000 --> 00:00:20.000 region:fred align:left\n");
    }

    @Test
    void w3cExampleWithNotesAndStyle() {
        Read read = read(
                """
                WEBVTT

                STYLE
                ::cue {
                  color: papayawhip;
                }

                NOTE comment blocks can be used between style blocks.

                00:00:00.000 --> 00:00:10.000
                - Hello world.
                """);
        assertThat(read.cues).singleElement().extracting(cue -> cue.text()).isEqualTo("- Hello world.");
        assertThat(read.repaired()).singleElement().asString().startsWith("Line 3: a style sheet was left out");
    }

    @Test
    void entitiesAreCharactersAndGoOutAsEntities() {
        Read read = read("WEBVTT\n\n00:01.000 --> 00:02.000\nOars &amp; rope &lt;3 fine\n");
        assertThat(read.cues.get(0).text()).isEqualTo("Oars & rope <3 fine");
        assertThat(WebVtt.write(read.track()))
                .contains("&amp;")
                .contains("&lt;3")
                .doesNotContain(" <3");
    }

    @Test
    void aRestInsideACueComesBack() {
        String text = "WEBVTT\n\n00:01.000 --> 00:04.000\n<00:01.100>Row<00:01.400> <00:02.000>home\n";
        assertThat(read(text).said()).isEqualTo("Row@1100-1400 home@2000-4000");
        assertThat(WebVtt.write(read(text).track())).contains("<00:00:01.100>Row<00:00:01.400> <00:00:02.000>home\n");
    }

    @Test
    void rubyTextIsLeftOutAndTold() {
        Read read = read("WEBVTT\n\n00:01.000 --> 00:02.000\n<ruby>tide<rt>TIDE</rt></ruby> pool\n");
        assertThat(read.cues.get(0).text()).isEqualTo("tide pool");
        assertThat(read.repaired()).containsExactly("Ruby text was left out in 1 place.");
    }

    @Test
    void aMissingHeaderIsForgiven() {
        assertThat(read("00:00:01.000 --> 00:00:02.000\nRow\n").said()).isEqualTo("Row@1000-2000");
    }

    @Test
    void theLanguageOfTheHeaderIsKept() {
        assertThat(read("WEBVTT\nLanguage: sv\n\n00:01.000 --> 00:02.000\nHej\n")
                        .file
                        .language())
                .isEqualTo("sv");
    }
}
