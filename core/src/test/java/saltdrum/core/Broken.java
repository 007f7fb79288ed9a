package saltdrum.core;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;

/** Files that were good once. */
public final class Broken {
    private static final String[] PIECES = {
        "<",
        ">",
        "&",
        "&#x",
        "&amp;",
        "<font ",
        "<b>",
        "{\\an8}",
        "{\\",
        "-->",
        "\n\n",
        "\r",
        "\u0000",
        "\uFEFF",
        "\u202E",
        "00:00:01,000 --> 00:00:00,500",
        "99:99:99,999",
        "NaN",
        "1e400",
        "-1",
        "null",
        "[]",
        "{",
        "\"",
        "<![CDATA[",
        "<!DOCTYPE x [<!ENTITY a 'b'>]>",
        "\uD83D\uDC68\u200D\uD83D\uDC69\u200D\uD83D\uDC67",
        "\uD800",
        "\u0301",
        "'",
    };

    private Broken() {}

    /** One to five places cut out, doubled, overwritten or flooded; now and then the end is missing. */
    public static byte[] of(byte[] whole, Random random) {
        byte[] bytes = whole;
        for (int n = random.nextInt(5); n >= 0; n--) {
            int at = random.nextInt(Math.max(1, bytes.length));
            int to = Math.min(bytes.length, at + random.nextInt(40));
            byte[] piece =
                    switch (random.nextInt(5)) {
                        case 0 -> new byte[] {(byte) random.nextInt(256)};
                        case 1 -> new byte[0];
                        case 2 -> Arrays.copyOfRange(bytes, at, to);
                        case 3 ->
                            PIECES[random.nextInt(PIECES.length)]
                                    .repeat(1 + random.nextInt(30))
                                    .getBytes(StandardCharsets.UTF_8);
                        default -> PIECES[random.nextInt(PIECES.length)].getBytes(StandardCharsets.UTF_8);
                    };
            int skip = random.nextBoolean() ? to : at;
            byte[] next = new byte[at + piece.length + bytes.length - skip];
            System.arraycopy(bytes, 0, next, 0, at);
            System.arraycopy(piece, 0, next, at, piece.length);
            System.arraycopy(bytes, skip, next, at + piece.length, bytes.length - skip);
            bytes = next;
        }
        return random.nextInt(12) == 0 ? Arrays.copyOf(bytes, random.nextInt(bytes.length + 1)) : bytes;
    }
}
