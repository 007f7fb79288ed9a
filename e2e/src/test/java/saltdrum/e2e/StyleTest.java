package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.RequestOptions;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A look of one's own: made from nothing, kept, used again, bent where needed, handed on. */
class StyleTest extends OnTheBench {
    private static final String WORDS =
            """
            1
            00:00:00,200 --> 00:00:01,200
            Sand it first

            2
            00:00:01,300 --> 00:00:02,400
            Three coats now

            3
            00:00:02,500 --> 00:00:03,600
            Row her home
            """;

    /** A clip with three cues, opened at its style. */
    private String styled(String as) throws Exception {
        return styled(as, WORDS);
    }

    private String styled(String as, String words) throws Exception {
        String clipId = bringIn("three-coats", as);
        page.request()
                .put(
                        server.url() + "/api/clips/" + clipId + "/captions?name=words.srt",
                        RequestOptions.create()
                                .setHeader("Content-Type", "application/octet-stream")
                                .setData(words.getBytes(java.nio.charset.StandardCharsets.UTF_8)));
        page.navigate(server.url() + "/clips/" + clipId + "/style");
        page.locator("[data-facet=size]").waitFor();
        page.locator("video").waitFor();
        return clipId;
    }

    private Locator field(String label) {
        return page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(label).setExact(true));
    }

    private void type(String clipId, String label, String value) throws Exception {
        long version = version(clipId);
        field(label).first().fill(value);
        field(label).first().press("Enter");
        awaitVersionAfter(clipId, version);
    }

    private long version(String clipId) throws Exception {
        return track(clipId).path("head").path("version").asLong();
    }

    private void scope(String name) {
        page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("What a change touches"))
                .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName(name))
                .click();
    }

    private void choose(String clipId, String style) throws Exception {
        long version = version(clipId);
        page.locator("[data-style='" + style + "']").click();
        awaitVersionAfter(clipId, version);
    }

    private String facet(String clipId, String query, String name) throws Exception {
        JsonNode look = server.get("/api/clips/" + clipId + "/look" + query);
        return look.path("look").path(name).toString();
    }

    private String clipId() {
        return page.url().replaceAll(".*/clips/([a-z0-9]{12})/.*", "$1");
    }

    /** The captions' pixels at a time, as one number. */
    private String pixels(int ms) throws Exception {
        page.getByLabel("Playhead").fill(String.valueOf(ms));
        page.waitForFunction(
                """
                ([ms, version]) => { const c = document.querySelector('[data-testid=captions]');
                  return c.dataset.version === String(version) && Math.abs(c.dataset.paintedMs - ms) < 60; }
                """,
                List.of(ms, (int) version(clipId())),
                new Page.WaitForFunctionOptions().setTimeout(20_000));
        // The scene's effect paints just after the number is there.
        page.waitForTimeout(100);
        return (String)
                page.evaluate(
                        """
                () => { const c = document.querySelector('[data-testid=captions]');
                  const d = c.getContext('2d').getImageData(0, 0, c.width, c.height).data;
                  let a = 1, b = 0; for (let i = 0; i < d.length; i++) { a = (a + d[i]) % 65521; b = (b + a) % 65521; }
                  return c.width + 'x' + c.height + ' ' + a + ' ' + b; }
                """);
    }

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
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Delete the style Harbour bell"))
                .click();
        assertThat(page.locator("[data-style='Harbour bell']")).hasCount(0);
        // The clip that uses it keeps it.
        assertThat(pixels(700)).isEqualTo(before);
        choose(second, "Lantern");
        assertThat(pixels(700)).isNotEqualTo(before);
        page.getByLabel("Style file").first().setInputFiles(file.path());
        Locator seen = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Style file"));
        assertThat(seen).containsText("Harbour bell");
        seen.getByText("Take it").click();
        choose(second, "Harbour bell");
        assertThat(pixels(700)).isEqualTo(before);
    }

    @Test
    void aNumberIsDraggedAndSeenBeforeItIsDone() throws Exception {
        String clipId = styled("Dragged.mp4");
        String before = pixels(700);
        long version = version(clipId);
        BoundingBox label = page.locator("[data-facet=size] span").nth(1).boundingBox();
        page.mouse().move(label.x + 10, label.y + 10);
        page.mouse().down();
        page.mouse().move(label.x - 50, label.y + 10, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(15));
        page.waitForFunction("() => document.querySelector('[aria-label=Size]').value < 110");
        page.mouse().up();
        awaitVersionAfter(clipId, version);
        assertThat(version(clipId)).as("one step of the history").isEqualTo(version + 1);
        assertThat(facet(clipId, "", "size")).isEqualTo("102.0");
        assertThat(pixels(700)).isNotEqualTo(before);
        page.locator("[data-facet=size]").waitFor();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        awaitVersionAfter(clipId, version + 1);
        assertThat(pixels(700)).isEqualTo(before);
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
    void everyScriptIsSetAndWhatHasNoLettersIsTold() throws Exception {
        String clipId = styled(
                "Scripts.mp4",
                """
                1
                00:00:00,200 --> 00:00:01,200
                潮が満ちる

                2
                00:00:01,300 --> 00:00:02,400
                البحر لا يغفر

                3
                00:00:02,500 --> 00:00:03,600
                น้ำขึ้น

                4
                00:00:03,700 --> 00:00:04,600
                tide 🌊
                """);
        long version = version(clipId);
        page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("Fill: one colour or several"))
                .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("Blend"))
                .click();
        awaitVersionAfter(clipId, version);
        for (int ms : new int[] {900, 2000, 3200}) {
            pixels(ms);
            assertThat(inkOnStage()).as("at " + ms).isGreaterThan(1500);
        }
        assertThat(page.getByText("no letters for 🌊")).hasCount(1);
        page.locator("a[data-step=render]").click();
        assertThat(page.getByText("One cue has characters that no typeface here has"))
                .isVisible();
    }

    @Test
    void aLongWordIsShrunkAndItsMeasureTold() throws Exception {
        String clipId = styled(
                "Long.mp4",
                """
                1
                00:00:00,200 --> 00:00:01,200
                Donaudampfschifffahrtsgesellschaft

                2
                00:00:01,300 --> 00:00:02,400
                Row home
                """);
        assertThat(page.getByText(Pattern.compile("set at \\d+ %"))).hasCount(1);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Place").setExact(true))
                .click();
        long version = version(clipId);
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("What does not fit"))
                .selectOption("ALL");
        awaitVersionAfter(clipId, version);
        assertThat(page.getByText(Pattern.compile("set at \\d+ %"))).hasCount(2);
    }
}
