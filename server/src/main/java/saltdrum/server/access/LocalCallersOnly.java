package saltdrum.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import saltdrum.server.access.http.Problem;
import saltdrum.server.access.http.SameOrigin;
import saltdrum.server.access.signin.SignIn;

/**
 * Refuses requests for a foreign host name and changes requested by a foreign page, so that no web site in the
 * designer's browser can reach this server.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
final class LocalCallersOnly extends OncePerRequestFilter {
    private final SignIn signIn;

    LocalCallersOnly(SignIn signIn) {
        this.signIn = signIn;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!allowed(request.getServerName())) {
            refuse(response, "This server answers only to " + String.join(", ", signIn.hosts()) + ".");
            return;
        }
        if (!signIn.required() && passedOn(request)) {
            refuse(
                    response,
                    "This workshop is for local users only, and another server forwarded this request. Give it an"
                            + " address for others, SALT_DRUM_URL, so that people sign in.");
            return;
        }
        if (!SameOrigin.asks(request, signIn.url())) {
            refuse(response, "Another site sent this request. Only pages of this server may.");
            return;
        }
        response.setHeader("X-Content-Type-Options", "nosniff");
        // The path contains the secret of a review link.
        response.setHeader("Referrer-Policy", "same-origin");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        response.setHeader(
                "Content-Security-Policy",
                "default-src 'self'; img-src 'self' blob: data:; media-src 'self' blob:; style-src 'self' 'unsafe-inline'; frame-ancestors 'none'");
        chain.doFilter(request, response);
    }

    /** By a server in front of this one, for somebody elsewhere (RFC 7239). */
    private static boolean passedOn(HttpServletRequest request) {
        return request.getHeader("Forwarded") != null || request.getHeader("X-Forwarded-For") != null;
    }

    private boolean allowed(String host) {
        return host != null && signIn.hosts().contains(host.toLowerCase(Locale.ROOT));
    }

    private static void refuse(HttpServletResponse response, String why) throws IOException {
        Problem.write(response, 403, why);
    }
}
