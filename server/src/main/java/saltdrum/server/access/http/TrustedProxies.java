package saltdrum.server.access.http;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import saltdrum.core.SaltDrumException;

/** The proxies that are trusted about the caller: addresses, and IPv4 networks of whole bytes. */
public final class TrustedProxies {
    private static final Pattern IPV4 = Pattern.compile("((?:\\d{1,3}\\.){3}\\d{1,3})(?:/(8|16|24|32))?");
    private static final Pattern IPV6 = Pattern.compile("[0-9A-Fa-f:]*:[0-9A-Fa-f:.]*");
    private static final int BITS_OF_A_BYTE = 8;

    private TrustedProxies() {}

    /**
     * @param named such as {@code 10.4.0.0/16} and {@code ::1}
     * @return a pattern of the addresses that are meant, as Tomcat's valve takes it
     * @throws SaltDrumException for what is neither
     */
    public static String pattern(List<String> named) {
        List<String> patterns = new ArrayList<>();
        for (String one : named) {
            var ipv4 = IPV4.matcher(one.strip());
            if (ipv4.matches()) {
                int bytes = ipv4.group(2) == null ? 4 : Integer.parseInt(ipv4.group(2)) / BITS_OF_A_BYTE;
                String[] parts = ipv4.group(1).split("\\.");
                StringBuilder pattern = new StringBuilder();
                for (int i = 0; i < parts.length; i++) {
                    pattern.append(i == 0 ? "" : "\\.").append(i < bytes ? parts[i] : "\\d{1,3}");
                }
                patterns.add(pattern.toString());
            } else if (IPV6.matcher(one.strip()).matches()) {
                patterns.add(Pattern.quote(one.strip()));
            } else {
                throw new SaltDrumException("“" + one
                        + "” in SALT_DRUM_PROXIES is no address of a server and no network such as 10.4.0.0/16.");
            }
        }
        return String.join("|", patterns);
    }
}
