package saltdrum.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.HttpMethod;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.web.filter.OncePerRequestFilter;
import saltdrum.server.access.http.CallCounter;
import saltdrum.server.access.http.Problem;
import saltdrum.server.access.http.RateLimit;
import saltdrum.server.access.http.TooOftenException;
import saltdrum.server.access.signin.FailedSignIns;
import saltdrum.server.access.signin.KnownBrowser;
import saltdrum.server.access.signin.SignInEmail;

/** Limits how often a caller signs in and uploads files. */
final class RateLimitFilter extends OncePerRequestFilter {
    /** As routes are matched: another way to write the same is the same here. */
    private static final List<PathPatternRequestMatcher> FILES = Stream.of(
                    "/api/clips", "/api/clips/*/footage", "/api/fonts", "/api/pictures", "/api/stickers")
            .map(path -> PathPatternRequestMatcher.withDefaults().matcher(HttpMethod.PUT, path))
            .toList();

    private static final PathPatternRequestMatcher PASSKEY =
            PathPatternRequestMatcher.withDefaults().matcher(HttpMethod.POST, "/webauthn/authenticate/options");

    private final CallCounter throttle;
    private final FailedSignIns failedSignIns;
    private final KnownBrowser browser;

    RateLimitFilter(CallCounter throttle, FailedSignIns failedSignIns, KnownBrowser browser) {
        this.throttle = throttle;
        this.failedSignIns = failedSignIns;
        this.browser = browser;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (SecuritySettings.signsIn(request) && !SignInEmail.isOne(SecuritySettings.tried(request))) {
            Problem.write(response, 422, "Sign in with an e-mail address, such as ada@quay.example.");
            return;
        }
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
            String name = SecuritySettings.tried(request);
            throttle.count(RateLimit.SIGN_IN, request.getRemoteAddr());
            throttle.count(RateLimit.SIGN_IN_AS, SecuritySettings.pair(request));
            if (!browser.knows(request, name)) {
                failedSignIns.mayTry(name);
            }
        } else if (PASSKEY.matches(request)) {
            throttle.count(RateLimit.PASSKEY, request.getRemoteAddr());
        } else if (FILES.stream().anyMatch(path -> path.matches(request))) {
            Authentication who = SecurityContextHolder.getContext().getAuthentication();
            throttle.count(RateLimit.UPLOAD, who == null ? request.getRemoteAddr() : who.getName());
        }
    }
}
