package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import saltdrum.core.format.words.WordsFile;

/** The main job without a database; exit codes 0, 2 and 3. */
class CommandLineTest {
    @TempDir
    Path folder;

    private String errors;

    private int run(Object... arguments) {
        CommandRun run = CommandRun.of(arguments);
        errors = run.errors();
        return run.code();
    }

    @Test
    void wordsStillAndBurn() throws Exception {
        Path clip = Demo.clip("tide-pool");
        Path words = folder.resolve("words.json");
        assertThat(run("words", clip, "--script", Demo.CLIPS.resolve("tide-pool.txt"), "-o", words))
                .isZero();
        assertThat(WordsFile.read(Files.readString(words)).words()).hasSize(37);
        Path still = folder.resolve("still.png");
        assertThat(run("still", clip, "--captions", words, "--style", "Tidemark", "--at", "3.2", "-o", still))
                .isZero();
        assertThat(Files.readAllBytes(still)).startsWith(0x89, 'P', 'N', 'G');
        Path scene = folder.resolve("scene.json");
        assertThat(run("scene", "--captions", words, "--recipe", "lineCharacters=12,lines=2", "-o", scene))
                .isZero();
        assertThat(Files.readString(scene)).contains("\"width\":1080");
        Path out = folder.resolve("out.mp4");
        assertThat(run("burn", clip, "--captions", words, "--frame", "1:1", "--preset", "ultrafast", "-o", out))
                .isZero();
        assertThat(Video.frames(out)).isEqualTo(Video.frames(clip));
        assertThat(Video.soundHash(out)).isEqualTo(Video.soundHash(clip));
    }

    @Test
    void aRangeIsPlacedWhereItLies() throws Exception {
        Path script = Files.writeString(folder.resolve("part.txt"), "Lift it slowly, and look.");
        Path words = folder.resolve("words.json");
        double from = Demo.truth("tide-pool").words().get(5).start();
        double to = Demo.truth("tide-pool").words().get(9).end();
        assertThat(run(
                        "words",
                        Demo.clip("tide-pool"),
                        "--script",
                        script,
                        "--range",
                        (from - 0.2) + "-" + (to + 0.2),
                        "-o",
                        words))
                .isZero();
        assertThat(WordsFile.read(Files.readString(words)).words().get(0).start())
                .isBetween(from - 0.06, from + 0.06);
    }

    @Test
    void srtIsTakenAsCaptions() throws Exception {
        Path srt = Files.writeString(folder.resolve("a.srt"), "1\n00:00:00,500 --> 00:00:02,000\nUnder this stone\n");
        assertThat(run("still", Demo.clip("tide-pool"), "--captions", srt, "--at", "1", "-o", folder.resolve("a.png")))
                .isZero();
    }

    @Test
    void badInputIsOneLineAndThree() throws Exception {
        Path empty = Files.createFile(folder.resolve("empty.mp4"));
        assertThat(run("words", empty, "-o", folder.resolve("x.json"))).isEqualTo(3);
        assertThat(errors.strip()).hasLineCount(1).contains("0 bytes");
        assertThat(run(
                        "still",
                        Demo.clip("tide-pool"),
                        "--captions",
                        folder.resolve("none.srt"),
                        "--at",
                        "1",
                        "-o",
                        folder.resolve("a.png")))
                .isEqualTo(3);
        assertThat(errors.strip()).hasLineCount(1).contains("none.srt");
        Path srt = Files.writeString(folder.resolve("a.srt"), "1\n00:00:00,500 --> 00:00:02,000\nhi\n");
        assertThat(run("scene", "--captions", srt, "--style", "Foghorn", "-o", folder.resolve("x.json")))
                .isEqualTo(3);
        assertThat(errors).contains("Mallet");
        assertThat(run("still", Demo.clip("tide-pool"), "--captions", srt, "--at", "99", "-o", folder.resolve("a.png")))
                .isEqualTo(3);
    }

    @Test
    void wrongUseIsTwo() {
        assertThat(run("burn")).isEqualTo(2);
        assertThat(run("sing")).isEqualTo(2);
    }
}
