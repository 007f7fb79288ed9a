package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.server.Patience;
import tools.jackson.databind.JsonNode;

/** A clip in another language, and a clip's words in a second one. */
class LanguagesTest extends OnTheBench {
    private List<String> translated(String clipId) throws Exception {
        List<String> texts = new ArrayList<>();
        for (JsonNode cue :
                server.get("/api/clips/" + clipId + "/translations/sv").path("cues")) {
            List<String> words = new ArrayList<>();
            cue.path("words").forEach(w -> words.add(w.path("text").asString()));
            texts.add(String.join(" ", words));
        }
        return texts;
    }

    @Test
    void aTranslationIsBroughtTypedOverAndBroughtAgain() throws Exception {
        String clipId = withWords("three-coats", "Three coats.mp4");
        page.getByLabel("Language of a new translation").selectOption(new SelectOption().setLabel("Swedish"));
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Add").setExact(true))
                .click();
        assertThat(page.getByText("No text yet").first()).isVisible();
        Locator translate = page.getByText("Translate with The translator");
        translate.click();
        assertThat(page.getByText("sv Sa it fi,")).isVisible();
        List<String> first = translated(clipId);
        assertThat(first).hasSameSizeAs(cues(clipId));

        page.getByText("sv Sa it fi,").click();
        Locator field = page.getByLabel("Translation of this cue (sv)");
        field.fill("Slipa den först,");
        field.press("Enter");
        assertThat(page.getByText("by hand")).isVisible();

        // The first track is broken again meanwhile: texts stay with their cues, and the manual edit is kept.
        word("it").click();
        page.keyboard().press("b");
        page.locator("[data-cue]").nth(1).waitFor();
        SimulatedTranslator.TEXTS.set(0);
        translate.click();
        Patience.await("texts to translate").until(() -> SimulatedTranslator.TEXTS.get() > 0);
        assertThat(SimulatedTranslator.TEXTS).hasValue(cues(clipId).size() - 1);
        assertThat(page.locator("button[lang=sv]").getByText("Slipa den först,"))
                .isVisible();

        page.getByText("Show and render it").click();
        page.keyboard().press("Escape");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Render"))
                .click();
        assertThat(page.getByText("The Swedish captions are burned in")).isVisible();
        Download file = page.waitForDownload(() -> page.getByText(".srt").click());
        assertThat(file.suggestedFilename()).isEqualTo("Three coats.sv.srt");
        assertThat(Files.readString(file.path())).contains("Slipa den först,").doesNotContain("Friday");
    }

    @Test
    void anOutsideRecogniserIsAskedForALanguageWithoutAModel() throws Exception {
        // The simulated recogniser answers with the words file that is named as the clip.
        String clipId = bringIn("three-coats", "Three coats.mp4");
        page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName("Language").setExact(true))
                .selectOption(new SelectOption().setLabel("Swedish"));
        page.getByLabel("Drawer").getByText("Recognise the speech").click();
        page.locator("[data-word]").first().waitFor();
        assertThat(String.join(" ", cues(clipId))).startsWith("Sand it first, or you will be back by Friday.");
        assertThat(track(clipId).path("head").path("language").asString()).isEqualTo("sv");
        JsonNode word = track(clipId).path("cues").get(0).path("words").get(0);
        assertThat(word.path("source").asString()).isEqualTo("RECOGNISED");
        assertThat(word.path("startMs").asInt())
                .isEqualTo(Demo.truth("three-coats").toWords().get(0).startMs());
    }
}
