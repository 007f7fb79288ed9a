package saltdrum.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.stereotype.Component;
import saltdrum.server.access.http.CallCounter;
import saltdrum.server.access.http.Problem;
import saltdrum.server.access.http.RateLimit;
import saltdrum.server.access.signin.CodeNeededException;
import saltdrum.server.access.signin.FailedSignIns;
import saltdrum.server.access.signin.KnownBrowser;
import saltdrum.server.store.people.AuditLog;
import saltdrum.server.store.people.PersonStore;

/** What follows when somebody signs in, is refused or signs out: counters, the record, the answer. */
@Component
@ConditionalOnWebApplication
class SignInOutcomes {
    private final CallCounter throttle;
    private final FailedSignIns failedSignIns;
    private final KnownBrowser browser;
    private final PersonStore people;
    private final AuditLog audit;

    SignInOutcomes(
            CallCounter throttle,
            FailedSignIns failedSignIns,
            KnownBrowser browser,
            PersonStore people,
            AuditLog audit) {
        this.throttle = throttle;
        this.failedSignIns = failedSignIns;
        this.browser = browser;
        this.people = people;
        this.audit = audit;
    }

    void signedIn(HttpServletRequest request, HttpServletResponse response, Authentication who) {
        long id = Long.parseLong(who.getName());
        people.seen(id);
        throttle.forgive(RateLimit.SIGN_IN_AS, SecuritySettings.pair(request));
        failedSignIns.forget(SecuritySettings.tried(request));
        browser.remember(request, response, id);
        audit.add(id, "Signed in", "");
        response.setStatus(204);
    }

    void refused(HttpServletRequest request, HttpServletResponse response, AuthenticationException why)
            throws IOException {
        if (why instanceof CodeNeededException) {
            Problem.write(response, 401, "Type the code that your app shows.", "CODE");
            return;
        }
        failedSignIns.missed(SecuritySettings.tried(request));
        audit.add(null, "Failed to sign in", SecuritySettings.tried(request));
        Problem.write(
                response,
                401,
                request.getParameter("code") == null
                        ? "E-mail address or password is wrong."
                        : "E-mail address, password or code is wrong.");
    }

    /** @param who null without a session */
    void signedOut(HttpServletRequest request, HttpServletResponse response, Authentication who) {
        if (who != null) {
            audit.add(Long.valueOf(who.getName()), "Signed out", "");
        }
        response.setStatus(204);
    }

    RateLimitFilter limit() {
        return new RateLimitFilter(throttle, failedSignIns, browser);
    }
}
