package saltdrum.server.access;

import java.util.List;
import org.springframework.http.HttpMethod;

/** Who may ask for what where people sign in: the first line that fits decides. */
enum Access {
    /** The page itself holds nothing; what a link opens is asked for by what stands in the link. */
    ANYBODY,
    /** Who has signed in, also before they have set up the second step that the workshop asks for. */
    ONESELF,
    SIGNED_IN,
    DESIGNER,
    OWNER,
    /** What the server tells the programs around it, under addresses of their own. */
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
