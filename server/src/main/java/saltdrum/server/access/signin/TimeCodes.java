package saltdrum.server.access.signin;

import java.nio.ByteBuffer;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.util.Locale;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/** One-time codes by the clock (TOTP, RFC 6238), with what authenticator apps have: HMAC-SHA-1, 30 seconds, six digits. */
public final class TimeCodes {
    static final int SECRET_BYTES = 20;
    private static final int STEP_SECONDS = 30;
    private static final int DIGITS = 6;
    /** Codes of the steps beside the present one are good too: clocks differ (RFC 6238, 5.2). */
    private static final int SLACK = 1;

    private TimeCodes() {}

    public static long step(long epochSecond) {
        return epochSecond / STEP_SECONDS;
    }

    /** RFC 4226, 5.3. */
    public static String code(byte[] secret, long step, int digits) {
        try {
            Mac mac = Mac.getInstance("HmacSHA1");
            mac.init(new SecretKeySpec(secret, "RAW"));
            byte[] hash =
                    mac.doFinal(ByteBuffer.allocate(Long.BYTES).putLong(step).array());
            int offset = hash[hash.length - 1] & 0xf;
            int number = ByteBuffer.wrap(hash, offset, Integer.BYTES).getInt() & 0x7fff_ffff;
            int most = (int) Math.pow(10, digits);
            return String.format(Locale.ROOT, "%0" + digits + "d", number % most);
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /** @return the time step that a code is of; -1 for one that is not good now */
    static long stepOf(byte[] secret, String code, long epochSecond) {
        long now = step(epochSecond);
        for (long step = now - SLACK; step <= now + SLACK; step++) {
            if (MessageDigest.isEqual(code(secret, step, DIGITS).getBytes(), code.getBytes())) {
                return step;
            }
        }
        return -1;
    }
}
