package saltdrum.cli.bench.siege;

import java.util.List;
import java.util.Locale;
import java.util.Random;

/** Addresses written in other ways: with a letter encoded, dots, doubled slashes, parameters, characters that mean the end. */
final class AddressVariants {
    private static final List<String> BETWEEN =
            List.of("//", "/./", "/%2e/", "/x/../", "/%2e%2e/", ";v=1/", "%2F", "%00/", "%0a/", "/%20");

    private AddressVariants() {}

    /** @param address with its query */
    static String of(String address, Random random) {
        int query = address.indexOf('?');
        String path = query < 0 ? address : address.substring(0, query);
        String rest = query < 0 ? "" : address.substring(query);
        if (random.nextBoolean()) {
            int at = random.nextInt(path.length());
            char letter = path.charAt(at);
            if (Character.isLetterOrDigit(letter)
                    && letter < 128
                    && (at == 0 || path.charAt(at - 1) != '%')
                    && (at < 2 || path.charAt(at - 2) != '%')) {
                String encoded = String.format("%%%02x", (int) letter);
                return path.substring(0, at)
                        + (random.nextBoolean() ? encoded : encoded.toUpperCase(Locale.ROOT))
                        + path.substring(at + 1)
                        + rest;
            }
        }
        int slash = path.indexOf('/', 1 + random.nextInt(path.length() - 1));
        return slash < 0
                ? path + "/" + rest
                : path.substring(0, slash)
                        + BETWEEN.get(random.nextInt(BETWEEN.size()))
                        + path.substring(slash + 1)
                        + rest;
    }
}
