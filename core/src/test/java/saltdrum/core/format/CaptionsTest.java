package saltdrum.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.ResourceLock;
import org.junit.jupiter.api.parallel.Resources;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;
import saltdrum.core.BadInputException;
import saltdrum.core.Words;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.word.Word;

class CaptionsTest {
    private static final Size SIZE = new Size(1080, 1920);

    static final List<CaptionFormat> WITH_WORD_TIMES =
            List.of(CaptionFormats.WORDS, CaptionFormats.WEBVTT, CaptionFormats.TTML);

    private static Track track() {
        Track track = Words.track(
                Recipe.TWO_LINES, "Sand it first or you will be back by Friday. Three coats thin as tea & salt");
        List<Word> words = track.words().toList();
        return track.withCues(
                track.cues().stream()
                        .map(cue -> cue.withWords(cue.words().stream()
                                .map(w -> w.id() == words.get(4).id() ? w.withEmphasis(1) : w)
                                .toList()))
                        .toList(),
                track.nextId());
    }

    private static String written(CaptionFormat format, Track track) {
        return format.write(track, new ShippedStyles().get("Mallet"), SIZE);
    }

    @ParameterizedTest
    @FieldSource("saltdrum.core.format.CaptionFormats#ALL")
    void everyFormatKeepsWordsAndCues(CaptionFormat format) {
        Track track = track();
        Track back =
                Read.of(written(format, track), "a." + format.endings().get(0)).track();
        assertThat(back.cues().stream().map(cue -> cue.text()))
                .isEqualTo(track.cues().stream().map(cue -> cue.text()).toList());
        if (format != CaptionFormats.TEXT) {
            assertThat(back.cues().stream().map(cue -> cue.lineStarts()))
                    .isEqualTo(
                            track.cues().stream().map(cue -> cue.lineStarts()).toList());
        }
    }

    @ParameterizedTest
    @FieldSource("saltdrum.core.format.CaptionFormats#ALL")
    @ResourceLock(Resources.LOCALE)
    void everyFormatIsWrittenAlikeOnEveryMachine(CaptionFormat format) {
        Locale own = Locale.getDefault();
        String usual = written(format, track());
        try {
            for (String tag : List.of("ar-EG", "tr-TR", "th-TH-u-nu-thai", "de-CH")) {
                Locale.setDefault(Locale.forLanguageTag(tag));
                assertThat(written(format, track())).as(tag).isEqualTo(usual);
            }
        } finally {
            Locale.setDefault(own);
        }
    }

    @ParameterizedTest
    @FieldSource("WITH_WORD_TIMES")
    void formatsWithWordTimesKeepThemToTheMillisecond(CaptionFormat format) {
        Track track = track();
        Track back =
                Read.of(written(format, track), "a." + format.endings().get(0)).track();
        assertThat(back.words().map(w -> w.text() + w.startMs() + "-" + w.endMs() + "!" + w.emphasis()))
                .isEqualTo(track.words()
                        .map(w -> w.text() + w.startMs() + "-" + w.endMs() + "!" + w.emphasis())
                        .toList());
    }

    @Test
    void whatIsLostIsSaidBefore() {
        assertThat(CaptionFormats.SRT.losses(track(), null))
                .containsExactly(
                        "the times of 17 words: each cue keeps only its own",
                        "the emphasis of 1 word",
                        "the style and its motion");
        assertThat(CaptionFormats.WORDS.losses(track(), null)).containsExactly("the style and its motion");
    }

    @Test
    void aFileIsKnownByWhatItHolds() {
        Read read = Read.of(SrtTest.SRT, "captions.vtt");
        assertThat(read.cues).hasSize(2);
        assertThat(read.repaired()).contains("The file is SRT, although its name has another extension.");
    }

    @Test
    void otherEncodingsAreFoundOut() {
        String text = "1\n00:00:01,000 --> 00:00:02,000\nPå båten är det mörkt, ät någon räka\n";
        for (String charset : List.of("UTF-16LE", "UTF-16BE", "windows-1252")) {
            String marked = charset.startsWith("UTF-16") ? "\uFEFF" + text : text;
            assertThat(Read.of(marked.getBytes(Charset.forName(charset)), "a.srt")
                            .cues
                            .get(0)
                            .text())
                    .as(charset)
                    .isEqualTo("På båten är det mörkt, ät någon räka");
        }
        assertThat(Read.of(text.getBytes(Charset.forName("windows-1252")), "a.srt")
                        .repaired())
                .anyMatch(said -> said.contains("not UTF-8"));
    }

    @Test
    void whatIsNoCaptionFileIsSaidSo() {
        assertThatThrownBy(() -> Read.of("", "a.srt")).hasMessage("“a.srt” is empty.");
        assertThatThrownBy(() -> Read.of("a letter home", "a.srt"))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("no cue");
        assertThatThrownBy(() -> CaptionFormats.named("a.docx")).hasMessageContaining(".srt");
    }

    /** Cut, doubled and disturbed files of every format: read or refused with a sentence, never a crash. */
    @Test
    void mutatedFilesNeverCrashAReader() {
        Random random = new Random(7);
        int read = 0;
        List<String> whole = CaptionFormats.ALL.stream()
                .map(format -> written(format, track()))
                .toList();
        for (int i = 0; i < 1200; i++) {
            CaptionFormat format = CaptionFormats.ALL.get(i % CaptionFormats.ALL.size());
            StringBuilder text = new StringBuilder(whole.get(i % whole.size()));
            for (int m = 0; m < 1 + random.nextInt(8); m++) {
                int at = random.nextInt(text.length());
                int until = Math.min(text.length(), at + random.nextInt(60));
                switch (random.nextInt(5)) {
                    case 0 -> text.setCharAt(at, (char) random.nextInt(0x250));
                    case 1 -> text.deleteCharAt(at);
                    case 2 -> text.insert(at, text.substring(at, until));
                    case 3 -> text.delete(at, until);
                    default -> text.insert(at, random.nextInt());
                }
                text.append(' ');
            }
            try {
                Read file = Read.of(
                        text.toString().getBytes(StandardCharsets.UTF_8),
                        "a." + format.endings().get(0));
                read += file.track().cues().size();
            } catch (BadInputException said) {
                assertThat(said.getMessage()).isNotBlank();
            }
        }
        assertThat(read).isGreaterThan(1200);
    }
}
