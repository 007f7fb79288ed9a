package saltdrum.core.text;

import com.ibm.icu.text.CharsetDetector;
import com.ibm.icu.text.CharsetMatch;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;

/**
 * A text file's bytes as text: UTF-8 where they are that, or by a mark at their beginning, or as ICU's detector finds.
 *
 * @param text without the mark, and with {@linkplain Characters#kept characters that may be kept} only
 * @param guessed name of the encoding where it had to be guessed, or null
 */
public record TextFile(String text, String guessed) {
    public static TextFile of(byte[] bytes) {
        Charset marked = mark(bytes);
        if (marked != null) {
            return kept(new String(bytes, marked), null);
        }
        try {
            return kept(
                    StandardCharsets.UTF_8
                            .newDecoder()
                            .decode(ByteBuffer.wrap(bytes))
                            .toString(),
                    null);
        } catch (CharacterCodingException notUtf8) {
            CharsetMatch match = new CharsetDetector().setText(bytes).detect();
            String name = match == null || !Charset.isSupported(match.getName()) ? "windows-1252" : match.getName();
            return kept(new String(bytes, Charset.forName(name)), name);
        }
    }

    private static TextFile kept(String text, String guessed) {
        return new TextFile(Characters.kept(text.startsWith("\uFEFF") ? text.substring(1) : text), guessed);
    }

    private static Charset mark(byte[] b) {
        int first = b.length < 2 ? 0 : (b[0] & 255) << 8 | b[1] & 255;
        if (first == 0xFEFF) {
            return StandardCharsets.UTF_16BE;
        } else if (first == 0xFFFE) {
            return StandardCharsets.UTF_16LE;
        }
        return first == 0xEFBB ? StandardCharsets.UTF_8 : null;
    }
}
