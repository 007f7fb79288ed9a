package saltdrum.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.regex.Pattern;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses to sign somebody in, and to take files, more often than people do it. */
final class Counted extends OncePerRequestFilter {
    private static final Pattern FILES = Pattern.compile("/api/(clips(/\\w+/footage)?|fonts|pictures|stickers)");

    private final Throttle throttle;

    Counted(Throttle throttle) {
        this.throttle = throttle;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            count(request);
        } catch (TooOftenException e) {
            response.setHeader("Retry-After", Long.toString(e.within().toSeconds()));
            Problem.write(response, 429, e.getMessage());
            return;
        }
        chain.doFilter(request, response);
    }

    private void count(HttpServletRequest request) {
        if (SecuritySettings.signsIn(request)) {
            throttle.count(Limit.SIGN_IN, request.getRemoteAddr());
            throttle.count(Limit.SIGN_IN_AS, SecuritySettings.tried(request));
        } else if ("PUT".equals(request.getMethod())
                && FILES.matcher(request.getRequestURI()).matches()) {
            Authentication who = SecurityContextHolder.getContext().getAuthentication();
            throttle.count(Limit.UPLOAD, who == null ? request.getRemoteAddr() : who.getName());
        }
    }
}
