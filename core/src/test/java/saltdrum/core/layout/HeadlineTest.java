package saltdrum.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.Words;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Headline.Place;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.CaptionImport;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.edit.OverlayEdit.DropHeadline;
import saltdrum.core.edit.OverlayEdit.PutHeadline;
import saltdrum.core.format.CaptionFormats;
import saltdrum.core.format.Captions;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;
import saltdrum.core.merge.Change;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Scene;
import saltdrum.core.scene.Timeline;
import saltdrum.core.style.ShippedStyles;

class HeadlineTest {
    private static final Size CLIP = new Size(1920, 1080);
    private final SceneMaker scenes = new SceneMaker(new BlockTypesetter());
    private final Track track = Words.track(Recipe.TWO_LINES, "Row home before the tide turns.")
            .withLength(9000)
            .withFrame(Frame.parse("9:16,fit"));

    private Track with(PutHeadline edit) {
        return edit.on(track);
    }

    private static PutHeadline put(String text, Place place) {
        return new PutHeadline(null, text, null, null, place);
    }

    private Part headline(Track track) {
        Scene scene = scenes.make(track, new ShippedStyles().get("Lantern"), CLIP);
        long id = track.beside().headlines().get(0).id();
        return scene.parts().stream()
                .filter(part -> part.cueId() == id)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void itStandsInItsBarForTheWholeClipOverTheCaptions() {
        Track titled = with(put("Low tide\nat four", Place.ABOVE));
        Part part = headline(titled);
        assertThat(part.startMs()).isZero();
        assertThat(part.endMs()).isEqualTo(9000);
        assertThat(part.depth()).isEqualTo(1);
        FrameLayout layout = titled.frame().layout(CLIP);
        double bar = layout.picture().y() / layout.output().height() * 1920;
        assertThat(part.bounds().bottom()).as("in the upper bar").isLessThan(bar);
        assertThat(part.bounds().y() + part.bounds().height() / 2)
                .isCloseTo(
                        1920
                                * (layout.places().above().y()
                                        + layout.places().above().height() / 2),
                        within(60.0));
        assertThat(headline(with(put("Low tide", Place.BELOW))).bounds().y())
                .as("in the lower bar")
                .isGreaterThan(bar + 606 * 1080 / 1080.0);
    }

    @Test
    void partsStayInTheOrderOfTheirTimes() {
        Track titled = new PutHeadline(null, "Soon", 1200, 2400, Place.OVER).on(with(put("A", Place.ABOVE)));
        Scene scene = scenes.make(titled, new ShippedStyles().get("Lantern"), CLIP);
        assertThat(scene.parts()).extracting(Part::startMs).isSorted();
        assertThat(new Timeline(scene).at(1500).alive()).hasSizeGreaterThanOrEqualTo(2);
        assertThat(headline(titled).marks()).isNotEmpty();
    }

    @Test
    void changesKeepWhatTheyDoNotName() {
        Track titled = with(put("Low tide", Place.ABOVE));
        long id = titled.beside().headlines().get(0).id();
        Track later = new ChangeLook(null, null, null, id, LookPatch.of(Facets.SIZE, 90d), null)
                .on(new PutHeadline(id, null, 1000, 5000, null).on(titled));
        Headline changed = later.beside().headlines().get(0);
        assertThat(changed)
                .isEqualTo(new Headline(id, "Low tide", 1000, 5000, Place.ABOVE, LookPatch.of(Facets.SIZE, 90d)));
        Track reset = new ChangeLook(null, null, null, id, null, List.of("size"))
                .on(new PutHeadline(id, null, null, 0, null).on(later));
        assertThat(reset.beside().headlines().get(0).look().isEmpty()).isTrue();
        assertThat(reset.beside().headlines().get(0).toMs()).isNull();
        assertThat(Change.between(track, later).reversed().applyTo(later)).isEqualTo(track);
        assertThat(new DropHeadline(id).on(later).beside().headlines()).isEmpty();
        assertThat(titled.cues()).isEqualTo(track.cues());
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> with(put(" ", Place.ABOVE))).isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> with(put("x".repeat(301), Place.ABOVE))).isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> new PutHeadline(null, "a", 500, 550, null).on(track))
                .hasMessageContaining("a tenth of a second");
        assertThatThrownBy(() -> new DropHeadline(77).on(track)).hasMessageContaining("no longer exists");
    }

    @Test
    void filesSayThatTheyLoseIt() {
        Track titled = with(put("Low tide", Place.ABOVE));
        for (CaptionFormat format : CaptionFormats.ALL) {
            boolean kept = format == CaptionFormats.WORDS;
            List<String> lost = format.losses(titled, new ShippedStyles().get("Lantern"));
            assertThat(lost.contains("the headline")).as(format.name()).isNotEqualTo(kept);
        }
    }

    @Test
    void ourOwnFilesKeepIt() {
        Track titled = new PutHeadline(null, "Soon", 1200, 2400, Place.OVER)
                .on(new ChangeLook(
                                null,
                                null,
                                null,
                                id(with(put("A\nB", Place.BELOW))),
                                LookPatch.of(Facets.SIZE, 90d),
                                null)
                        .on(with(put("A\nB", Place.BELOW))));
        String json = CaptionFormats.WORDS.write(titled, null, CLIP);
        Track read = CaptionImport.of(
                        Captions.read(json.getBytes(StandardCharsets.UTF_8), "a.json"), "a.json", "en", 9000)
                .edit()
                .on(Track.empty("en", "Lantern").withLength(9000));
        assertThat(read.beside().headlines().stream().map(one -> one.withId(0)))
                .containsExactlyElementsOf(titled.beside().headlines().stream()
                        .map(one -> one.withId(0))
                        .toList());
    }

    private static long id(Track track) {
        return track.beside().headlines().get(0).id();
    }
}
