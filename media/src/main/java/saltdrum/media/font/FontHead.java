package saltdrum.media.font;

import java.nio.ByteBuffer;
import saltdrum.core.BadInputException;

/**
 * Checks the first bytes of a font file before any font library reads it: OpenType 1.9 (“Table Directory”) and WOFF
 * File Format 2.0, §4 (the header), both big-endian.
 */
public final class FontHead {
    public static final int MOST_BYTES = 10_000_000;

    private static final long MOST_UNPACKED = 40_000_000;
    private static final int MOST_TABLES = 64;
    private static final int TRUE_TYPE = 0x00010000;
    private static final int OPEN_TYPE = 0x4F54544F;
    private static final int OLD_TRUE_TYPE = 0x74727565;
    private static final int WOFF2 = 0x774F4632;
    private static final int WOFF = 0x774F4646;
    private static final int COLLECTION = 0x74746366;

    private FontHead() {}

    /** @throws BadInputException saying what is wrong with it */
    static void check(byte[] file) {
        if (file.length > MOST_BYTES) {
            throw refused("It is larger than " + MOST_BYTES / 1_000_000 + " MB.");
        }
        if (file.length < 12) {
            throw refused("It is not a font.");
        }
        ByteBuffer bytes = ByteBuffer.wrap(file);
        switch (bytes.getInt(0)) {
            case TRUE_TYPE, OPEN_TYPE, OLD_TRUE_TYPE -> tables(bytes);
            case WOFF2 -> packed(bytes);
            case WOFF -> throw refused("It is a WOFF 1.0 file. TTF, OTF and WOFF2 are supported.");
            case COLLECTION -> throw refused("It is a collection of fonts. Add each of them as a file of its own.");
            default -> throw refused("It is not a TTF, OTF or WOFF2 file.");
        }
    }

    private static void tables(ByteBuffer bytes) {
        int tables = bytes.getShort(4) & 0xffff;
        if (tables < 4 || tables > MOST_TABLES || 12 + 16L * tables > bytes.capacity()) {
            throw refused("Its list of tables is broken.");
        }
        for (int i = 0; i < tables; i++) {
            long offset = bytes.getInt(12 + 16 * i + 8) & 0xffffffffL;
            long length = bytes.getInt(12 + 16 * i + 12) & 0xffffffffL;
            if (offset + length > bytes.capacity()) {
                throw refused("It is incomplete: a table reaches past its end.");
            }
        }
    }

    private static void packed(ByteBuffer bytes) {
        if (bytes.capacity() < 48) {
            throw refused("It is incomplete.");
        }
        long length = bytes.getInt(8) & 0xffffffffL;
        int tables = bytes.getShort(12) & 0xffff;
        long unpacked = bytes.getInt(16) & 0xffffffffL;
        if (length != bytes.capacity()) {
            throw refused("It is incomplete, or has extra bytes after its end.");
        }
        if (tables < 4 || tables > MOST_TABLES) {
            throw refused("Its list of tables is broken.");
        }
        if (unpacked > MOST_UNPACKED) {
            throw refused("Unpacked it would be larger than " + MOST_UNPACKED / 1_000_000 + " MB.");
        }
    }

    static BadInputException refused(String why) {
        return new BadInputException("This font was not added. " + why);
    }
}
