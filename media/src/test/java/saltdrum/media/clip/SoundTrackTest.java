package saltdrum.media.clip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import saltdrum.core.BadInputException;
import saltdrum.media.TestClips;

class SoundTrackTest {
    @TempDir
    Path folder;

    /** 300 Hz on the left and 1200 Hz on the right; a second stream of 700 Hz; one second. */
    private Path clip() {
        return TestClips.make(
                folder.resolve("two.mkv"),
                "-f",
                "lavfi",
                "-i",
                "color=s=64x64:d=1",
                "-f",
                "lavfi",
                "-i",
                "aevalsrc=0.02*sin(2*PI*300*t)|0.02*sin(2*PI*1200*t):d=1:s=48000",
                "-f",
                "lavfi",
                "-i",
                "sine=f=700:d=1",
                "-map",
                "0:v",
                "-map",
                "1:a",
                "-map",
                "2:a",
                "-c:a",
                "flac");
    }

    /** How often the sound crosses zero upwards in a second: its pitch. */
    private static int pitch(short[] samples) {
        int crossings = 0;
        for (int i = 1; i < samples.length; i++) {
            crossings += samples[i - 1] < 0 && samples[i] >= 0 ? 1 : 0;
        }
        return crossings;
    }

    @Test
    void streamsAndChannelsAreChosen() {
        Path clip = clip();
        assertThat(pitch(SoundTrack.speech(clip, SoundChoice.parse("0:0")).samples()))
                .isCloseTo(300, within(4));
        assertThat(pitch(SoundTrack.speech(clip, SoundChoice.parse("0:1")).samples()))
                .isCloseTo(1200, within(4));
        assertThat(pitch(SoundTrack.speech(clip, SoundChoice.parse("1")).samples()))
                .isCloseTo(700, within(4));
    }

    @Test
    void aFaintSoundIsBroughtUpToSpeech() {
        short[] samples = SoundTrack.speech(clip(), SoundChoice.parse("0:0")).samples();
        int most = 0;
        for (short sample : samples) {
            most = Math.max(most, Math.abs(sample));
        }
        // 0.02 of full scale is 655; a sine whose level is 4000 peaks at 5657.
        assertThat(most).isCloseTo(5657, within(300));
    }

    @Test
    void aSoundThatIsNotThereIsSaidSo() {
        ClipInfo info = Probe.of(clip());
        assertThat(SoundChoice.parse("0:1").in(info).written()).isEqualTo("0:1");
        assertThatThrownBy(() -> SoundChoice.parse("2").in(info)).isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> SoundChoice.parse("1:1").in(info)).isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> SoundChoice.parse("left")).hasMessageContaining("“left”");
    }

    @Test
    void captionsInsideAVideoAreRead() throws Exception {
        Path srt = folder.resolve("a.srt");
        Files.writeString(srt, "1\n00:00:00,200 --> 00:00:00,900\nRow home\n");
        Path clip = TestClips.make(
                folder.resolve("captioned.mp4"),
                "-f",
                "lavfi",
                "-i",
                "color=s=64x64:d=1",
                "-i",
                srt.toString(),
                "-c:s",
                "mov_text");
        ClipInfo info = Probe.of(clip);
        assertThat(info.captions()).hasSize(1);
        assertThat(new String(CaptionStream.read(clip, info, 0), StandardCharsets.UTF_8))
                .contains("00:00.200 --> 00:00.900", "Row home");
        assertThatThrownBy(() -> CaptionStream.read(clip, info, 1)).hasMessageContaining("no caption stream 2");
    }
}
