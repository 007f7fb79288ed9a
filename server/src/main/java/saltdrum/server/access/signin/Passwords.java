package saltdrum.server.access.signin;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.util.ArrayList;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;

/** Checks the length and the strength of passwords, and stores them as Argon2id hashes. */
@Component
public class Passwords {
    /** OWASP ASVS 4.0.3, V2.1.1 and V2.1.2. */
    private static final int LEAST = 12;

    private static final int MOST = 128;
    /** Of 0 to 4: "safely unguessable" by Dan Wheeler's estimate (USENIX Security 2016). */
    private static final int GOOD = 3;
    /** More of a password is not looked at, which would take long. */
    private static final int MEASURED = 64;

    private final Zxcvbn measure = new Zxcvbn();
    private final PasswordEncoder encoder;

    Passwords(PasswordEncoder encoder) {
        this.encoder = encoder;
    }

    @Configuration
    static class Encoding {
        /** Parameters of the OWASP Password Storage Cheat Sheet: 19 MiB, two rounds, one lane. */
        @Bean
        PasswordEncoder passwordEncoder() {
            return new Argon2PasswordEncoder(16, 32, 1, 19_456, 2);
        }
    }

    /**
     * @param known what anybody would try first: the person's name and address
     * @throws BadInputException for one that is too short, too long or too easily guessed
     */
    public String hash(String password, List<String> known) {
        int length = password == null ? 0 : password.codePointCount(0, password.length());
        if (length < LEAST) {
            throw new BadInputException("A password has at least " + LEAST + " characters. A few words work well.");
        }
        if (length > MOST) {
            throw new BadInputException("A password has at most " + MOST + " characters.");
        }
        String head = password.substring(0, Math.min(MEASURED, password.length()));
        List<String> easy = new ArrayList<>(known);
        easy.addAll(List.of("salt", "drum", "saltdrum"));
        known.forEach(one -> easy.addAll(List.of(one.split("[^\\p{L}\\p{N}]+"))));
        if (measure.measure(head, easy).getScore() < GOOD) {
            throw new BadInputException(
                    "That password is too easy to guess. Use a few words that do not belong" + " together.");
        }
        return encoder.encode(password);
    }

    public boolean fits(String password, String hash) {
        return password != null && password.length() <= MOST && encoder.matches(password, hash);
    }
}
