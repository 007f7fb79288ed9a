package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Listening, choosing and keeping: what a hand does between corrections. */
class AtTheBenchTest extends OnTheBench {
    private String withWords() throws Exception {
        String clipId = withWords("three-coats", "Three coats.mp4");
        awaitPicture();
        return clipId;
    }

    private Object video(String field) {
        return page.evaluate("field => document.querySelector('video')[field]", field);
    }

    private double now() {
        return ((Number) video("currentTime")).doubleValue();
    }

    @Test
    void aCueIsHeardAgainOverAndOverAndSlower() throws Exception {
        withWords();
        page.keyboard().press("-");
        page.keyboard().press("-");
        assertThat(((Number) video("playbackRate")).doubleValue()).isEqualTo(0.75);
        assertThat(video("preservesPitch")).isEqualTo(true);
        page.keyboard().press("=");
        page.keyboard().press("=");

        word("it").click();
        page.keyboard().press("p");
        page.waitForFunction("() => document.querySelector('video').paused === false");
        page.waitForFunction("() => document.querySelector('video').paused");
        assertThat(now()).isBetween(1.2, 1.45);

        page.keyboard().press("Shift+P");
        page.waitForFunction("() => document.querySelector('video').currentTime > 0.8");
        page.waitForFunction("() => document.querySelector('video').currentTime < 0.6");
        assertThat(video("paused")).isEqualTo(false);
        page.keyboard().press("k");
        page.waitForFunction("() => document.querySelector('video').paused");
    }

    @Test
    void theClipPausesWhileOneTypesOrNotAsChosen() throws Exception {
        withWords();
        word("it").click();
        page.keyboard().press("Space");
        page.waitForFunction("() => document.querySelector('video').paused === false");
        page.keyboard().press("Enter");
        page.getByLabel("Text of this cue").waitFor();
        page.waitForFunction("() => document.querySelector('video').paused");
        page.keyboard().press("Escape");

        page.getByLabel("The clip pauses while I type").uncheck();
        page.reload();
        page.locator("[data-word]").first().waitFor();
        assertThat(page.getByLabel("The clip pauses while I type")).not().isChecked();
        page.waitForFunction("() => document.querySelector('video[src]')?.readyState >= 3");
        word("it").click();
        page.keyboard().press("Space");
        page.waitForFunction("() => document.querySelector('video').paused === false");
        page.keyboard().press("Enter");
        page.getByLabel("Text of this cue").waitFor();
        assertThat(video("paused")).isEqualTo(false);
        page.keyboard().press("Escape");
    }

    @Test
    void theRailChoosesARunAndTheWholeRunIsLocked() throws Exception {
        String clipId = withWords();
        BoundingBox rail = page.getByLabel("Rail").locator("canvas").boundingBox();
        page.keyboard().down("Shift");
        page.mouse().move(rail.x + 20, rail.y + 0.05 * rail.height);
        page.mouse().down();
        page.mouse().move(rail.x + 20, rail.y + 0.2 * rail.height);
        page.mouse().move(rail.x + 20, rail.y + 0.3 * rail.height);
        page.mouse().up();
        page.keyboard().up("Shift");
        Locator said = page.getByRole(
                AriaRole.HEADING,
                new Page.GetByRoleOptions().setName(java.util.regex.Pattern.compile("^These \\d+ cues$")));
        int chosen = Integer.parseInt(said.textContent().replaceAll("\\D", ""));
        assertThat(chosen).isBetween(3, 7);
        page.keyboard().press("x");
        assertThat(page.getByLabel("Locked")).hasCount(chosen);
        int locked = 0;
        for (JsonNode cue : track(clipId).path("cues")) {
            locked += cue.path("locked").asBoolean() ? 1 : 0;
        }
        assertThat(locked).isEqualTo(chosen);
    }

    @Test
    void aWordStartsWhereThePlayheadStands() throws Exception {
        String clipId = withWords();
        word("first,").click();
        page.keyboard().press(".");
        page.keyboard().press(".");
        double at = Double.parseDouble(
                (String) page.getByTestId("captions").evaluate("canvas => canvas.dataset.paintedMs"));
        page.keyboard().press("i");
        awaitVersionAfter(clipId, 1);
        JsonNode words = track(clipId).path("cues").get(0).path("words");
        assertThat(words.get(2).path("startMs").asInt()).isEqualTo((int) Math.round(at));
    }

    @Test
    void aMisspeltWordIsSuggestedAndANameIsKeptAsATerm() throws Exception {
        String clipId = withWords();
        word("it").click();
        page.keyboard().press("Enter");
        page.getByLabel("Text of this cue").fill("Varnsih Quellholm first,");
        page.keyboard().press("Enter");
        assertThat(page.getByText("2 may be misspelt")).isVisible();
        word("Varnsih").click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Varnish").setExact(true))
                .click();
        word("Varnish").waitFor();
        word("Quellholm").click();
        // What is being typed there is not wiped when a term joins the list from elsewhere.
        page.getByLabel("Names and terms").fill("Thorvald = tor vald");
        page.getByText("“Quellholm” is a term of the workshop").click();
        assertThat(page.getByText("may be misspelt")).hasCount(0);
        assertThat(page.getByLabel("Names and terms")).hasValue(Pattern.compile("Thorvald = tor vald"));
        assertThat(page.getByLabel("Names and terms")).hasValue(Pattern.compile("Quellholm"));
        assertThat(server.get("/api/glossary").toString()).contains("Quellholm");
        assertThat(cues(clipId).get(0)).isEqualTo("Varnish Quellholm first,");
    }

    @Test
    void aRecipesNumbersAreTriedAndSavedForTheClient() throws Exception {
        String clipId = withWords();
        page.getByText("No client").click();
        page.getByLabel("New client").fill("Tern & Tiller");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Tern & Tiller").first()).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Breaks"))
                .click();
        int before = cues(clipId).size();
        page.getByLabel("Characters a line").fill("9");
        page.waitForFunction("n => document.body.innerText.match(/(\\d+) cues now/)?.[1] > n", before);
        assertThat(cues(clipId)).hasSizeGreaterThan(before);
        page.getByLabel("Name of the recipe").fill("Narrow");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName(java.util.regex.Pattern.compile("^Narrow"))))
                .isChecked();
        long client =
                server.get("/api/clips/" + clipId).path("client").path("id").asLong();
        assertThat(server.get("/api/recipes?client=" + client).path("own").toString())
                .contains("\"name\":\"Narrow\"", "\"lineCharacters\":9");
    }
}
