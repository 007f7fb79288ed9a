package saltdrum.server.access.signin;

import java.util.Locale;
import java.util.regex.Pattern;
import saltdrum.core.BadInputException;

/** The e-mail address of a sign-in in its canonical form, used for lookup, limits and storage. */
public final class SignInEmail {
    /** Something before and after one @; deliverability is not checked. */
    private static final Pattern EMAIL = Pattern.compile("[^@\\s\\p{Cc}]{1,64}@[^@\\s\\p{Cc}]{1,189}");

    private SignInEmail() {}

    /** In small letters and without space around it. */
    public static String of(String typed) {
        return typed == null ? "" : typed.strip().toLowerCase(Locale.ROOT);
    }

    /** @throws BadInputException for what is no address */
    public static String checked(String typed) {
        String name = of(typed);
        if (!EMAIL.matcher(name).matches()) {
            throw new BadInputException("Sign in with an e-mail address, such as ada@quay.example.");
        }
        return name;
    }

    public static boolean isOne(String name) {
        return EMAIL.matcher(name).matches();
    }
}
