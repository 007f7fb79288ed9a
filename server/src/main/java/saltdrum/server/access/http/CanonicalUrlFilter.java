package saltdrum.server.access.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Accepts only canonical addresses, so that no later code treats two spellings of one address differently: no letter
 * of a path is encoded that need not be (RFC 3986, 2.3), and what is encoded is UTF-8 (RFC 3629) without NUL.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
final class CanonicalUrlFilter extends OncePerRequestFilter {
    /** A to Z, a to z, 0 to 9, and - . _ ~ */
    private static final Pattern NEEDLESS =
            Pattern.compile("%(2[DdEe]|3[0-9]|4[1-9A-Fa-f]|5[0-9AaFf]|6[1-9A-Fa-f]|7[0-9AaEe])");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String path = request.getRequestURI();
        if (NEEDLESS.matcher(path).find() || !readable(path) || !readable(request.getQueryString())) {
            Problem.write(
                    response,
                    400,
                    "This address is not in its usual form and leads nowhere. Nothing was changed: follow a "
                            + "link, or type it again.");
            return;
        }
        chain.doFilter(request, response);
    }

    private static boolean readable(String encoded) {
        if (encoded == null || encoded.indexOf('%') < 0) {
            return true;
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        for (int i = 0; i < encoded.length(); i++) {
            char c = encoded.charAt(i);
            if (c != '%') {
                bytes.writeBytes(String.valueOf(c).getBytes(StandardCharsets.UTF_8));
                continue;
            }
            int value = i + 2 < encoded.length() ? hex(encoded.charAt(i + 1), encoded.charAt(i + 2)) : -1;
            if (value <= 0) {
                return false;
            }
            bytes.write(value);
            i += 2;
        }
        try {
            StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes.toByteArray()));
            return true;
        } catch (CharacterCodingException notUtf8) {
            return false;
        }
    }

    private static int hex(char high, char low) {
        int first = Character.digit(high, 16);
        int second = Character.digit(low, 16);
        return first < 0 || second < 0 ? -1 : 16 * first + second;
    }
}
