package saltdrum.media.burn;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
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
        Track none = Track.of("en", Recipe.PHRASE, "Mallet", List.of());
        var scene = new SceneMaker(new SkijaTypesetter(FontShelf.shipped()))
                .make(none, new ShippedStyles().get("Mallet"), info.size());
        Path out = folder.resolve("out.mp4");
        new Burn(clip, info, Frame.OWN, scene, new BurnOrder("ultrafast", 30)).to(out, done -> {}, () -> false);
        return Probe.of(out).sounds().stream().map(ClipInfo.Sound::codec).reduce("", String::concat);
    }

    @Test
    void aClipWithoutSoundGivesAVideoWithoutSound() {
        Path clip = TestClips.make(
                folder.resolve("none.mp4"), "-f", "lavfi", "-i", "testsrc=s=320x240:d=1", "-c:v", "libx264");
        assertThat(burned(clip, SoundPlan.NONE)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"libvorbis,ENCODED,aac", "flac,COPIED,flac"})
    void mp4HoldsSomeSoundsAndOthersAreEncoded(String codec, SoundPlan planned, String burned) {
        assertThat(burned(TestClips.sounding(folder.resolve("a.mkv"), codec), planned))
                .isEqualTo(burned);
    }
}
