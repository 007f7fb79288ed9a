package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Captions that move: set once for all of them, kept, used in another look; and emphasis that is suggested. */
class MotionTest extends AtTheStyle {
    private void openMotion() {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Motion").setExact(true))
                .click();
        page.locator("[data-facet=entrance]").waitFor();
    }

    private void choose(String clipId, Locator within, String label, String option) throws Exception {
        long version = version(clipId);
        within.getByLabel(label, new Locator.GetByLabelOptions().setExact(true))
                .first()
                .selectOption(new SelectOption().setLabel(option));
        awaitVersionAfter(clipId, version);
    }

    @Test
    void aMotionIsMadeSeenKeptAndUsedWithAnotherLook() throws Exception {
        String clipId = styled("Moving.mp4");
        choose(clipId, "Mallet");
        openMotion();
        String still = pixels(260);
        Locator coming = page.locator("[data-facet=entrance]");
        choose(clipId, coming, "Way", "Gather");
        choose(clipId, coming, "Moves", "Each letter");
        choose(clipId, coming, "Order", "From the middle");
        assertThat(facet(clipId, "", "entrance"))
                .contains("SCATTER")
                .contains("LETTER")
                .contains("MIDDLE");
        String scattered = pixels(260);
        assertThat(scattered).isNotEqualTo(still);

        // A plate that travels.
        Locator spoken = page.locator("[data-facet=spoken]");
        long version = version(clipId);
        spoken.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("A behaviour"))
                .click();
        awaitVersionAfter(clipId, version);
        version = version(clipId);
        spoken.getByLabel("Kind").last().selectOption(new SelectOption().setLabel("A plate that travels"));
        awaitVersionAfter(clipId, version);
        assertThat(facet(clipId, "", "spoken")).contains("travel");
        assertThat(pixels(700)).isNotEqualTo(pixels(1100));

        // Its curve by hand.
        version = version(clipId);
        coming.getByLabel("Curve: ease-out").click();
        page.getByLabel("Curve, written").fill("cubic-bezier(9, 0, 0, 1)");
        page.getByLabel("Curve, written").press("Enter");
        assertThat(page.getByText("A cubic-bezier needs x1 and x2")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Loose spring"))
                .click();
        awaitVersionAfter(clipId, version);
        assertThat(facet(clipId, "", "entrance")).contains("spring(0.8)");
        page.keyboard().press("Escape");

        // Kept, and used with another look.
        page.getByLabel("Name of the new motion").fill("Shoal");
        page.getByLabel("Save this motion").click();
        page.locator("[data-motion=Shoal]").waitFor();
        choose(clipId, "Regatta");
        assertThat(facet(clipId, "", "entrance")).contains("BLUR");
        version = version(clipId);
        page.locator("[data-motion=Shoal]").click();
        awaitVersionAfter(clipId, version);
        assertThat(facet(clipId, "", "entrance")).contains("SCATTER");
        assertThat(facet(clipId, "", "typeface")).contains("Fraunces");
        page.getByLabel("Delete the motion Shoal").click();
        assertThat(page.locator("[data-motion=Shoal]")).hasCount(0);
    }

    @Test
    void anEmphasisRoleShakesAndTheClipPlays() throws Exception {
        String clipId = styled("Shaken.mp4");
        choose(clipId, "Rock pool");
        openMotion();
        page.locator("[data-word]").nth(1).click();
        long version = version(clipId);
        page.keyboard().press("Shift+Digit1");
        awaitVersionAfter(clipId, version);
        scope("Marked");
        Locator accents = page.locator("[data-facet=accents]");
        version = version(clipId);
        accents.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("An accent"))
                .click();
        awaitVersionAfter(clipId, version);
        version = version(clipId);
        accents.getByLabel("Kind").last().selectOption(new SelectOption().setLabel("Shake"));
        awaitVersionAfter(clipId, version);
        JsonNode look = server.get("/api/clips/" + clipId + "/look?role=1").path("look");
        assertThat(look.path("accents").toString()).contains("shake");

        page.getByLabel("Playhead").fill("0");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Play").setExact(true))
                .click();
        page.waitForFunction("() => document.querySelector('video').currentTime > 1");
        assertThat(page.getByTestId("captions")).isVisible();
    }

    @Test
    void suggestedWordsAreShownTakenAndRefused() throws Exception {
        String clipId = styled(
                "Stressed.mp4",
                """
                1
                00:00:00,200 --> 00:00:01,200
                We never row at three

                2
                00:00:01,300 --> 00:00:02,400
                it is not the tide
                """);
        assertThat(page.locator("[data-suggested]")).hasCount(0);
        page.getByText("What the voice stresses").click();
        page.getByLabel("How many suggestions").fill("1");
        Locator list = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Suggested words"));
        list.getByRole(AriaRole.LISTITEM).first().waitFor();
        int many = list.getByRole(AriaRole.LISTITEM).count();
        assertThat(page.locator("[data-suggested]")).hasCount(many);
        String first = list.getByRole(AriaRole.LISTITEM)
                .first()
                .locator("span")
                .first()
                .innerText();
        long version = version(clipId);
        list.getByLabel("Emphasise " + first).click();
        awaitVersionAfter(clipId, version);
        assertThat(list.getByLabel("Emphasise " + first)).hasCount(0);
        JsonNode words = track(clipId).path("cues");
        assertThat(words.toString()).contains("\"emphasis\":1");
        page.getByText("What the voice stresses").click();
        assertThat(page.locator("[data-suggested]")).hasCount(0);
    }

    @Test
    void emojiAreDrawnInTheirOwnColours() throws Exception {
        String clipId = styled("Emoji.mp4", "1\n00:00:00,200 --> 00:00:01,800\ntide \uD83C\uDF0A now\n");
        choose(clipId, "Footnote");
        pixels(900);
        JsonNode scene = server.get("/api/clips/" + clipId + "/scene");
        assertThat(scene.path("pictures").path("1f30a").size()).isGreaterThan(1);
        assertThat(page.getByText("no letters for")).hasCount(0);
    }
}
