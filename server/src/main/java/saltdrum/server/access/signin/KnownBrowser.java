package saltdrum.server.access.signin;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Arrays;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;
import saltdrum.server.store.people.PersonRow;
import saltdrum.server.store.people.PersonStore;

/**
 * A cookie that proves an earlier sign-in of a person with this browser. It grants no access; it only exempts the
 * person from delays caused by others who guess. Its value is random, and only its hash is stored.
 */
@Component
public class KnownBrowser {
    private static final String COOKIE = "salt-drum-browser";
    private static final Duration KEPT = Duration.ofDays(365);

    private final PersonStore people;

    KnownBrowser(PersonStore people) {
        this.people = people;
    }

    public boolean knows(HttpServletRequest request, String name) {
        String token = token(request);
        PersonRow person = token == null ? null : people.named(name);
        return person != null && people.knowsBrowser(person.id(), token);
    }

    public void remember(HttpServletRequest request, HttpServletResponse response, long personId) {
        String token = token(request);
        if (token == null || !people.knowsBrowser(personId, token)) {
            token = people.rememberBrowser(personId);
        }
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(COOKIE, token)
                        .path("/api/session")
                        .httpOnly(true)
                        .secure(request.isSecure())
                        .sameSite("Lax")
                        .maxAge(KEPT)
                        .build()
                        .toString());
    }

    private static String token(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        return cookies == null
                ? null
                : Arrays.stream(cookies)
                        .filter(cookie -> cookie.getName().equals(COOKIE))
                        .map(Cookie::getValue)
                        .findFirst()
                        .orElse(null);
    }
}
