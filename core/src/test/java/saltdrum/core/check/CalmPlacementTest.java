package saltdrum.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.ByteBuffer;
import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.Words;
import saltdrum.core.check.light.FramedLight;
import saltdrum.core.check.light.LightSamples;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Headline.Place;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.edit.OverlayEdit.PutHeadline;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;
import saltdrum.core.plane.Box;

class CalmPlacementTest {
    private static final int WIDE = 36;
    private static final int HIGH = 64;

    private final Track track = Words.track(
                    Recipe.PHRASE, "Sand the plank well. Paint it very thin. Row her slowly home. Tie her up fast.")
            .withStyle("Lantern")
            .withLength(12_000);

    private interface Picture {
        int at(int ms, int x, int y);
    }

    private static CheckInput seen(Track track, Picture picture) {
        byte[] light = new byte[48 * WIDE * HIGH];
        for (int i = 0; i < light.length; i++) {
            light[i] = (byte) picture.at(i / (WIDE * HIGH) * 250, i % WIDE, i / WIDE % HIGH);
        }
        LightSamples samples = new LightSamples(WIDE, HIGH, 250, 48, ByteBuffer.wrap(light));
        return Checked.builder(track)
                .light(new FramedLight(
                        samples, null, track.frame(), track.frame().layout(Checked.CLIP)))
                .build();
    }

    private static Box block(Track track, Cue cue) {
        return TextBlock.of(Checked.part(track, cue.id())).box();
    }

    /** A chequered lower half. */
    private static int busyBelow(int ms, int x, int y) {
        return y < HIGH / 2 ? 90 : (x + y) % 2 * 200;
    }

    @Test
    void captionsLeaveABusyHalf() {
        CalmPlacement.Proposal calm = CalmPlacement.of(seen(track, CalmPlacementTest::busyBelow), track.cues());
        assertThat(calm.moved()).isEqualTo(track.cues().size());
        assertThat(calm.after()).isLessThan(calm.before() / 10);
        Track moved = calm.edit().on(track);
        assertThat(moved.cues())
                .allSatisfy(cue -> assertThat(block(moved, cue).bottom()).isLessThan(960));
    }

    @Test
    void whatStandsWellStays() {
        CalmPlacement.Proposal calm = CalmPlacement.of(seen(track, (ms, x, y) -> 90), track.cues());
        assertThat(calm.edit()).isNull();
        assertThat(calm.moved()).isZero();
        assertThat(CalmPlacement.of(Checked.builder(track).build(), track.cues())
                        .edit())
                .as("not measured")
                .isNull();
    }

    /** A little noise, now in the upper half and now in the lower: too little to hop about for. */
    @Test
    void theyDoNotHopAbout() {
        Track placed = ChangeLook.ofTrack(LookPatch.of(Facets.Y, 0.6)).on(track);
        CalmPlacement.Proposal calm = CalmPlacement.of(seen(placed, turns(3)), placed.cues());
        Track after = calm.edit() == null ? placed : calm.edit().on(placed);
        assertThat(after.cues().stream().map(cue -> cue.look().get(Facets.Y)).distinct())
                .as("all in one place")
                .hasSize(1);
        assertThat(CalmPlacement.of(seen(placed, turns(160)), placed.cues()).moved())
                .as("much noise is worth it")
                .isBetween(1, placed.cues().size() - 1);
    }

    private static Picture turns(int noise) {
        return (ms, x, y) -> y > 30 == (ms / 1600 % 2 == 1) ? 60 + (x + y) % 2 * noise : 60;
    }

    @Test
    void motionIsUnrestAndHeadlinesAreInTheWay() {
        Picture flicker = (ms, x, y) -> y > HIGH / 2 && ms / 250 % 2 == 0 ? 160 : 90;
        CalmPlacement.Proposal calm = CalmPlacement.of(seen(track, flicker), track.cues());
        assertThat(calm.moved()).isEqualTo(track.cues().size());
        Track titled = new PutHeadline(null, "Low tide", null, null, Place.OVER).on(track);
        CalmPlacement.Proposal beside = CalmPlacement.of(seen(titled, flicker), titled.cues());
        Track moved = beside.edit().on(titled);
        Box headline = TextBlock.of(
                        Checked.part(moved, moved.beside().headlines().get(0).id()))
                .box();
        assertThat(moved.cues())
                .allSatisfy(cue -> assertThat(block(moved, cue).meets(headline)).isFalse());
        assertThat(List.of(beside.of())).containsExactly(track.cues().size());
    }
}
