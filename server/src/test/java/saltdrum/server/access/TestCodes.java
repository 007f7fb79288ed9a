package saltdrum.server.access;

import java.time.Instant;
import org.bouncycastle.util.encoders.Base32;

/** An authenticator app. */
public final class TestCodes {
    private TestCodes() {}

    /** @param later time steps from now */
    public static String of(String base32, int later) {
        return TimeCodes.code(
                Base32.decode(base32), TimeCodes.step(Instant.now().getEpochSecond()) + later, 6);
    }
}
