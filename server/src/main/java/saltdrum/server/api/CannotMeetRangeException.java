package saltdrum.server.api;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpRange;

/** A requested range is outside the file. */
final class CannotMeetRangeException extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final long length;

    private CannotMeetRangeException(long length) {
        super("The file has no such part: it has " + length + " bytes.");
        this.length = length;
    }

    /** Bytes of the whole file. */
    long length() {
        return length;
    }

    /** @throws CannotMeetRangeException when the request asks for what is not in the file */
    static void unlessMet(HttpServletRequest request, Resource file) throws IOException {
        String asked = request.getHeader(HttpHeaders.RANGE);
        if (asked != null && file.exists()) {
            long length = file.contentLength();
            try {
                for (HttpRange range : HttpRange.parseRanges(asked)) {
                    if (range.getRangeStart(length) >= length) {
                        throw new CannotMeetRangeException(length);
                    }
                }
            } catch (IllegalArgumentException unreadable) {
                throw new CannotMeetRangeException(length);
            }
        }
    }
}
