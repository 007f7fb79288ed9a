package saltdrum.server.store;

import java.security.SecureRandom;

/** Ids for addresses: 12 letters and digits that cannot be guessed. */
final class Ids {
    private static final String LETTERS = "abcdefghijkmnpqrstuvwxyz23456789";
    private static final SecureRandom RANDOM = new SecureRandom();

    private Ids() {}

    static String fresh() {
        StringBuilder id = new StringBuilder(12);
        for (int i = 0; i < 12; i++) {
            id.append(LETTERS.charAt(RANDOM.nextInt(LETTERS.length())));
        }
        return id.toString();
    }
}
