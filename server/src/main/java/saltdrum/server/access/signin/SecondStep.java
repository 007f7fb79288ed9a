package saltdrum.server.access.signin;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.bouncycastle.util.encoders.Base32;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.server.store.people.PersonRow;
import saltdrum.server.store.people.SecondStepStore;

/** A code in addition to the password: optional, or required of everyone by the owners. */
@Component
public class SecondStep {
    private final SecureRandom random = new SecureRandom();
    private final SecondStepStore store;

    SecondStep(SecondStepStore store) {
        this.store = store;
    }

    /**
     * The data for an authenticator app.
     *
     * @param secret Base32 (RFC 4648), for typing
     * @param picture the same as a QR code: the path of its dark squares, of side 1
     * @param side of the picture, in squares
     */
    public record Begun(String secret, String picture, int side) {}

    public byte[] secret() {
        byte[] secret = new byte[TimeCodes.SECRET_BYTES];
        random.nextBytes(secret);
        return secret;
    }

    public Begun begun(PersonRow person, byte[] secret) {
        String base32 = Base32.toBase32String(secret);
        // Key URI format of authenticator apps; common practice, no standard.
        String uri = "otpauth://totp/Salt%20Drum:"
                + URLEncoder.encode(person.email(), StandardCharsets.UTF_8).replace("+", "%20")
                + "?secret=" + base32 + "&issuer=Salt%20Drum";
        try {
            BitMatrix squares =
                    new QRCodeWriter().encode(uri, BarcodeFormat.QR_CODE, 1, 1, Map.of(EncodeHintType.MARGIN, 0));
            StringBuilder path = new StringBuilder();
            for (int y = 0; y < squares.getHeight(); y++) {
                for (int x = 0; x < squares.getWidth(); x++) {
                    if (squares.get(x, y)) {
                        path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                    }
                }
            }
            return new Begun(base32, path.toString(), squares.getWidth());
        } catch (WriterException e) {
            throw new IllegalStateException(e);
        }
    }

    /**
     * From now on the person signs in with a code.
     *
     * @param code a present one, which shows that the app has the secret
     * @return recovery codes; they are shown once
     */
    public List<String> take(long personId, byte[] secret, String code) {
        long step = TimeCodes.stepOf(secret, tidied(code), Instant.now().getEpochSecond());
        if (step < 0) {
            throw new BadInputException("That is not the current code of the app. Wait for the next one.");
        }
        return store.take(personId, secret, step);
    }

    boolean isTaken(long personId) {
        return store.secret(personId) != null;
    }

    /** Whether the person may do nothing before a second step was set up. */
    public boolean isMissing(long personId) {
        return store.ofAll() && !isTaken(personId);
    }

    /** A code by the clock or one for recovery; each is good once. */
    boolean fits(long personId, String code) {
        String tidied = tidied(code);
        byte[] secret = store.secret(personId);
        if (secret == null || tidied.isEmpty()) {
            return false;
        }
        long step = TimeCodes.stepOf(secret, tidied, Instant.now().getEpochSecond());
        return step >= 0 ? store.use(personId, step) : store.useRecovery(personId, tidied);
    }

    /** As people type them: with spaces, or in capitals. */
    private static String tidied(String code) {
        return code == null ? "" : code.replaceAll("[\\s-]", "").toLowerCase(Locale.ROOT);
    }
}
