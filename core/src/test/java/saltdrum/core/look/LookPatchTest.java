package saltdrum.core.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.motion.MotionUnit;
import saltdrum.core.motion.StaggerOrder;
import saltdrum.core.motion.Transition;
import saltdrum.core.motion.TransitionEffect;

class LookPatchTest {
    private static LookPatch read(String json) {
        return Json.read(json, LookPatch.class, "look");
    }

    @Test
    void whatItSaysLiesOverWhatIsUnderIt() {
        LookPatch over = LookPatch.of(Facets.SIZE, 120d)
                .over(LookPatch.of(Facets.SIZE, 80d).with(Facets.TILT, 3d));
        assertThat(over.get(Facets.SIZE)).isEqualTo(120);
        assertThat(over.get(Facets.TILT)).isEqualTo(3);
        assertThat(over.get(Facets.FILL)).isNull();
        assertThat(new Look(over).get(Facets.FILL)).isEqualTo(Ink.of("#ffffff"));
    }

    @Test
    void withoutAndOnlyTakeFacetsOutOfIt() {
        LookPatch patch = LookPatch.of(Facets.SIZE, 80d).with(Facets.TILT, 3d);
        assertThat(patch.without(List.of(Facets.SIZE))).isEqualTo(LookPatch.of(Facets.TILT, 3d));
        assertThat(patch.only(List.of(Facets.SIZE))).isEqualTo(LookPatch.of(Facets.SIZE, 80d));
        assertThat(patch.without(Facets.ALL)).isSameAs(LookPatch.NONE);
    }

    @Test
    void everyFacetGoesThroughJson() {
        LookPatch all = LookPatch.NONE;
        for (Facet<?> facet : Facets.ALL) {
            all = rest(facet).over(all);
        }
        assertThat(read(Json.write(all))).isEqualTo(all);
        assertThat(all.facets()).containsExactlyElementsOf(Facets.ALL);
    }

    private static <T> LookPatch rest(Facet<T> facet) {
        return LookPatch.of(facet, facet.rest());
    }

    @Test
    void inksOutlinesShadowsAndPlatesAreRead() {
        LookPatch patch = read(
                """
                {"fill": {"kind": "blend", "across": "LINE", "round": false, "angle": 90,
                    "stops": [{"at": 0, "colour": "#ff0000"}, {"at": 1, "colour": "#0000ff80"}]},
                 "outlines": [{"width": 0.1, "ink": {"kind": "flat", "colour": "#000000"}}],
                 "shadows": [{"kind": "long", "colour": "#112233", "angle": 135, "length": 0.4}],
                 "plates": [{"behind": "CUE", "form": "BUBBLE", "padX": 0.3, "padY": 0.1, "radius": 0.2,
                    "fill": {"kind": "flat", "colour": "#ffffff"}, "opacity": 0.8}]}
                """);
        assertThat(patch.get(Facets.FILL)).isInstanceOf(Ink.Blend.class);
        assertThat(patch.get(Facets.OUTLINES).get(0).width()).isEqualTo(0.1);
        assertThat(patch.get(Facets.SHADOWS)).containsExactly(new TextShadow.Long("#112233", 135, 0.4));
        assertThat(patch.get(Facets.PLATES).get(0).form()).isEqualTo(Backing.Form.BUBBLE);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"size\": 9000} | size",
                "{\"size\": \"NaN\"} | size",
                "{\"size\": null} | size",
                "{\"italic\": 1} | italic",
                "{\"align\": \"MIDDLE\"} | START, CENTRE, END",
                "{\"shine\": 1} | shine",
                "{\"fill\": {\"kind\": \"flat\", \"colour\": \"red\"}} | #RRGGBB",
                "{\"fill\": {\"kind\": \"glitter\"}} | fill",
                "{\"outlines\": {}} | outlines",
                "{\"outlines\": [1]} | outlines",
                "{\"typeface\": \"\"} | typeface",
                "{\"entrance\": {\"way\": \"POP\", \"by\": \"WORD\", \"order\": \"VOICE\", \"stagger\": 0, \"ms\": 90000, \"strength\": 1, \"curve\": \"linear\"}} | 2000",
                "{\"plates\": [{\"behind\": \"WORD\"}]} | plate",
            })
    void whatCannotBeIsSaidInASentence(String json, String names) {
        assertThatThrownBy(() -> read(json))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining(names);
    }

    /** As style form 3 had them. */
    @Test
    void motionsOfTheFormBeforeAreRead() {
        LookPatch pop = read(
                "{\"entrance\": {\"kind\": \"POP\", \"unit\": \"WORD\", \"ms\": 170, \"amount\": 0.07}, \"exitMs\": 120}");
        assertThat(pop.get(Facets.ENTRANCE))
                .isEqualTo(new Transition(
                        TransitionEffect.POP, MotionUnit.WORD, StaggerOrder.VOICE, 0, 170, 1, "ease-out"));
        assertThat(pop.get(Facets.EXIT))
                .isEqualTo(Transition.of(TransitionEffect.FADE, MotionUnit.CUE, StaggerOrder.FORWARD, 120));
        LookPatch none = read("{\"entrance\": {\"kind\": \"NONE\", \"unit\": \"CUE\"}, \"exitMs\": 0}");
        assertThat(none.get(Facets.ENTRANCE).nothing()).isTrue();
        assertThat(none.get(Facets.EXIT).nothing()).isTrue();
    }
}
