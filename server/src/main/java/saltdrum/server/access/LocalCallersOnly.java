package saltdrum.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import saltdrum.server.Settings;

/**
 * Refuses calls under a foreign name and changes asked for by a foreign page, so that no web site in the designer's
 * browser can reach this server.
 */
@Component
final class LocalCallersOnly extends OncePerRequestFilter {
    private final Settings settings;

    LocalCallersOnly(Settings settings) {
        this.settings = settings;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!allowed(request.getServerName())) {
            refuse(response, "This server answers only to " + String.join(", ", settings.allowedHosts()) + ".");
            return;
        }
        if (!SameOrigin.asks(request)) {
            refuse(response, "Another page asked for this. Only pages of this server may.");
            return;
        }
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        response.setHeader(
                "Content-Security-Policy",
                "default-src 'self'; img-src 'self' blob: data:; media-src 'self' blob:; style-src 'self' 'unsafe-inline'; frame-ancestors 'none'");
        chain.doFilter(request, response);
    }

    private boolean allowed(String host) {
        return host != null && settings.allowedHosts().contains(host.toLowerCase(Locale.ROOT));
    }

    private static void refuse(HttpServletResponse response, String why) throws IOException {
        Problem.write(response, 403, why);
    }
}
