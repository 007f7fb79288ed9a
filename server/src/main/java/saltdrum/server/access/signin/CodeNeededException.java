package saltdrum.server.access.signin;

import org.springframework.security.core.AuthenticationException;

/** Address and password belong together; the code is missing. */
public final class CodeNeededException extends AuthenticationException {
    CodeNeededException() {
        super("a code is needed");
    }
}
