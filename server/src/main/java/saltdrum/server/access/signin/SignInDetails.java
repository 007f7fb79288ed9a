package saltdrum.server.access.signin;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.security.web.authentication.WebAuthenticationDetails;

/** The request details beside address and password. */
public final class SignInDetails extends WebAuthenticationDetails {
    private static final long serialVersionUID = 1;

    /** In no session. */
    private final transient String code;

    public SignInDetails(HttpServletRequest request) {
        super(request);
        code = request.getParameter("code");
    }

    String code() {
        return code == null ? "" : code;
    }
}
