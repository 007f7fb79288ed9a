package saltdrum.speech.prepared;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/** A file that the build makes of the models' own, and puts beside the class that reads it. */
public final class PreparedFile {
    private PreparedFile() {}

    /** @throws IllegalStateException where the build has not put it there */
    public static byte[] bytes(Class<?> beside, String name) {
        try (InputStream in = beside.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("The application is incomplete: " + name + " is missing.");
            }
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
