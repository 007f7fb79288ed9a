package saltdrum.media.mp4;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.media.TestClips;

/** Beside what ffprobe tells of the same files. */
class FilmTimesTest {
    @TempDir
    Path folder;

    private Path made(String name, String arguments) {
        return TestClips.make(folder.resolve(name), arguments.split(" "));
    }

    private static long[] probed(Path file) {
        return TestClips.probe(file, "-select_streams", "v:0", "-show_entries", "packet=pts,flags", "-of", "csv=p=0")
                .lines()
                .filter(line -> !line.contains("D"))
                .mapToLong(line -> Long.parseLong(line.split(",")[0]))
                .sorted()
                .toArray();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "-f lavfi -i testsrc=s=64x64:r=25:d=2 -c:v libx264 -bf 3",
                "-f lavfi -i testsrc=s=64x64:r=30000/1001:d=2 -f lavfi -i sine=d=2 -c:v libx264 -c:a aac -bf 3",
                "-f lavfi -i testsrc=s=64x64:r=50:d=2 -vf select='not(n)+mod(n,7)*mod(n,3)' -fps_mode vfr -c:v libx264",
                "-f lavfi -i testsrc=s=64x64:r=60:d=2 -c:v libx265 -x265-params log-level=none",
                "-f lavfi -i testsrc=s=64x64:r=25:d=2 -c:v mpeg4 -movflags +faststart",
                "-f lavfi -i testsrc=s=64x64:r=25:d=2 -c:v libx264 -bf 2 -movflags negative_cts_offsets",
            })
    void timesOfPlainFilmsAreThoseThatFfprobeTells(String how) throws Exception {
        Path film = made("film.mp4", how);
        FilmTimes times = FilmTimes.of(film).orElseThrow();
        assertThat(times.shown()).isEqualTo(probed(film));
        assertThat("1/" + times.ticks())
                .isEqualTo(TestClips.probe(
                                film, "-select_streams", "v:0", "-show_entries", "stream=time_base", "-of", "csv=p=0")
                        .strip());
    }

    /** What begins late, in the middle or is of fragments is left to others. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "mp4 -ss 0.7 -i SOURCE -c copy",
                "mp4 -i SOURCE -t 1.1 -c copy",
                "mp4 -itsoffset 0.4 -i SOURCE -c copy",
                "mp4 -i SOURCE -c copy -movflags frag_keyframe+empty_moov",
                "mov -i SOURCE -c copy",
                "mkv -i SOURCE -c copy",
            })
    void timesOfOtherFilmsAreNotToldWrongly(String how) throws Exception {
        Path source = made(
                "source.mp4", "-f lavfi -i testsrc=s=64x64:r=25:d=2 -f lavfi -i sine=d=2 -c:v libx264 -c:a aac -g 20");
        String[] words = how.replace("SOURCE", source.toString()).split(" ", 2);
        Path film = made("film." + words[0], words[1]);
        Optional<FilmTimes> times = FilmTimes.of(film);
        if (times.isPresent()) {
            assertThat(times.get().shown()).isEqualTo(probed(film));
        }
        assertThat(times.isPresent()).isEqualTo(words[0].equals("mov") || how.contains("-t "));
    }

    @Test
    void whatIsNoFilmHasNoTimes() throws Exception {
        Path file = folder.resolve("none");
        for (byte[] bytes : new byte[][] {
            {}, "no film at all".getBytes(StandardCharsets.US_ASCII), new byte[100_000],
        }) {
            Files.write(file, bytes);
            assertThat(FilmTimes.of(file)).isEmpty();
        }
        // A hundred thousand empty boxes.
        ByteBuffer boxes = ByteBuffer.allocate(800_000);
        while (boxes.hasRemaining()) {
            boxes.putInt(8).put("free".getBytes(StandardCharsets.US_ASCII));
        }
        Files.write(file, boxes.array());
        assertThat(FilmTimes.of(file)).isEmpty();
        // The same inside a head would come into memory.
        assertThatThrownBy(() -> Atom.read("moov", boxes.array())).hasMessageContaining("more boxes");
    }

    /** Half of a film, and films with bytes of their heads changed, end in no error. */
    @Test
    void damagedFilmsAreLeftToOthers() throws Exception {
        Path film = made("film.mp4", "-f lavfi -i testsrc=s=64x64:r=25:d=1 -c:v libx264 -movflags +faststart");
        byte[] whole = Files.readAllBytes(film);
        Path file = folder.resolve("damaged.mp4");
        Files.write(file, Arrays.copyOf(whole, whole.length / 2));
        assertThat(FilmTimes.of(file)).isEmpty();
        Random random = new Random(7);
        for (int i = 0; i < 2000; i++) {
            byte[] damaged = whole.clone();
            damaged[random.nextInt(1500)] = (byte) random.nextInt(256);
            damaged[random.nextInt(1500)] = (byte) (random.nextBoolean() ? 255 : 0);
            Files.write(file, damaged);
            FilmTimes.of(file).ifPresent(times -> assertThat(times.shown()).hasSizeLessThan(432_001));
        }
    }
}
