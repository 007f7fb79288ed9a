package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A look of one's own: made from nothing, kept, used again, bent where needed, handed on. */
class StyleTest extends AtTheStyle {
    private void save(String name) {
        field("Name of the new style").fill(name);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save as a new style"))
                .click();
        assertThat(page.locator("[data-style='" + name + "']")).hasAttribute("data-state", "checked");
    }

    @Test
    void aLookIsMadeKeptUsedAgainBentHandedOnAndComesBackTheSame() throws Exception {
        String first = styled("Look one.mp4");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Typeface: (?!From)")))
                .click();
        long version = version(first);
        page.locator("[data-family='Titan One']").click();
        awaitVersionAfter(first, version);
        type(first, "Size", "101");
        type(first, "Line height", "1.3");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Fill: #")))
                .click();
        version = version(first);
        field("Fill, written").fill("#ffd166");
        field("Fill, written").press("Enter");
        awaitVersionAfter(first, version);
        page.keyboard().press("Escape");
        assertThat(page.getByTestId("reach")).hasText("Changes the whole track: 3 cues");
        save("Harbour bell");
        assertThat(facet(first, "", "size")).isEqualTo("101.0");
        assertThat(server.get("/api/clips/" + first + "/look").path("origins").toString())
                .doesNotContain("TRACK");

        // On a second clip: changed there, the first stays.
        String second = styled("Look two.mp4");
        choose(second, "Harbour bell");
        String same = pixels(700);
        type(second, "Size", "77");
        assertThat(facet(first, "", "size")).isEqualTo("101.0");
        assertThat(pixels(700)).isNotEqualTo(same);
        version = version(second);
        page.locator("[data-facet=size] button").click();
        awaitVersionAfter(second, version);
        assertThat(facet(second, "", "size")).isEqualTo("101.0");
        assertThat(pixels(700)).isEqualTo(same);

        // One cue and two words of their own; one of them is taken back.
        word("Three").click();
        scope("Cue");
        assertThat(page.getByTestId("reach")).hasText("Changes cue 2");
        type(second, "Size", "140");
        scope("Word");
        assertThat(page.getByTestId("reach")).hasText("Changes one word: “Three”");
        assertThat(page.locator("[data-facet=size]")).hasCount(0);
        type(second, "Size in its cue", "1.3");
        word("coats").click();
        type(second, "Size in its cue", "0.8");
        JsonNode cues = track(second).path("cues");
        assertThat(cues.get(1).path("bent").asBoolean()).isTrue();
        assertThat(cues.get(0).path("bent").asBoolean()).isFalse();
        long three = cues.get(1).path("words").get(0).path("id").asLong();
        long coats = cues.get(1).path("words").get(1).path("id").asLong();
        version = version(second);
        page.locator("[data-facet=scale] button").click();
        awaitVersionAfter(second, version);
        assertThat(facet(second, "?wordId=" + coats, "scale")).isEqualTo("1.0");
        assertThat(facet(second, "?wordId=" + three, "scale")).isEqualTo("1.3");
        assertThat(facet(second, "?cueId=" + cues.get(1).path("id").asLong(), "size"))
                .isEqualTo("140.0");
        assertThat(facet(second, "?cueId=" + cues.get(0).path("id").asLong(), "size"))
                .isEqualTo("101.0");

        // Out as a file, deleted, in again: the same pixels.
        scope("Track");
        String before = pixels(700);
        Download file = page.waitForDownload(() -> page.getByText("As a file").click());
        assertThat(file.suggestedFilename()).isEqualTo("Harbour bell.style.json");
        page.getByText("Delete “Harbour bell”").click();
        Locator asks = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Delete Harbour bell?"));
        assertThat(asks).containsText("2 clips use it and keep it as it is.");
        asks.getByText("Delete it").click();
        assertThat(page.locator("[data-style='Harbour bell']")).hasCount(0);
        // The clip that uses it keeps it.
        assertThat(pixels(700)).isEqualTo(before);
        choose(second, "Lantern");
        assertThat(pixels(700)).isNotEqualTo(before);
        page.getByLabel("Style file").first().setInputFiles(file.path());
        Locator seen = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Style file"));
        assertThat(seen).containsText("Harbour bell");
        seen.getByText("Add it").click();
        choose(second, "Harbour bell");
        assertThat(pixels(700)).isEqualTo(before);
    }

    private void awaitPixels(String wanted) {
        for (int i = 0; i < 100 && !pixelsNow().equals(wanted); i++) {
            page.waitForTimeout(50);
        }
        assertThat(pixelsNow()).isEqualTo(wanted);
    }

    @Test
    void anEarlierVersionIsLookedAtAndTakenBack() throws Exception {
        String clipId = styled("Versions.mp4");
        page.getByLabel("Name of the new style").fill("Wet rope");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Delete “Wet rope”")).isVisible();
        String first = pixels(700);
        long version = version(clipId);
        server.post(
                "/api/clips/" + clipId + "/track/edits",
                "{\"version\":" + version + ",\"edit\":{\"kind\":\"changeLook\",\"look\":{\"size\":140}}}");
        page.reload();
        awaitPicture();
        page.getByText("Change “Wet rope” to this").click();
        page.getByText("Earlier versions of “Wet rope”").click();
        assertThat(page.getByText("Version 2, in this clip")).isVisible();
        String second = pixels(700);
        assertThat(second).isNotEqualTo(first);
        long before = version(clipId);
        page.getByText("Look", new Page.GetByTextOptions().setExact(true)).click();
        awaitPixels(first);
        assertThat(version(clipId)).isEqualTo(before);
        page.getByText("Take back").click();
        awaitVersionAfter(clipId, before);
        assertThat(page.getByText("Version 3, in this clip")).isVisible();
        awaitPixels(first);
    }

    @Test
    void aNumberIsDraggedAndSeenBeforeItIsDone() throws Exception {
        String clipId = styled("Dragged.mp4");
        String before = pixels(700);
        long version = version(clipId);
        page.locator("[data-facet=size]").scrollIntoViewIfNeeded();
        BoundingBox label = page.locator("[data-facet=size] span").nth(1).boundingBox();
        page.mouse().move(label.x + 10, label.y + 10);
        page.mouse().down();
        page.mouse().move(label.x - 50, label.y + 10, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(15));
        page.waitForFunction("() => document.querySelector('[aria-label=Size]').value < 85");
        page.mouse().up();
        awaitVersionAfter(clipId, version);
        assertThat(version(clipId)).as("one step of the history").isEqualTo(version + 1);
        assertThat(facet(clipId, "", "size")).isEqualTo("70.0");
        assertThat(pixels(700)).isNotEqualTo(before);
        page.locator("[data-facet=size]").waitFor();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        awaitVersionAfter(clipId, version + 1);
        assertThat(pixels(700)).isEqualTo(before);
    }

    @Test
    void stylesPlaySideBySideAndOneIsTaken() throws Exception {
        String clipId = styled("Compared.mp4");
        openStrip();
        for (String style : new String[] {"Mallet", "Tidemark"}) {
            page.locator("[data-style=" + style + "]").hover();
            page.getByLabel("Compare " + style + " with others").click();
        }
        page.getByText("Play 2 side by side").click();
        Locator stages = page.locator("[data-compared] canvas");
        assertThat(stages).hasCount(2);
        // Both follow the one video: as it plays, each is painted later than before.
        page.waitForFunction(
                "() => [...document.querySelectorAll('[data-compared] canvas')].every(c => c.dataset.paintedMs > 400)");
        long version = version(clipId);
        page.locator("[data-compared=Tidemark]").getByText("Use it").click();
        awaitVersionAfter(clipId, version);
        assertThat(stages).hasCount(0);
        assertThat(track(clipId).path("head").path("style").asString()).isEqualTo("Tidemark");
    }

    @Test
    void aCardObeysTheScopeAndAPlaceIsOneOfNineFields() throws Exception {
        String clipId = styled("Scope.mp4");
        JsonNode cues = track(clipId).path("cues");
        String second = "?cueId=" + cues.get(1).path("id").asLong();
        String before = track(clipId).path("head").path("style").asString();
        word("Three").click();
        scope("Cue");
        assertThat(page.getByTestId("reach")).hasText("Changes cue 2");
        long version = version(clipId);
        page.locator("[data-style=Chalk]").click();
        awaitVersionAfter(clipId, version);
        assertThat(track(clipId).path("head").path("style").asString()).isEqualTo(before);
        assertThat(facet(clipId, second, "typeface")).isNotEqualTo(facet(clipId, "", "typeface"));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo: Style Chalk for 1 cue"))
                .click();
        awaitVersionAfter(clipId, version + 1);

        scope("Track");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Place").setExact(true))
                .click();
        version = version(clipId);
        page.getByLabel("Bottom left").click();
        awaitVersionAfter(clipId, version);
        assertThat(facet(clipId, "", "align")).isEqualTo("\"START\"");
        assertThat(facet(clipId, "", "grow")).isEqualTo("\"UP\"");
        JsonNode findings = server.get("/api/clips/" + clipId + "/findings").path("findings");
        assertThat(findings.toString()).doesNotContain("\"safe\"");
    }

    @Test
    void aPartOfALookIsCopiedFromOneCueToAnother() throws Exception {
        String clipId = styled("Copied.mp4");
        JsonNode cues = track(clipId).path("cues");
        String third = "?cueId=" + cues.get(2).path("id").asLong();
        word("Three").click();
        scope("Cue");
        type(clipId, "Size", "61");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Place").setExact(true))
                .click();
        type(clipId, "Down", "20");
        page.getByText("Copy this look").click();
        word("Row").click();
        Locator copied = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Copied look"));
        assertThat(copied).containsText("From cue 2");
        assertThat(page.getByTestId("reach")).hasText("Changes cue 3");
        long version = version(clipId);
        copied.getByText("Type").click();
        awaitVersionAfter(clipId, version);
        assertThat(facet(clipId, third, "size")).isEqualTo("61.0");
        assertThat(facet(clipId, third, "y")).isNotEqualTo("0.2");
        version = version(clipId);
        copied.getByText("All of it").click();
        awaitVersionAfter(clipId, version);
        assertThat(facet(clipId, third, "y")).isEqualTo("0.2");
        assertThat(track(clipId).path("cues").get(0).path("bent").asBoolean()).isFalse();
        // A word is marked as any role of the style, or of none that it names.
        word("Row").click();
        version = version(clipId);
        page.getByLabel("What “Row” is marked as").selectOption("3");
        awaitVersionAfter(clipId, version);
        assertThat(track(clipId)
                        .path("cues")
                        .get(2)
                        .path("words")
                        .get(0)
                        .path("emphasis")
                        .asInt())
                .isEqualTo(3);
    }

    @Test
    void aFontIsBroughtInAndServesAtOnce() throws Exception {
        String clipId = styled("Own font.mp4");
        String before = pixels(700);
        long version = version(clipId);
        page.locator("[data-facet=typeface] .field").click();
        page.getByLabel("Font file")
                .setInputFiles(Path.of("../server/src/test/resources/fonts/Grandstander-800.woff2"));
        awaitVersionAfter(clipId, version);
        assertThat(facet(clipId, "", "typeface")).contains("Grandstander");
        assertThat(page.getByLabel("Typeface: Grandstander")).isVisible();
        assertThat(pixels(700)).isNotEqualTo(before);
        page.getByLabel("Typeface: Grandstander").click();
        page.getByLabel("Find a typeface").fill("grand");
        assertThat(page.locator("[data-family]")).hasCount(1);
        page.getByLabel("Find a typeface").fill("");
        page.getByLabel("Font file")
                .setInputFiles(new FilePayload("cut.ttf", "font/ttf", new byte[] {0, 1, 0, 0, 0, 9}));
        assertThat(page.getByText("This font was not added. It is not a font.")).isVisible();
    }

    @Test
    void aVariableTypefaceHasItsAxes() throws Exception {
        String clipId = styled("Axes.mp4");
        choose(clipId, "Mallet");
        long version = version(clipId);
        page.locator("[data-facet=typeface] .field").click();
        page.locator("[data-family=Fraunces]").click();
        awaitVersionAfter(clipId, version);
        String sharp = pixels(700);
        type(clipId, "Soft", "100");
        assertThat(pixels(700)).isNotEqualTo(sharp);
    }
}
