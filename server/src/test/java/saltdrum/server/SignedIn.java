package saltdrum.server;

import java.util.function.Supplier;
import org.springframework.security.authentication.TestingAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;

/** Does things as a person, without a door. */
public final class SignedIn {
    private SignedIn() {}

    public static <T> T as(long person, Supplier<T> does) {
        TestingAuthenticationToken token = new TestingAuthenticationToken(Long.toString(person), null);
        token.setAuthenticated(true);
        SecurityContextHolder.getContext().setAuthentication(token);
        try {
            return does.get();
        } finally {
            SecurityContextHolder.clearContext();
        }
    }
}
