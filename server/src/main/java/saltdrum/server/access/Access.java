package saltdrum.server.access;

import java.util.List;
import org.springframework.http.HttpMethod;

/** The access rules when people sign in: the first matching line decides. */
enum Access {
    /** The page itself contains no data; the contents of a link are requested with the link's secret. */
    ANYBODY,
    /** Signed in, even if the required second step is not set up yet. */
    ONESELF,
    SIGNED_IN,
    DESIGNER,
    OWNER,
    /** Endpoints for local programs, which have paths of their own. */
    NOBODY;

    /** @param method null for any */
    record Line(HttpMethod method, String path, Access access) {}

    static final List<Line> LINES = List.of(
            new Line(HttpMethod.GET, "/api/session", ANYBODY),
            new Line(null, "/api/session/*/**", ONESELF),
            new Line(null, "/api/joining/*", ANYBODY),
            new Line(HttpMethod.GET, "/api/shared", SIGNED_IN),
            new Line(null, "/api/shared/*/**", ANYBODY),
            new Line(null, "/api/people/**", OWNER),
            new Line(null, "/api/invitations/**", OWNER),
            new Line(HttpMethod.DELETE, "/api/clips/*/for-good", OWNER),
            new Line(HttpMethod.PUT, "/api/storage/retention", OWNER),
            new Line(HttpMethod.PUT, "/api/workshop", OWNER),
            new Line(null, "/api/**", DESIGNER),
            new Line(null, "/actuator/**", NOBODY),
            new Line(null, "/**", ANYBODY));
}
