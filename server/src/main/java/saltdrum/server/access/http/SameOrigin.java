package saltdrum.server.access.http;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import java.util.Locale;
import java.util.Set;

/** Whether a request comes from a page of ours, or from no page (Fetch Metadata Request Headers; RFC 6454). */
public final class SameOrigin {
    private static final Set<String> OURS = Set.of("same-origin", "none");

    private SameOrigin() {}

    /** @param workshop its address as others call it; empty where it has none */
    public static boolean asks(HttpServletRequest request, String workshop) {
        String origin = request.getHeader("Origin");
        if (origin != null && (!authority(origin).equals(own(request)) || !scheme(origin, request, workshop))) {
            return false;
        }
        String site = request.getHeader("Sec-Fetch-Site");
        return site == null || OURS.contains(site.toLowerCase(Locale.ROOT)) || linked(request);
    }

    /** A link elsewhere that leads to a page here. */
    private static boolean linked(HttpServletRequest request) {
        return "GET".equals(request.getMethod())
                && "navigate".equalsIgnoreCase(request.getHeader("Sec-Fetch-Mode"))
                && !request.getRequestURI().startsWith("/api/");
    }

    /** That of the call, or of the workshop's address: a server in front of this one may have taken HTTPS off. */
    private static boolean scheme(String origin, HttpServletRequest request, String workshop) {
        String asked = URI.create(origin).getScheme().toLowerCase(Locale.ROOT);
        boolean ofTheWorkshop =
                workshop.startsWith(asked + "://") && authority(workshop).equals(authority(origin));
        return ofTheWorkshop || asked.equals(request.getScheme());
    }

    /** Host and port as the caller wrote them. */
    private static String own(HttpServletRequest request) {
        String host = request.getHeader("Host");
        return host == null ? "" : withoutUsualPort(host);
    }

    private static String authority(String origin) {
        try {
            URI uri = URI.create(origin);
            boolean web = "http".equalsIgnoreCase(uri.getScheme()) || "https".equalsIgnoreCase(uri.getScheme());
            return web && uri.getAuthority() != null ? withoutUsualPort(uri.getAuthority()) : "of no page";
        } catch (IllegalArgumentException notAnAddress) {
            return "of no page";
        }
    }

    private static String withoutUsualPort(String authority) {
        return authority.toLowerCase(Locale.ROOT).replaceFirst(":(80|443)$", "");
    }
}
