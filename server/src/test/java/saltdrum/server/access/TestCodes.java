package saltdrum.server.access;

import java.time.Instant;
import org.bouncycastle.util.encoders.Base32;
import saltdrum.server.access.signin.TimeCodes;

/** An authenticator app. */
public final class TestCodes {
    private TestCodes() {}

    /** @param later time steps from now: 0, or 1 after that was used, which are good for at least half a minute and a whole one */
    public static String of(String base32, int later) {
        return TimeCodes.code(
                Base32.decode(base32), TimeCodes.step(Instant.now().getEpochSecond()) + later, 6);
    }
}
