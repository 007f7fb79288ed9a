package saltdrum.media;

import java.nio.file.Path;

/** The test clips for tests in packages below. */
public final class TestClips {
    private TestClips() {}

    public static Path make(Path file, String... arguments) {
        return Made.clip(file, arguments);
    }

    public static String probe(Path file, String... arguments) {
        return Made.probe(file, arguments);
    }

    public static String soundHash(Path file) {
        return Made.soundHash(file);
    }
}
