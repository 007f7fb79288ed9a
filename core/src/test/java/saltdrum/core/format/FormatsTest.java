package saltdrum.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.Words;
import saltdrum.core.cue.Recipe;
import saltdrum.core.word.Word;

class FormatsTest {
    private static final String SRT =
            """
            1
            00:00:01,000 --> 00:00:02,000
            Row the
            <i>boat</i>

            2
            00:00:03,000 --> 00:00:04,500
            Home.
            """;

    private static String said(List<Word> words) {
        return String.join(
                " ",
                words.stream()
                        .map(w -> w.text() + "@" + w.startMs() + "-" + w.endMs())
                        .toList());
    }

    @Test
    void srtWordsShareTheirCueBySyllables() {
        assertThat(said(Srt.read(SRT))).isEqualTo("Row@1000-1333 the@1333-1667 boat@1667-2000 Home.@3000-4500");
    }

    @Test
    void srtIsReadThroughItsUsualDamage() {
        String damaged =
                "\uFEFF" + SRT.replace("\n\n2\n", "\n2\n").replace("\n", "\r\n").replace(",000", ".000");
        assertThat(said(Srt.read(damaged))).isEqualTo(said(Srt.read(SRT)));
        assertThat(said(Srt.read("00:01,5 --> 00:02,5 X1:0\nRow"))).isEqualTo("Row@1500-2500");
    }

    @Test
    void overlappingCuesGiveWayToTheLater() {
        String text = "00:00:01,000 --> 00:00:05,000\none\n\n00:00:02,000 --> 00:00:03,000\ntwo\n";
        assertThat(said(Srt.read(text))).isEqualTo("one@1000-2000 two@2000-3000");
    }

    @Test
    void whatIsNoSrtIsSaidSo() {
        assertThatThrownBy(() -> Srt.read("a letter home"))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("-->");
    }

    @Test
    void srtIsWrittenWithItsLines() {
        String written = Srt.write(Words.track(Recipe.TWO_LINES, "Stand on the left side where lanterns are"));
        assertThat(written)
                .startsWith("1\n00:00:00,960 --> 00:00:0")
                .contains("\n")
                .endsWith("\n\n");
        assertThat(Srt.read(written).stream().map(Word::text))
                .containsExactly("Stand", "on", "the", "left", "side", "where", "lanterns", "are");
    }

    @Test
    void theWordsFileComesBackAsItWent() {
        List<Word> words = Words.words("Row", "home,", "“now”");
        List<Word> back = WordsFile.read(WordsFile.of("en", words).write()).toWords();
        assertThat(said(back)).isEqualTo(said(words));
    }

    @Test
    void overlappingWordsOfAFileAreMended() {
        String json =
                "{\"language\":\"en\",\"words\":[{\"text\":\"b\",\"start\":1.2,\"end\":2},{\"text\":\"a\",\"start\":1,\"end\":1.5}]}";
        assertThat(said(WordsFile.read(json).toWords())).isEqualTo("a@1000-1200 b@1200-2000");
    }

    @Test
    void aBadWordsFileIsNamed() {
        assertThatThrownBy(() -> WordsFile.read("[]")).isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> WordsFile.read("{\"words\":[{\"text\":\"a\",\"start\":-1,\"end\":2}]}")
                        .toWords())
                .hasMessageContaining("-1");
    }

    @Test
    void mutatedFilesNeverCrashAReader() {
        Random random = new Random(7);
        String json = WordsFile.of("en", Words.words("Row", "home")).write();
        int read = 0;
        for (int i = 0; i < 1000; i++) {
            StringBuilder text = new StringBuilder(i % 2 == 0 ? SRT : json);
            for (int m = 0; m < 1 + random.nextInt(4); m++) {
                int at = random.nextInt(text.length());
                switch (random.nextInt(3)) {
                    case 0 -> text.setCharAt(at, (char) random.nextInt(0x250));
                    case 1 -> text.deleteCharAt(at);
                    default -> text.insert(at, text.substring(at, Math.min(text.length(), at + random.nextInt(20))));
                }
            }
            try {
                read += (i % 2 == 0
                                ? Srt.read(text.toString())
                                : WordsFile.read(text.toString()).toWords())
                        .size();
            } catch (BadInputException said) {
                assertThat(said.getMessage()).isNotBlank();
            }
        }
        assertThat(read).isGreaterThan(1000);
    }
}
