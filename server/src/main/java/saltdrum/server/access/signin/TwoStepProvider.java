package saltdrum.server.access.signin;

import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.crypto.password.PasswordEncoder;

/** Checks the password, and then the code if one is set up. */
public final class TwoStepProvider extends DaoAuthenticationProvider {
    private final SecondStep secondStep;

    public TwoStepProvider(UserDetailsService people, PasswordEncoder encoder, SecondStep secondStep) {
        super(people);
        setPasswordEncoder(encoder);
        this.secondStep = secondStep;
    }

    @Override
    protected void additionalAuthenticationChecks(UserDetails person, UsernamePasswordAuthenticationToken token) {
        super.additionalAuthenticationChecks(person, token);
        long id = Long.parseLong(person.getUsername());
        if (!secondStep.isTaken(id)) {
            return;
        }
        String code = token.getDetails() instanceof SignInDetails details ? details.code() : "";
        if (code.isBlank()) {
            throw new CodeNeededException();
        }
        if (!secondStep.fits(id, code)) {
            throw new BadCredentialsException("wrong code");
        }
    }
}
