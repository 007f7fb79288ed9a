package saltdrum.server.store;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.HexFormat;

/** Random ids for addresses, 12 letters and digits that cannot be guessed; tokens; and SHA-256 hashes. */
public final class OpaqueIds {
    private static final String LETTERS = "abcdefghijkmnpqrstuvwxyz23456789";
    private static final SecureRandom RANDOM = new SecureRandom();

    private OpaqueIds() {}

    /** Of bytes: the same for the same ones (SHA-256). */
    public static String hash(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Of a text. */
    public static String hash(String text) {
        return hash(text.getBytes(StandardCharsets.UTF_8));
    }

    public static String fresh() {
        return random(12);
    }

    /** A random secret for links, 130 bits. */
    public static String token() {
        return random(26);
    }

    /** What is typed from paper: 80 bits. */
    public static String recoveryCode() {
        return random(16);
    }

    private static String random(int length) {
        StringBuilder id = new StringBuilder(length);
        for (int i = 0; i < length; i++) {
            id.append(LETTERS.charAt(RANDOM.nextInt(LETTERS.length())));
        }
        return id.toString();
    }
}
