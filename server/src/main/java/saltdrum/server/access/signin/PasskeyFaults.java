package saltdrum.server.access.signin;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpMethod;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.web.filter.OncePerRequestFilter;
import saltdrum.server.access.http.Problem;

/** Turns exceptions of the WebAuthn filters about invalid passkeys into problem details. */
public final class PasskeyFaults extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(PasskeyFaults.class);
    private static final List<PathPatternRequestMatcher> CEREMONIES = Stream.of("/webauthn/**", "/login/webauthn")
            .map(path -> PathPatternRequestMatcher.withDefaults().matcher(HttpMethod.POST, path))
            .toList();

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return CEREMONIES.stream().noneMatch(path -> path.matches(request));
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException e) {
            LOG.debug("no passkey", e);
            Problem.write(response, 400, "That passkey does not belong to this workshop. Nothing was changed.");
        }
    }
}
