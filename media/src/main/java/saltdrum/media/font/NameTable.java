package saltdrum.media.font;

import java.nio.ByteBuffer;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import saltdrum.core.text.Characters;

/** Reads the names of a font: OpenType 1.9, “name — Naming Table”. Reads what it can of a broken one. */
final class NameTable {
    static final int COPYRIGHT = 0;
    static final int FAMILY = 1;
    static final int LICENCE = 13;
    static final int LICENCE_ADDRESS = 14;
    static final int TYPOGRAPHIC_FAMILY = 16;

    private static final int WINDOWS = 3;
    private static final int ENGLISH = 0x409;
    private static final int MOST_LETTERS = 4000;

    private final Map<Integer, String> names = new HashMap<>();

    NameTable(byte[] table) {
        ByteBuffer bytes = ByteBuffer.wrap(table);
        if (table.length < 6) {
            return;
        }
        int count = bytes.getShort(2) & 0xffff;
        int texts = bytes.getShort(4) & 0xffff;
        for (int i = 0; i < count && 6 + 12 * (i + 1) <= table.length; i++) {
            int at = 6 + 12 * i;
            int platform = bytes.getShort(at) & 0xffff;
            int language = bytes.getShort(at + 4) & 0xffff;
            int id = bytes.getShort(at + 6) & 0xffff;
            int length = bytes.getShort(at + 8) & 0xffff;
            int from = texts + (bytes.getShort(at + 10) & 0xffff);
            boolean best = platform == WINDOWS && language == ENGLISH;
            if (from + length <= table.length && (best || !names.containsKey(id))) {
                Charset letters = platform == 1 ? StandardCharsets.ISO_8859_1 : StandardCharsets.UTF_16BE;
                String text = Characters.kept(new String(table, from, length, letters))
                        .strip();
                names.put(id, text.length() > MOST_LETTERS ? text.substring(0, MOST_LETTERS) : text);
            }
        }
    }

    /** Empty where it has none. */
    String get(int id) {
        return names.getOrDefault(id, "");
    }
}
