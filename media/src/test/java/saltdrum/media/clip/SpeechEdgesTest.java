package saltdrum.media.clip;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

class SpeechEdgesTest {
    @Test
    void riseAndFallAreFound() {
        byte[] peaks = new byte[100];
        Arrays.fill(peaks, (byte) 3);
        Arrays.fill(peaks, 20, 45, (byte) 200);
        Arrays.fill(peaks, 60, 90, (byte) 120);
        assertThat(SpeechEdges.of(peaks)).containsExactly(200, 450, 600, 900);
    }

    @Test
    void aClickAndAShortGapAreNoEdges() {
        byte[] peaks = new byte[100];
        Arrays.fill(peaks, 20, 60, (byte) 200);
        peaks[35] = 0;
        peaks[36] = 0;
        peaks[80] = (byte) 255;
        assertThat(SpeechEdges.of(peaks)).containsExactly(200, 600);
    }

    @Test
    void noSoundHasNone() {
        assertThat(SpeechEdges.of(new byte[0])).isEmpty();
        assertThat(SpeechEdges.of(new byte[300])).isEmpty();
    }
}
