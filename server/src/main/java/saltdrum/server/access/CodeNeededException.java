package saltdrum.server.access;

import org.springframework.security.core.AuthenticationException;

/** Address and password belong together; the code is missing. */
final class CodeNeededException extends AuthenticationException {
    CodeNeededException() {
        super("a code is needed");
    }
}
