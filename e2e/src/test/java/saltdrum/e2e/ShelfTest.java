package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import saltdrum.server.SmallClips;
import tools.jackson.databind.JsonNode;

/** Clips are found by what is said in them, put away, thrown away, brought back and copied. */
class ShelfTest extends OnTheBench {
    private String clip(String name, String srt) throws Exception {
        String id = server.bring(SmallClips.whole("tide-pool"), name + ".mp4");
        server.caption(id, srt);
        return id;
    }

    private Locator card(String name) {
        return page.locator("[data-clip='" + name + "']");
    }

    private void choose(String clip, String item) {
        page.getByLabel("More of " + clip, new Page.GetByLabelOptions().setExact(true))
                .click();
        page.getByRole(
                        AriaRole.MENUITEM,
                        new Page.GetByRoleOptions().setName(item).setExact(true))
                .click();
    }

    private void notice(String said) {
        assertThat(page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText(said)))
                .isVisible();
    }

    @Test
    void aClipComesBack() throws Exception {
        String name = "shelved" + System.nanoTime();
        clip(
                name,
                "1\n00:00:00,500 --> 00:00:02,000\nPaint the blenny\n\n2\n00:00:03,000 --> 00:00:05,000\nunder "
                        + "a dulse moon\n");
        page.navigate(server.url());
        Locator search = page.getByLabel("Search names and words");
        search.fill("BLENNY dulse");
        assertThat(page.locator("[data-clip]")).hasCount(1);
        assertThat(card(name)).containsText("Paint the blenny");
        assertThat(card(name).locator("mark")).hasText("blenny");

        // A click leads to the word.
        search.fill("dulse");
        card(name).getByRole(AriaRole.LINK).first().click();
        assertThat(page).hasURL(Pattern.compile(".*/clips/[a-z0-9]{12}/words$"));
        assertThat(page.getByText("0:03.", new Page.GetByTextOptions().setExact(false))
                        .first())
                .isVisible();
        page.goBack();
        assertThat(search).hasValue("dulse");

        choose(name, "Copy with its captions");
        assertThat(page.locator("[data-clip]")).hasCount(2);
        choose(name + " copy", "Rename");
        Locator field = page.getByLabel("New name of " + name + " copy");
        field.fill(name + " again");
        field.press("Enter");
        assertThat(card(name + " again")).isVisible();

        choose(name, "Move to the archive");
        notice("is in the archive");
        assertThat(page.locator("[data-clip]")).hasCount(1);
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Archive"))
                .click();
        assertThat(page.locator("[data-clip]")).hasCount(1);
        choose(name, "Move out of the archive");
        assertThat(page.getByText("No clip here matches.")).isVisible();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Current"))
                .click();
        assertThat(page.locator("[data-clip]")).hasCount(2);

        choose(name + " again", "Remove");
        notice("is removed");
        assertThat(page.locator("[data-clip]")).hasCount(1);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Restore"))
                .click();
        assertThat(card(name + " again")).isVisible();

        choose(name + " again", "Remove");
        assertThat(page.locator("[data-clip]")).hasCount(1);
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Removed"))
                .click();
        choose(name + " again", "Delete permanently");
        assertThat(page.getByText("No clip here matches.")).isVisible();
    }

    @Test
    void aClipGoesOutWithEverythingAndComesInAgain() throws Exception {
        String name = "carried" + System.nanoTime();
        String id = clip(name, "1\n00:00:00,500 --> 00:00:02,000\nSplice the painter\n");
        page.navigate(server.url() + "/?q=splice");
        page.getByLabel("More of " + name, new Page.GetByLabelOptions().setExact(true))
                .click();
        Download file = page.waitForDownload(
                () -> page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Download as one file"))
                        .click());
        assertThat(file.suggestedFilename()).isEqualTo(name + ".clip.zip");
        page.navigate(server.url());
        page.getByTestId("chooser").setInputFiles(file.path());
        page.waitForURL(Pattern.compile(".*/clips/[a-z0-9]{12}/words"));
        String back = page.url().replaceAll(".*/clips/([a-z0-9]{12})/.*", "$1");
        assertThat(back).isNotEqualTo(id);
        assertThat(cues(back)).isEqualTo(cues(id));
        assertThat(word("painter")).isVisible();
    }

    /** Who is quicker than the list of outputs orders nothing by mistake. */
    @Test
    void renderingWaitsForWhatCanBeMade() throws Exception {
        String id = clip("quick" + System.nanoTime(), "1\n00:00:00,500 --> 00:00:02,000\nCoil the warp\n");
        List<Route> held = new ArrayList<>();
        page.route("**/api/outputs", held::add);
        page.navigate(server.url() + "/clips/" + id + "/render");
        Locator render = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Render").setExact(true));
        assertThat(page.getByText("The captions are burned in")).isVisible();
        assertThat(render).isDisabled();
        held.forEach(Route::resume);
        render.click();
        page.getByRole(AriaRole.PROGRESSBAR).waitFor();
    }

    @Test
    void howFarAClipIsStandsBelowIt() throws Exception {
        String name = "standing" + System.nanoTime();
        String id = clip(name, "1\n00:00:00,500 --> 00:00:02,000\nOil the oarlock\n");
        page.navigate(server.url() + "/?q=oarlock");
        assertThat(card(name)).containsText("Words are in");
        card(name).getByRole(AriaRole.LINK).first().click();
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Render").setExact(true))
                .click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Render").setExact(true))
                .click();
        assertThat(page.getByText("Nothing has changed. Rendering again gives the same video."))
                .isVisible();
        page.navigate(server.url() + "/?q=oarlock");
        assertThat(card(name)).containsText("Delivered");

        JsonNode track = server.get("/api/clips/" + id + "/track");
        server.post(
                "/api/clips/" + id + "/track/edits",
                "{\"version\":" + track.path("head").path("version").asLong()
                        + ",\"edit\":{\"kind\":\"retypeCue\",\"cueId\":"
                        + track.path("cues").path(0).path("id").asLong() + ",\"text\":\"Oil the oarlocks\"}}");
        assertThat(card(name)).containsText("Changed since delivered");
        card(name).getByRole(AriaRole.LINK).first().click();
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Render").setExact(true))
                .click();
        assertThat(page.getByText("“oarlock” is now “oarlocks”.")).isVisible();
        assertThat(Files.readString(server.log()))
                .as("what is said in clips is nobody's in a log")
                .doesNotContain("oarlock", "blenny", "painter");
    }
}
