package saltdrum.media;

import java.nio.file.Path;

/** The test clips for tests in packages below. */
public final class TestClips {
    private TestClips() {}

    public static Path make(Path file, String... arguments) {
        return Made.clip(file, arguments);
    }

    /** A second of picture and sound, the sound in that codec. */
    public static Path sounding(Path file, String codec) {
        return make(
                file,
                "-f",
                "lavfi",
                "-i",
                "testsrc=s=320x240:d=1",
                "-f",
                "lavfi",
                "-i",
                "sine=d=1",
                "-c:v",
                "libx264",
                "-c:a",
                codec);
    }

    public static String probe(Path file, String... arguments) {
        return Made.probe(file, arguments);
    }

    public static String soundHash(Path file) {
        return Made.soundHash(file);
    }
}
