package saltdrum.media.clip;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import saltdrum.media.TestClips;

/** What was read of a file holds as long as it is that file. */
class FrameTimesTest {
    @TempDir
    Path folder;

    private static Path clip(Path file, int frames) {
        return TestClips.make(file, "-f", "lavfi", "-i", "testsrc=s=64x64:r=10:d=" + frames / 10.0, "-c:v", "libx264");
    }

    @Test
    void anotherFileOfTheSameNameIsReadAnew() throws Exception {
        Path file = clip(folder.resolve("clip.mp4"), 10);
        ClipInfo info = Probe.of(file);
        FrameTimes first = FrameTimes.of(file, info);
        assertThat(FrameTimes.of(file, info)).as("read once").isSameAs(first);
        Files.delete(file);
        clip(file, 20);
        assertThat(FrameTimes.of(file, info).count()).isEqualTo(20);
    }

    @Test
    void ofManyFilesThoseAreKeptThatWereAskedForLast() {
        LruCache<Integer, String> recent = new LruCache<>(2);
        AtomicInteger read = new AtomicInteger();
        for (int file : new int[] {1, 2, 1, 3, 1, 2}) {
            assertThat(recent.of(file, () -> {
                        read.incrementAndGet();
                        return "file " + file;
                    }))
                    .isEqualTo("file " + file);
        }
        assertThat(read).as("1, 2, 3, and 2 again, which had gone for 3").hasValue(4);
    }
}
