package saltdrum.server.access.signin;

import java.net.InetAddress;
import java.net.URI;
import java.net.UnknownHostException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import saltdrum.core.SaltDrumException;
import saltdrum.server.Settings;

/**
 * Whether people sign in: required as soon as the workshop has a public address ({@code salt-drum.url}) or listens
 * beyond this machine. On loopback alone local users may do everything.
 */
@Component
public class SignIn {
    private final boolean required;
    private final String url;
    private final List<String> hosts;

    /** @param listens address that the server listens on; empty for all of the machine's */
    SignIn(Settings settings, @Value("${server.address:}") String listens) throws UnknownHostException {
        boolean named = settings.url() != null && !settings.url().isBlank();
        required = named || listens.isBlank() || !InetAddress.getByName(listens).isLoopbackAddress();
        url = named ? settings.url().strip().replaceFirst("/+$", "") : "";
        hosts = new ArrayList<>(settings.allowedHosts());
        if (named) {
            hosts.add(host(url));
        }
    }

    private static String host(String url) {
        try {
            URI uri = URI.create(url);
            if (uri.getHost() != null && List.of("http", "https").contains(uri.getScheme())) {
                return uri.getHost().toLowerCase(Locale.ROOT);
            }
        } catch (IllegalArgumentException notOne) {
            // Reported below.
        }
        throw new SaltDrumException("“" + url + "” is not a web address, such as https://captions.example.");
    }

    public boolean required() {
        return required;
    }

    /** The workshop's address as others call it, without a slash at its end; empty where it has none. */
    public String url() {
        return url;
    }

    /**
     * The name that passkeys are bound to: the workshop's host. Null where browsers take none: without HTTPS but on this
     * machine, and for bare numbers (WebAuthn Level 2, 5.1.2 and 13.4.9).
     */
    public String passkeyHost() {
        if (url.isEmpty()) {
            return null;
        }
        String host = host(url);
        boolean name = host.chars().anyMatch(Character::isLetter) && !host.contains(":");
        return name && (url.startsWith("https:") || host.equals("localhost")) ? host : null;
    }

    /** Names under which the server may be called, small letters. */
    public List<String> hosts() {
        return hosts;
    }
}
