package saltdrum.core.cue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import saltdrum.core.look.Facet;
import saltdrum.core.look.FacetChoices.Align;
import saltdrum.core.look.FacetChoices.Grow;
import saltdrum.core.look.FacetChoices.Within;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.look.LookPatch;

class BlockPlaceTest {
    private static final Size TALL = new Size(1080, 1920);
    private static final Size WIDE = new Size(1920, 1080);
    private static final LookPatch LOOK = LookPatch.of(Facets.SIZE, 100d)
            .with(Facets.LINE_HEIGHT, 1d)
            .with(Facets.WIDEST, 1d)
            .with(Facets.Y, 1d)
            .with(Facets.WITHIN, Within.SAFE);

    private static <T> Look with(Facet<T> facet, T value) {
        return new Look(LOOK.with(facet, value));
    }

    private static BlockPlace place(Look look, Size frame, int lines) {
        return BlockPlace.of(look, SafeZones.USUAL, frame, lines);
    }

    @Test
    void theFootOfTheSafeAreaIsWhereItsLastLineEnds() {
        BlockPlace place = place(new Look(LOOK), TALL, 2);
        double down = BlockPlace.down(new Look(LOOK), SafeZones.USUAL.safe(TALL)) * TALL.height();
        assertThat(down).isCloseTo(0.8 * 1920, within(1e-6));
        assertThat(place.start(with(Facets.GROW, Grow.UP), down, 200) + 200).isCloseTo(0.8 * 1920, within(1e-6));
        assertThat(place.start(with(Facets.GROW, Grow.DOWN), down, 200) + 200)
                .as("a block that would grow out of it stays inside")
                .isCloseTo(0.8 * 1920, within(1e-6));
    }

    @Test
    void centredLinesAreAsWideAsTheSideWithTheButtonsAllowsOnBothSides() {
        BlockPlace beside = place(new Look(LOOK), TALL, 1);
        assertThat(beside.middle()).isEqualTo(540);
        assertThat(beside.right()).isCloseTo(0.88 * 1080, within(1e-6));
        assertThat(beside.left()).isCloseTo(0.12 * 1080, within(1e-6));
        LookPatch high = LOOK.with(Facets.Y, 0.1).with(Facets.WITHIN, Within.SAFE);
        BlockPlace above = place(new Look(high), TALL, 1);
        assertThat(above.right()).as("above the buttons").isCloseTo(0.94 * 1080, within(1e-6));
    }

    @Test
    void linesThatBeginAtOneSideTakeAllThatIsSafe() {
        BlockPlace place = place(with(Facets.ALIGN, Align.START), TALL, 1);
        assertThat(place.left()).isCloseTo(0.06 * 1080, within(1e-6));
        assertThat(place.right()).isCloseTo(0.88 * 1080, within(1e-6));
    }

    @Test
    void aClientsPhonesCoverMore() {
        SafeZones buttons = new SafeZones(0.2, 0.25, 0.3, 0.3, 0.1);
        BlockPlace place = BlockPlace.of(new Look(LOOK), buttons, TALL, 1);
        assertThat(place.right()).isCloseTo(0.75 * 1080, within(1e-6));
        assertThat(place.bottom()).isCloseTo(0.7 * 1920, within(1e-6));
    }

    /** EBU R 95, graphics safe area (from memory): 5 % of each side. */
    @Test
    void wideFramesHaveAMargin() {
        BlockPlace place = place(new Look(LOOK), WIDE, 1);
        assertThat(place.left()).isCloseTo(96, within(1e-6));
        assertThat(place.bottom()).isCloseTo(1026, within(1e-6));
    }

    @Test
    void aPlaceInTheFrameIsAsItWas() {
        Look look = new Look(LOOK.with(Facets.Y, 0.9));
        assertThat(look.get(Facets.WITHIN))
                .as("of the frame, if nothing is said")
                .isEqualTo(Within.FRAME);
        assertThat(place(look, TALL, 1)).isEqualTo(new BlockPlace(0, 1080, 540, 0, 1920));
        assertThat(BlockPlace.down(look, SafeZones.USUAL.safe(TALL))).isEqualTo(0.9);
    }
}
