package saltdrum.media.burn;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.style.ShippedStyles;
import saltdrum.media.TestClips;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Probe;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;

/** What is said of the sound is what is in the video. */
class SoundPlanTest {
    @TempDir
    Path folder;

    private String burned(Path clip, SoundPlan planned) {
        ClipInfo info = Probe.of(clip);
        assertThat(SoundPlan.of(info)).isEqualTo(planned);
        Track none = Track.of("en", Recipe.PHRASE, "Mallet", java.util.List.of());
        var scene = new SceneMaker(new SkijaTypesetter(FontShelf.shipped()))
                .make(none, new ShippedStyles().get("Mallet"), info.size());
        Path out = folder.resolve("out.mp4");
        new Burn(clip, info, Frame.OWN, scene, new BurnOrder("ultrafast", 30)).to(out, done -> {}, () -> false);
        return Probe.of(out).sounds().stream().map(ClipInfo.Sound::codec).reduce("", String::concat);
    }

    @Test
    void mp4HoldsSomeSoundsAndOthersAreEncoded() {
        String[] picture = {"-f", "lavfi", "-i", "testsrc=s=320x240:d=1"};
        Path silent = TestClips.make(
                folder.resolve("none.mp4"), picture[0], picture[1], picture[2], picture[3], "-c:v", "libx264");
        assertThat(burned(silent, SoundPlan.NONE)).isEmpty();
        for (String[] each : new String[][] {{"libvorbis", "ENCODED", "aac"}, {"flac", "COPIED", "flac"}}) {
            Path clip = TestClips.make(
                    folder.resolve(each[0] + ".mkv"),
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
                    each[0]);
            assertThat(burned(clip, SoundPlan.valueOf(each[1]))).isEqualTo(each[2]);
        }
    }
}
