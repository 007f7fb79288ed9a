package saltdrum.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import saltdrum.core.look.FacetChoices.Align;
import saltdrum.core.look.FacetChoices.Grow;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.look.LookPatch;
import saltdrum.core.plane.Box;

class NinePlacesTest {
    private static final Box SAFE = new Box(0.06, 0.1, 0.8, 0.7);
    private static final Look LOOK = new Look(LookPatch.of(Facets.WIDEST, 0.6));

    /** Two captions as the layout places them, with outlines that reach 0.01 out. */
    private static final Function<LookPatch, List<Box>> LAYOUT = patch -> {
        double x = patch.get(Facets.X);
        double y = patch.get(Facets.Y);
        return List.of(
                block(patch.get(Facets.ALIGN), patch.get(Facets.GROW), x, y, 0.4, 0.1),
                block(patch.get(Facets.ALIGN), patch.get(Facets.GROW), x, y, 0.3, 0.2));
    };

    private static Box block(Align align, Grow grow, double x, double y, double width, double height) {
        double left = align == Align.START ? x - 0.3 : align == Align.CENTRE ? x - width / 2 : x + 0.3 - width;
        double top = grow == Grow.UP ? y - height : grow == Grow.DOWN ? y : y - height / 2;
        return new Box(left - 0.01, top - 0.01, width + 0.02, height + 0.02);
    }

    private static Box at(NinePlace place) {
        LookPatch patch = NinePlaces.of(place, LOOK, SAFE, LAYOUT);
        return LAYOUT.apply(patch).stream().reduce(Box::union).orElseThrow();
    }

    @Test
    void theEdgesOfTheLettersTouchTheEdgesOfTheSafeArea() {
        for (NinePlace place : NinePlace.values()) {
            Box block = at(place);
            double middleX = block.x() + block.width() / 2;
            double middleY = block.y() + block.height() / 2;
            switch (place.column()) {
                case 0 -> assertThat(block.x()).as(place.name()).isCloseTo(SAFE.x(), within(1e-4));
                case 1 -> assertThat(middleX).as(place.name()).isCloseTo(0.5, within(1e-4));
                default -> assertThat(block.right()).as(place.name()).isCloseTo(SAFE.right(), within(1e-4));
            }
            switch (place.row()) {
                case 0 -> assertThat(block.y()).as(place.name()).isCloseTo(SAFE.y(), within(1e-4));
                case 1 -> assertThat(middleY).as(place.name()).isCloseTo(0.45, within(1e-4));
                default -> assertThat(block.bottom()).as(place.name()).isCloseTo(SAFE.bottom(), within(1e-4));
            }
        }
    }

    @Test
    void atTheBottomLinesAreAddedAboveAndALineIsNoWiderThanTheSafeArea() {
        LookPatch patch =
                NinePlaces.of(NinePlace.BOTTOM_LEFT, new Look(LookPatch.of(Facets.WIDEST, 0.95)), SAFE, LAYOUT);
        assertThat(patch.get(Facets.GROW)).isEqualTo(Grow.UP);
        assertThat(patch.get(Facets.ALIGN)).isEqualTo(Align.START);
        assertThat(patch.get(Facets.WIDEST)).isEqualTo(0.8);
    }

    @Test
    void whereNothingIsShownThePlaceIsThatOfTheSafeArea() {
        LookPatch patch = NinePlaces.of(NinePlace.TOP, LOOK, SAFE, none -> List.of());
        assertThat(patch.get(Facets.Y)).isEqualTo(0.1);
        assertThat(patch.facets()).doesNotContain(Facets.WIDEST);
    }
}
