package saltdrum.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import saltdrum.core.Json;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

class CharactersTest {
    @Test
    void halfASurrogatePairIsReplaced() {
        assertThat(Characters.kept("a\ud800b")).isEqualTo("a\uFFFDb");
        assertThat(Characters.kept("\udc00")).isEqualTo("\uFFFD");
        assertThat(Characters.kept("end\ud83d")).isEqualTo("end\uFFFD");
        assertThat(Characters.kept("\udc00\ud800")).isEqualTo("\uFFFD\uFFFD");
    }

    @Test
    void whatXmlCannotHoldGoes() {
        assertThat(Characters.kept("a\0b\u0008c\uFFFEd\uFFFFe\u001f")).isEqualTo("abcde");
    }

    @Test
    void goodTextIsTheSame() {
        String good = "tide\t10\u00A0kg\r\n\uD83D\uDEA3\u200D\u2642 潮 \u202Eק\u0085";
        assertThat(Characters.kept(good)).isSameAs(good);
        assertThat(Characters.kept(null)).isNull();
    }

    @Test
    void whatIsKeptIsKeptAgain() {
        Random random = new Random(11);
        for (int i = 0; i < 20_000; i++) {
            StringBuilder any = new StringBuilder();
            for (int n = random.nextInt(12); n >= 0; n--) {
                any.append((char) (random.nextInt(4) == 0 ? 0xD700 + random.nextInt(0x1000) : random.nextInt(0x10000)));
            }
            String kept = Characters.kept(any.toString());
            assertThat(Characters.kept(kept)).isSameAs(kept);
            kept.codePoints().forEach(c -> assertThat(c == 9
                            || c == 10
                            || c == 13
                            || c >= 0x20 && c <= 0xD7FF
                            || c >= 0xE000 && c <= 0xFFFD
                            || c >= 0x10000)
                    .isTrue());
        }
    }

    @Test
    void everyWayInKeepsThem() {
        assertThat(Word.of(1, "a\ud800b\0", 0, 10, WordSource.TYPED).text()).isEqualTo("a\uFFFDb");
        assertThat(Json.read("[\"a\\ud800b\\u0000\"]", String[].class, "list")).containsExactly("a\uFFFDb");
        assertThat(TextFile.of(new byte[] {(byte) 0xFE, (byte) 0xFF, 0, 'a', 0, 0, 0, 'b'})
                        .text())
                .isEqualTo("ab");
    }
}
