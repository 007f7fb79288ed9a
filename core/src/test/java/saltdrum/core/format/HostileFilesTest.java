package saltdrum.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.IntFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import saltdrum.core.BadInputException;
import saltdrum.core.Broken;
import saltdrum.core.Words;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.CaptionImport;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;

/** Caption files that somebody made to do harm, or that something broke: read, or refused in a sentence, and soon. */
class HostileFilesTest {
    private static final Size SIZE = new Size(1080, 1920);
    private static final Style STYLE = new ShippedStyles().get("Mallet");
    private static final int FILES_A_FORMAT = Boolean.getBoolean("long") ? 900 : 100;
    /** Of the processor's time, by any machine: what hangs takes more. */
    private static final long MOST_NS = 60_000_000_000L;

    private static final long QUICK_NS = 800_000_000L;

    /** What can be read can be added, and written in every format. */
    @ParameterizedTest
    @MethodSource("formats")
    void brokenFilesAreReadOrRefusedAndWhatIsReadIsWhole(CaptionFormat format) {
        Track track = Words.track(Recipe.TWO_LINES, "Sand it first or you will be back by Friday. Three coats thin");
        byte[] whole = format.write(track, STYLE, SIZE).getBytes(StandardCharsets.UTF_8);
        Random random = new Random(20261127);
        int read = 0;
        for (int i = 0; i < FILES_A_FORMAT; i++) {
            byte[] file = Broken.of(whole, random);
            String name = "a." + format.endings().get(0);
            long begun = cpu();
            try {
                CaptionImport bring = CaptionImport.of(Captions.read(file, name), name, "en", 60_000);
                Track after = bring.edit().on(track);
                for (CaptionFormat out : CaptionFormats.ALL) {
                    assertThat(out.write(after, STYLE, SIZE)).isNotEmpty();
                }
                read++;
            } catch (BadInputException refused) {
                assertThat(refused.getMessage()).hasSizeBetween(10, 400).doesNotContain("java", "`");
            } catch (RuntimeException fault) {
                throw new AssertionError(new String(file, StandardCharsets.UTF_8), fault);
            }
            assertThat(cpu() - begun)
                    .as(new String(file, StandardCharsets.UTF_8))
                    .isLessThan(MOST_NS);
        }
        assertThat(read).as("some breaks leave something to read").isPositive();
    }

    static List<CaptionFormat> formats() {
        return CaptionFormats.ALL;
    }

    private static long cpu() {
        return ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
    }

    static Stream<Arguments> floods() {
        String srt = "1\n00:00:01,000 --> 00:00:02,000\n";
        String vtt = "WEBVTT\n\n00:01.000 --> 00:02.000\n";
        List<Arguments> floods = new ArrayList<>();
        flood(floods, "ampersands", "a.srt", n -> srt + "&".repeat(n));
        flood(floods, "less-than signs", "a.vtt", n -> vtt + "<".repeat(n));
        flood(floods, "fonts", "a.srt", n -> srt + "<font ".repeat(n / 6));
        flood(floods, "braces", "a.srt", n -> srt + "{\\".repeat(n / 2));
        flood(floods, "words", "a.srt", n -> srt + "a ".repeat(n / 2));
        flood(floods, "one word", "a.srt", n -> srt + "a".repeat(n));
        flood(
                floods,
                "families",
                "a.srt",
                n -> srt + "\uD83D\uDC68\u200D\uD83D\uDC69\u200D\uD83D\uDC67".repeat(n / 18));
        flood(floods, "lines", "a.srt", n -> srt + "a\n".repeat(n / 2));
        flood(floods, "cues", "a.srt", n -> "00:00:01,000 --> 00:00:02,000\na\n\n".repeat(n / 33));
        flood(floods, "cues", "a.vtt", n -> "WEBVTT\n\n" + "00:01.000 --> 00:02.000\na\n\n".repeat(n / 27));
        flood(floods, "regions", "a.vtt", n -> "WEBVTT\n\n" + "REGION\nid:a\n\n".repeat(n / 13));
        flood(floods, "notes", "a.vtt", n -> "WEBVTT\n\n" + "NOTE a\n\n".repeat(n / 8));
        flood(floods, "style sheets", "a.vtt", n -> "WEBVTT\n\n" + "STYLE\n::cue {}\n\n".repeat(n / 16));
        flood(floods, "headers", "a.vtt", n -> "WEBVTT\n" + "Language: en\n".repeat(n / 13));
        flood(
                floods,
                "settings",
                "a.vtt",
                n -> "WEBVTT\n\n00:01.000 --> 00:02.000 " + "line:1% ".repeat(n / 8) + "\na");
        for (String tag :
                List.of("<b>a", "<c.a>a", "<v A>a", "<lang en>a", "<ruby>a<rt>", "</c>", "<00:01.500>a", "&amp;")) {
            flood(floods, tag, "a.vtt", n -> vtt + tag.repeat(n / tag.length()));
        }
        for (String tag :
                List.of("<b>a", "</i>", "<u>a", "<font color=\"#fff\">a", "{\\an8}", "{\\pos(1,2)}", "&lt;")) {
            flood(floods, tag, "a.srt", n -> srt + tag.repeat(n / tag.length()));
        }
        String dialogue = "[Events]\nFormat: Layer, Start, End, Style, Text\nDialogue: 0,0:00:01.00,0:00:02.00,A,";
        for (String tag :
                List.of("{\\b1}a", "{\\k20}a", "{\\t(0,9,\\fs9)}a", "{\\p1}m 0 0{\\p0}", "\\N", "{\\rA}a", "{a}")) {
            flood(floods, tag, "a.ass", n -> dialogue + tag.repeat(n / tag.length()));
        }
        flood(floods, "styles", "a.ass", n -> "[V4+ Styles]\nFormat: Name, Fontsize\n" + "Style: A,9\n".repeat(n / 11));
        flood(floods, "comments", "a.ass", n -> "[Events]\n" + "Comment: 0,a\n".repeat(n / 13));
        flood(floods, "sections", "a.ass", n -> "[Events]\n".repeat(n / 9));
        String tt = "<tt xmlns='http://www.w3.org/ns/ttml' xmlns:tts='http://www.w3.org/ns/ttml#styling'>";
        flood(
                floods,
                "regions",
                "a.ttml",
                n -> tt + "<head><layout>" + "<region xml:id='a'/>".repeat(n / 20) + "</layout></head></tt>");
        flood(
                floods,
                "styles",
                "a.ttml",
                n -> tt + "<head><styling>" + "<style xml:id='a'/>".repeat(n / 19) + "</styling></head></tt>");
        String cue = tt + "<body><div><p begin='1s' end='2s'>";
        for (String tag :
                List.of("<span>a</span>", "<br/>", "<set begin='1s'/>", "<metadata/>", "<span begin='1s'>a</span>")) {
            flood(floods, tag, "a.ttml", n -> cue + tag.repeat(n / tag.length()) + "</p></div></body></tt>");
        }
        flood(floods, "spans in spans", "a.ttml", n -> cue + "<span>".repeat(n / 6));
        flood(floods, "attributes", "a.ttml", n -> tt + "<body " + attributes(n / 12) + "/></tt>");
        flood(
                floods,
                "words",
                "a.json",
                n -> "{\"words\":[" + "{\"text\":\"a\",\"startMs\":1,\"endMs\":2},".repeat(n / 36) + "]}");
        flood(floods, "fields", "a.json", n -> "{" + fields(n / 12) + "\"words\":[]}");
        flood(floods, "bullets", "a.txt", n -> "- a\n".repeat(n / 4));
        flood(floods, "brackets", "a.ass", n -> "[Events]\n" + "{".repeat(n));
        flood(floods, "arrays", "a.json", n -> "{\"words\":" + "[".repeat(n));
        flood(floods, "elements", "a.ttml", n -> "<tt xmlns='http://www.w3.org/ns/ttml'>" + "<p>".repeat(n / 3));
        flood(floods, "blanks", "a.txt", n -> " ".repeat(n));
        flood(floods, "clocks", "a.txt", n -> "1:".repeat(n / 2));
        return floods.stream();
    }

    private static String attributes(int count) {
        StringBuilder all = new StringBuilder();
        for (int i = 0; i < count; i++) {
            all.append('a').append(i).append("='b' ");
        }
        return all.toString();
    }

    private static String fields(int count) {
        StringBuilder all = new StringBuilder();
        for (int i = 0; i < count; i++) {
            all.append("\"a").append(i).append("\":1,");
        }
        return all.toString();
    }

    private static void flood(List<Arguments> floods, String what, String name, IntFunction<String> file) {
        floods.add(Arguments.of(what + " in " + name, name, file));
    }

    /**
     * Eight times as much takes about eight times as long, and 64 times if the cost is quadratic. The limit is between the two,
     * far from both, because the processor time of the same work varies on a busy machine.
     */
    @ParameterizedTest(name = "{0}")
    @MethodSource("floods")
    void aFloodOfOneThingIsReadInStepWithItsLength(String what, String name, IntFunction<String> file) {
        long eighth = least(file.apply(62_500), name);
        long whole = least(file.apply(500_000), name);
        // What is quick is not weighed: a noisy machine would decide.
        assertThat(whole < QUICK_NS || whole < 24 * eighth)
                .as("%d ms for eight times what took %d ms", whole / 1_000_000, eighth / 1_000_000)
                .isTrue();
    }

    private static long least(String file, String name) {
        long least = Long.MAX_VALUE;
        for (int i = 0; i < 2; i++) {
            long begun = cpu();
            read(file, name);
            least = Math.min(least, cpu() - begun);
        }
        return least;
    }

    private static void read(String file, String name) {
        try {
            CaptionImport.of(Captions.read(file.getBytes(StandardCharsets.UTF_8), name), name, "en", 60_000);
        } catch (BadInputException refused) {
            assertThat(refused.getMessage()).hasSizeBetween(10, 400);
        }
    }

    @Test
    void whatNoClipHasIsRefused() {
        assertThatThrownBy(() -> Captions.read(new byte[5_000_001], "a.srt"))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("larger than 5 MB");
        String many = "00:00:01,000 --> 00:00:02,000\na\n\n".repeat(20_001);
        assertThatThrownBy(() -> Captions.read(many.getBytes(StandardCharsets.UTF_8), "a.srt"))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("more than 20000 cues");
    }
}
