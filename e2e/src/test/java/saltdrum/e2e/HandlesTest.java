package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The caption on the stage, taken by hand. */
class HandlesTest extends AtTheStyle {
    @Test
    void aCaptionIsTypedInThePicture() throws Exception {
        String clipId = styled("Typed.mp4");
        page.getByLabel("Playhead").fill("700");
        pixels(700);
        BoundingBox at = page.getByTestId("caption-frame").boundingBox();
        page.mouse().dblclick(at.x + at.width / 2, at.y + at.height / 2);
        Locator field = page.getByLabel("Text of this cue");
        assertThat(field).isFocused();
        BoundingBox there = field.boundingBox();
        assertThat(there.y).isBetween(at.y - 40, at.y + at.height);
        assertThat(page.locator("[data-cue] textarea")).hasCount(0);
        page.keyboard().press("Control+a");
        page.keyboard().type("Sand it twice");
        long version = version(clipId);
        page.keyboard().press("Control+Enter");
        awaitVersionAfter(clipId, version);
        assertThat(cues(clipId).get(0)).isEqualTo("Sand it twice");
        // The next caption is on the stage, with its field.
        assertThat(field).hasValue("Three coats now");
        page.keyboard().press("Escape");
        assertThat(field).hasCount(0);
        page.getByTestId("caption-frame").focus();
        page.keyboard().press("Enter");
        assertThat(field).hasValue("Three coats now");
    }

    @Test
    void aCaptionIsDraggedOnTheStageAndDrawnToTheMiddle() throws Exception {
        String clipId = styled("Placed.mp4");
        pixels(700);
        Locator frame = page.getByTestId("caption-frame");
        BoundingBox at = frame.boundingBox();
        long version = version(clipId);
        double x = at.x + at.width / 2;
        double y = at.y + at.height / 2;
        BoundingBox stage = page.getByTestId("captions").boundingBox();
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse()
                .move(
                        x + 2,
                        stage.y + stage.height / 2 + 3,
                        new com.microsoft.playwright.Mouse.MoveOptions().setSteps(10));
        assertThat(page.getByTestId("guide")).hasCount(2);
        page.mouse().up();
        awaitVersionAfter(clipId, version);
        assertThat(Double.parseDouble(facet(clipId, "", "x"))).isEqualTo(0.5);
        assertThat(Double.parseDouble(facet(clipId, "", "y"))).isEqualTo(0.5);
        BoundingBox now = frame.boundingBox();
        assertThat(now.y + now.height / 2)
                .isCloseTo(stage.y + stage.height / 2, org.assertj.core.api.Assertions.within(6.0));
        // A click takes the word under it; the arrow keys move what is in hand by a design pixel.
        page.mouse().click(now.x + 20, now.y + now.height / 2);
        assertThat(page.getByText("Emphasise “Sand”")).isVisible();
        double before = Double.parseDouble(facet(clipId, "", "x"));
        version = version(clipId);
        frame.focus();
        frame.press("ArrowRight");
        awaitVersionAfter(clipId, version);
        assertThat(Double.parseDouble(facet(clipId, "", "x")) - before)
                .isCloseTo(1 / 1080.0, org.assertj.core.api.Assertions.within(1e-4));
        frame.evaluate("e => e.blur()");
        page.keyboard().press("d");
        assertThat(inkOnStage()).isZero();
        page.keyboard().press("d");
        assertThat(inkOnStage()).isPositive();
    }

    @Test
    void aCaptionIsTurnedWholeAndSizedFromWhatIsSeenByItsHandles() throws Exception {
        String clipId = styled("Turned.mp4");
        pixels(700);
        long version = version(clipId);
        drag("Tilt", -40, 0);
        assertThat(page.getByTestId("handle-says")).hasText(Pattern.compile("^Tilt -[\\d.]+°$"));
        page.mouse().up();
        awaitVersionAfter(clipId, version);
        double tilt = Double.parseDouble(facet(clipId, "", "tilt"));
        assertThat(tilt).isBetween(-45.0, -5.0);
        JsonNode block = server.get("/api/clips/" + clipId + "/scene")
                .path("parts")
                .get(0)
                .path("marks")
                .get(0);
        assertThat(block.path("kind").asText()).isEqualTo("group");
        assertThat(block.path("pose").path("tilt").asDouble()).isEqualTo(tilt);
        assertThat((String) page.getByTestId("caption-frame").evaluate("e => e.style.transform"))
                .isEqualTo("rotate(" + (tilt == Math.rint(tilt) ? Integer.toString((int) tilt) : tilt + "") + "deg)");
        // So large that it is shrunk to fit: the handle begins at what is seen.
        type(clipId, "Size", "300");
        pixels(700);
        version = version(clipId);
        drag("Size", -6, 0);
        assertThat(page.getByTestId("handle-says")).hasText(Pattern.compile("^Size \\d+(, shrunk to \\d+ % to fit)?$"));
        page.mouse().up();
        awaitVersionAfter(clipId, version);
        assertThat(Double.parseDouble(facet(clipId, "", "size"))).isBetween(20.0, 250.0);
    }

    private void drag(String handle, int dx, int dy) {
        BoundingBox at = page.locator("[data-handle='" + handle + "']").boundingBox();
        double x = at.x + at.width / 2;
        double y = at.y + at.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + dx, y + dy, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(8));
    }

    /** It was made a second time when the look came, and the keyboard was lost. */
    @Test
    void aHeadlineKeepsTheKeyboardWhileTheLookIsLoading() throws Exception {
        String clipId = styled("Held.mp4");
        server.post(
                "/api/clips/" + clipId + "/track/edits",
                "{\"version\":" + version(clipId)
                        + ",\"edit\":{\"kind\":\"putHeadline\",\"text\":\"Harbour school\",\"fromMs\":0,\"place\":\"ABOVE\"}}");
        List<Route> held = new ArrayList<>();
        String looks = "**/api/clips/*/look**";
        page.route(looks, held::add);
        page.reload();
        Locator headline = page.getByTestId("other-headline");
        headline.waitFor();
        headline.focus();
        assertThat(held).isNotEmpty();
        page.unroute(looks);
        held.forEach(Route::resume);
        page.getByTestId("caption-frame").waitFor();
        assertThat(headline).isFocused();
        headline.press("Enter");
        // The headline has the handles now, and the caption is the other one.
        page.getByTestId("other-caption").waitFor();
    }

    /** Beside a clip that plays nothing else moves, and none of its frames wait for it. */
    @Test
    void theStripOfStylesRestsWhileTheClipPlays() throws Exception {
        page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.NO_PREFERENCE));
        styled("Rests.mp4");
        pixels(700);
        page.waitForFunction("before => (%s)() !== before".formatted(CARD), page.evaluate(CARD));
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Play").setExact(true))
                .click();
        page.waitForFunction("() => document.querySelector('video').currentTime > 1");
        Object resting = page.evaluate(CARD);
        page.waitForFunction("() => document.querySelector('video').currentTime > 2");
        assertThat(page.evaluate(CARD)).isEqualTo(resting);
    }

    @Test
    void samplesStandStillForWhoAsksForLessMotion() throws Exception {
        styled("Still.mp4");
        pixels(700);
        Object resting = page.evaluate(CARD);
        // Longer than a sample's round and its pause.
        page.evaluate("() => new Promise((done) => setTimeout(done, 2500))");
        assertThat(page.evaluate(CARD)).isEqualTo(resting);
    }

    /** What the first card shows. */
    private static final String CARD = "() => document.querySelector('[data-style] canvas').toDataURL()";
}
