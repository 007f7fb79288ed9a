package saltdrum.media.ffmpeg;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** The messages of a failed tool. */
class ToolFailedExceptionTest {
    @Test
    void theLastEightLinesWithoutFolders() {
        String said = "one\ntwo\n\nthree\nfour\nfive\nsix\nseven\nframe= 3\rframe= 9\n"
                + "[in#0 @ 0x55] Error opening '/srv/salt drum/media/ab/tide.mp4'\nlast: -vf=null:/var/lib/x/y.png\n";
        assertThat(ToolFailedException.last(said))
                .isEqualTo(
                        "three\nfour\nfive\nsix\nseven\nframe= 9\n[in#0 @ 0x55] Error opening 'tide.mp4'\nlast: -vf=null:y.png");
    }

    @Test
    void aToolThatFailsTellsIt() {
        try (ToolRun run = new ToolRun(List.of("ffprobe", "-v", "error", "no-such-file.mp4"), 20)) {
            assertThat(run.await()).isNotZero();
            assertThat(new ToolFailedException("It did not work.", run).lastLines())
                    .contains("no-such-file.mp4")
                    .contains("No such file");
        }
    }
}
