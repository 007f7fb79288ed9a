package saltdrum.core.check;

import java.util.List;
import java.util.function.UnaryOperator;
import saltdrum.core.check.light.FramedLight;
import saltdrum.core.check.light.LightSamples;
import saltdrum.core.check.rule.Checker;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.layout.BlockTypesetter;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;

/** Findings of tracks that are made for a test: tall clips in a shipped style. */
public final class Checked {
    public static final Size CLIP = new Size(1080, 1920);
    private static final SceneMaker SCENES = new SceneMaker(new BlockTypesetter());
    private static final ShippedStyles STYLES = new ShippedStyles();
    private static final Checker CHECKER = new Checker();

    private Checked() {}

    public static List<Finding> findings(Track track, UnaryOperator<CheckInput.Builder> more) {
        return CHECKER.findings(more.apply(builder(track)).build());
    }

    public static List<Finding> findings(Track track, CheckKind kind, UnaryOperator<CheckInput.Builder> more) {
        return findings(track, more).stream()
                .filter(finding -> finding.kind() == kind)
                .toList();
    }

    public static List<Finding> findings(Track track, CheckKind kind) {
        return findings(track, kind, UnaryOperator.identity());
    }

    static CheckInput.Builder builder(Track track) {
        Style style = STYLES.get(track.style());
        Scene scene = SCENES.make(track, style, CLIP);
        FrameLayout layout = track.frame().layout(CLIP);
        return new CheckInput.Builder(track, scene, layout, new Cascade(style, track.styling()), Checked::part);
    }

    public static Part part(Track tried, long id) {
        return new SceneTrialLayout(SCENES, one -> STYLES.get(one.style()), CLIP).part(tried, id);
    }

    /** A picture of one grey, for a minute. @param code 0 to 255 */
    public static FramedLight grey(Track track, int code) {
        byte[] light = new byte[240];
        java.util.Arrays.fill(light, (byte) code);
        LightSamples samples = new LightSamples(1, 1, 250, 240, java.nio.ByteBuffer.wrap(light));
        return new FramedLight(samples, null, track.frame(), track.frame().layout(CLIP));
    }
}
