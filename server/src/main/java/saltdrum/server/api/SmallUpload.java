package saltdrum.server.api;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import saltdrum.core.BadInputException;

/** A small file that is the body of a request. */
public final class SmallUpload {
    private SmallUpload() {}

    /** @throws BadInputException when it is larger than it may be */
    public static byte[] bytes(HttpServletRequest request, int most, String what) throws IOException {
        byte[] bytes = request.getContentLengthLong() > most
                ? null
                : request.getInputStream().readNBytes(most + 1);
        if (bytes == null || bytes.length > most) {
            throw new BadInputException(what + " is larger than " + most / 1_000_000 + " MB. Nothing was imported.");
        }
        return bytes;
    }
}
