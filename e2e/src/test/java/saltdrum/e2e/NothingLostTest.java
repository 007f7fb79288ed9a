package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.MouseButton;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import saltdrum.server.Patience;

/** What is locked, chosen, typed or dropped is not lost, and not changed in silence. */
class NothingLostTest extends OnTheBench {
    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private void step(String clipId, String step) {
        page.navigate(server.url() + "/clips/" + clipId + "/" + step);
        page.locator("[data-word]").first().waitFor();
    }

    private void drop(String fileName, String text) {
        page.evaluate(
                """
                ({ fileName, text }) => {
                  const dataTransfer = new DataTransfer();
                  dataTransfer.items.add(new File([text], fileName));
                  const at = document.querySelector('aside');
                  for (const type of ['dragover', 'drop'])
                    at.dispatchEvent(new DragEvent(type, { dataTransfer, bubbles: true, cancelable: true }));
                }
                """,
                Map.of("fileName", fileName, "text", text));
    }

    @Test
    void aLockedCueKeepsItsLookAndIsNotTypedIn() throws Exception {
        String clipId = withWords("three-coats", "Three coats.mp4");
        step(clipId, "style");
        Locator cue = page.locator("[data-cue]").nth(1);
        cue.hover();
        cue.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Lock this cue"))
                .click();
        int others = track(clipId).path("cues").size() - 1;
        assertThat(page.getByTestId("reach"))
                .hasText("Changes the whole track: " + others + " cues, without 1 locked cue");
        String before = typeface(clipId, 1);
        page.locator("[data-style=Chalk]").click();
        assertThat(button("Undo: Style Chalk, without 1 locked cue")).isVisible();
        assertThat(typeface(clipId, 1)).isEqualTo(before);
        assertThat(typeface(clipId, 0)).isNotEqualTo(before);

        cue.locator("[data-word]").first().dblclick();
        assertThat(page.getByText("This cue is locked, so nothing was typed. X unlocks it."))
                .isVisible();
        assertThat(page.locator("[data-cue] textarea")).hasCount(0);
    }

    private String typeface(String clipId, int cue) throws Exception {
        String id = track(clipId).path("cues").path(cue).path("id").asString();
        return server.get("/api/clips/" + clipId + "/look?cueId=" + id)
                .path("look")
                .path("typeface")
                .asString();
    }

    @Test
    void whatWasChosenForAClipSurvivesAReload() throws Exception {
        String clipId = withWords("three-coats", "Three coats.mp4");
        step(clipId, "render");
        Locator size = page.locator("label", new Page.LocatorOptions().setHasText(Pattern.compile("^Size")))
                .locator("select");
        String smallest = size.locator("option").last().getAttribute("value");
        size.selectOption(smallest);
        step(clipId, "style");
        Locator motion = button("Motion");
        motion.click();
        assertThat(motion).hasAttribute("aria-expanded", "true");
        step(clipId, "render");
        assertThat(size).hasValue(smallest);
        step(clipId, "style");
        assertThat(motion).hasAttribute("aria-expanded", "true");
    }

    @Test
    void termsKeepThemselvesAndConfirmedNamesBecomeTerms() throws Exception {
        String clipId = withWords("three-coats", "Three coats.mp4");
        Locator terms = page.getByLabel("Names and terms");
        String before = terms.inputValue();
        terms.click();
        page.keyboard().press("Control+End");
        page.keyboard().type((before.isEmpty() ? "" : "\n") + "Skarholm = scar home");
        page.reload();
        assertThat(terms).hasValue(Pattern.compile(".*Skarholm = scar home", Pattern.DOTALL));

        word("thin").click();
        page.keyboard().press("Enter");
        page.keyboard().press("Control+a");
        page.keyboard().type("Thorvald's tea.");
        page.keyboard().press("Enter");
        word("Thorvald's").click(new Locator.ClickOptions().setButton(MouseButton.RIGHT));
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("is a term of"))
                .click();
        assertThat(terms).hasValue(Pattern.compile(".*Thorvald's", Pattern.DOTALL));
        page.navigate(server.url() + "/clips/" + clipId + "/check");
        Patience.await("no spelling finding").until(() -> !server.get("/api/clips/" + clipId + "/findings")
                .toString()
                .contains("Thorvald"));
    }

    @Test
    void droppedCaptionsAreReadAndOtherFilesRefused() throws Exception {
        String clipId = withWords("three-coats", "Three coats.mp4");
        String address = page.url();
        drop("bill.pdf", "%PDF");
        assertThat(page.getByText("“bill.pdf” is neither a clip nor a caption file"))
                .isVisible();

        String srt = "1\n00:00:00,000 --> 00:00:01,200\nPrimero líjala con cuidado\n\n"
                + "2\n00:00:01,200 --> 00:00:02,200\no volverás aquí el viernes\n";
        drop("three coats.es.srt", srt);
        assertThat(page.getByLabel("Language of the translation")).hasValue("es");
        page.getByText("Read it as a translation").click();
        int cues = track(clipId).path("cues").size();
        assertThat(page.getByText("2 of " + cues + " cues have a text now.")).isVisible();
        assertThat(page.getByText("Primero líjala con cuidado").first()).isVisible();

        drop("other words.srt", "1\n00:00:00,000 --> 00:00:01,200\nRow home\n");
        page.getByText("Read it as the words of this clip").click();
        assertThat(page.getByText("2 words in 1 cue.").first()).isVisible();
        assertThat(cues(clipId)).isEqualTo(List.of("Row home"));
        assertThat(page.url()).isEqualTo(address);
    }
}
