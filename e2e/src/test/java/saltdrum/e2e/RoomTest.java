package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import org.junit.jupiter.api.Test;
import saltdrum.server.SmallClips;
import tools.jackson.databind.JsonNode;

/** The room that stage and score have, and a cue's lines in its field. */
class RoomTest extends OnTheBench {
    private Locator divider() {
        return page.getByRole(AriaRole.SEPARATOR);
    }

    private BoundingBox stage() {
        return page.getByLabel("Stage", new Page.GetByLabelOptions().setExact(true))
                .boundingBox();
    }

    private void drag(double dx, double dy) {
        BoundingBox at = divider().boundingBox();
        double x = at.x + at.width / 2;
        double y = at.y + at.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + dx, y + dy);
        page.mouse().up();
    }

    @Test
    void theDividerIsDraggedAndRemembered() throws Exception {
        withWords("three-coats", "Three coats.mp4");
        double before = stage().width;
        drag(90, 0);
        assertThat(stage().width).isBetween(before + 80, before + 100);
        page.reload();
        page.locator("[data-word]").first().waitFor();
        assertThat(stage().width).isBetween(before + 80, before + 100);
        // By its keys: WCAG 2.2, 2.1.1 and 2.5.7.
        divider().focus();
        page.keyboard().press("ArrowLeft");
        assertThat(stage().width).isLessThan(before + 80);
        divider().dblclick();
        assertThat(stage().width).isBetween(before - 1, before + 1);
        // The score keeps what it needs.
        drag(900, 0);
        assertThat(page.getByLabel("Drawer").boundingBox().x - stage().x - stage().width)
                .isGreaterThan(340);
    }

    @Test
    void aWideClipHasItsScoreBelow() throws Exception {
        String clipId = server.bring(Demo.clip("last-ferry"), "Last ferry.mp4");
        server.caption(clipId, Demo.CLIPS.resolve("last-ferry.words.json"));
        page.navigate(server.url() + "/clips/" + clipId + "/style");
        page.locator("[data-word]").first().waitFor();
        assertThat(divider()).hasAttribute("aria-orientation", "horizontal");
        BoundingBox above = stage();
        double score = page.locator("[data-word]").first().boundingBox().y;
        assertThat(score).isGreaterThan(above.y + above.height);
        drag(0, 60);
        assertThat(stage().height).isBetween(above.height + 50, above.height + 70);
        page.getByLabel("Score below the picture").click();
        assertThat(page.locator("[data-word]").first().boundingBox().x).isGreaterThan(stage().x + stage().width);
        page.reload();
        page.locator("[data-word]").first().waitFor();
        assertThat(divider()).hasAttribute("aria-orientation", "vertical");
    }

    @Test
    void aTypedLineBreakReplacesTheRecipes() throws Exception {
        String clipId = server.bring(SmallClips.whole("three-coats"), "Lines.mp4");
        // New clips have the style that was used last, and breaks follow the style.
        edit(clipId, "{\"kind\":\"restyle\",\"style\":\"Mallet\"}");
        edit(clipId, "{\"kind\":\"changeLook\",\"look\":{\"size\":90}}");
        server.caption(clipId, Demo.CLIPS.resolve("three-coats.words.json"));
        edit(
                clipId,
                "{\"kind\":\"joinCues\",\"cueId\":" + first(clipId).path("id").asLong() + "}");
        edit(
                clipId,
                "{\"kind\":\"balanceLines\",\"cueIds\":["
                        + first(clipId).path("id").asLong() + "]}");
        page.navigate(server.url() + "/clips/" + clipId + "/style");
        awaitPicture();
        page.getByLabel("Playhead").fill("700");
        // In the picture, with the same field and keys as in the score.
        Locator caption = page.getByTestId("caption-frame");
        BoundingBox at = caption.boundingBox();
        page.mouse().dblclick(at.x + at.width / 2, at.y + at.height / 2);
        Locator field = page.getByLabel("Text of this cue");
        assertThat(field).isFocused();
        assertThat(field).hasValue("Sand it first,\nor you will be back");
        assertThat(page.locator("[data-breaks=recipe]")).hasCount(1);
        page.keyboard().press("Control+Home");
        page.keyboard().press("Control+ArrowRight");
        page.keyboard().press("Shift+Enter");
        assertThat(field).hasValue("Sand\nit first, or you will be back");
        assertThat(page.locator("[data-breaks=hand]")).hasCount(1);
        long version = version(clipId);
        page.keyboard().press("Enter");
        awaitVersionAfter(clipId, version);
        assertThat(first(clipId).path("lineStarts").toString()).isEqualTo("[1]");

        // In the score: taken away with Backspace, its words stay apart.
        page.locator("[data-word]").first().dblclick();
        assertThat(field).hasValue("Sand\nit first, or you will be back");
        page.keyboard().press("Control+Home");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Home");
        page.keyboard().press("Backspace");
        assertThat(field).hasValue("Sand it first, or you will be back");
        version = version(clipId);
        page.keyboard().press("Enter");
        awaitVersionAfter(clipId, version);
        assertThat(first(clipId).path("lineStarts").toString()).isEqualTo("[]");
    }

    private JsonNode first(String clipId) throws Exception {
        return track(clipId).path("cues").path(0);
    }

    private void edit(String clipId, String edit) throws Exception {
        server.post(
                "/api/clips/" + clipId + "/track/edits", "{\"version\":" + version(clipId) + ",\"edit\":" + edit + "}");
    }
}
