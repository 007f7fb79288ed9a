package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import saltdrum.server.Recut;
import saltdrum.server.SmallClips;
import saltdrum.server.TestDatabase;

/** A workshop with sign-in: an owner, a designer, a client with a telephone, and a stranger. */
class TeamTest extends WithVisitors {
    private static final String REMARK = "This is “varnish”, not paint.";

    /** Each sees where the other is, both type at once, and each undoes their own. */
    private static void twoAtOnce(Page ada, Page bo, String bench) {
        ada.navigate(bench + "/words");
        assertThat(ada.getByLabel(Pattern.compile("Bo Tarn has this clip open")))
                .isVisible();
        Locator hers = cue(ada, 0);
        Locator his = cue(bo, 1);
        String before = hers.locator("[data-word]").first().innerText();
        type(bo, his, "Bo was here");
        assertThat(cue(ada, 1).getByLabel("Bo Tarn is typing here")).isVisible();
        type(ada, hers, "Ada was here");
        ada.keyboard().press("Enter");
        assertThat(hers).containsText("was");
        bo.keyboard().press("Enter");
        for (Page page : List.of(ada, bo)) {
            assertThat(cue(page, 0)).containsText("was");
            assertThat(cue(page, 1)).containsText("was");
        }
        ada.keyboard().press("Control+z");
        assertThat(cue(bo, 0)).containsText(before);
        assertThat(cue(bo, 1)).containsText("was");
        bo.keyboard().press("Control+z");
        assertThat(cue(ada, 1)).not().containsText("was");

        String third = cue(bo, 2).locator("[data-word]").first().innerText();
        type(ada, cue(ada, 2), "not to be lost");
        cue(bo, 2).getByLabel(Pattern.compile("select it")).click();
        bo.keyboard().press("Delete");
        Locator lost = ada.getByRole(AriaRole.ALERT);
        assertThat(lost).containsText("not to be lost");
        button(ada, "Make a cue of it").click();
        assertThat(lost).isHidden();
        assertThat(cue(bo, 2)).containsText("lost");
        ada.keyboard().press("Control+z");
        assertThat(cue(bo, 2)).not().containsText("lost");
        bo.keyboard().press("Control+z");
        assertThat(cue(bo, 2).locator("[data-word]").first()).hasText(third);
        ada.navigate(bench.replaceFirst("/clips/.*", "/"));
        assertThat(bo.getByLabel(Pattern.compile("Ada Quill has this clip open")))
                .isHidden();
    }

    private static Locator cue(Page page, int index) {
        return page.locator("[data-cue]").nth(index);
    }

    private static void type(Page page, Locator cue, String text) {
        cue.locator("[data-word]").first().click();
        page.keyboard().press("Enter");
        page.getByLabel("Text of this cue").fill(text);
    }

    private static void render(Page page) {
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Light"))
                .click();
        button(page, "Render").click();
    }

    @Test
    void aClientSeesAsksForChangesAndApproves() throws Exception {
        TestDatabase database = TestDatabase.own();
        RunningServer server = RunningServer.own(database, "team-data", "--salt-drum.url=http://127.0.0.1:{port}");
        try {
            walk(server);
        } finally {
            server.end();
        }
    }

    private void walk(RunningServer server) throws Exception {
        Page ada = visitor(1280, false);
        ada.navigate(server.url());
        assertThat(ada.getByText("There is no owner yet")).isVisible();
        join(ada, Files.readString(server.data().resolve("owner-link.txt")).strip(), "Ada Quill", "ada@quay.example");
        ada.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("People"))
                .click();
        ada.getByLabel("Name of the new person").fill("Bo Tarn");
        button(ada, "Make a link").click();
        String invitation = ada.getByLabel("Link", new Page.GetByLabelOptions().setExact(true))
                .inputValue();

        Page bo = visitor(1280, false);
        join(bo, invitation, "Bo Tarn", "bo@quay.example");
        bo.getByLabel("You are Bo Tarn").click();
        bo.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Sign out"))
                .click();
        bo.getByLabel("E-mail address").fill("bo@quay.example");
        bo.getByLabel("Password").fill("not the right one at all");
        button(bo, "Sign in").click();
        assertThat(bo.getByRole(AriaRole.ALERT)).containsText("or password is wrong");
        bo.getByLabel("Password").fill(PASSWORD);
        button(bo, "Sign in").click();
        assertThat(bo.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("People")))
                .isHidden();

        bo.getByTestId("chooser")
                .setInputFiles(
                        new FilePayload("Coats.mp4", "video/mp4", Files.readAllBytes(SmallClips.whole("three-coats"))));
        bo.waitForURL(Pattern.compile(".*/clips/[a-z0-9]{12}/words"));
        String bench = bo.url().replace("/words", "");
        bo.getByLabel("Caption file").setInputFiles(Demo.CLIPS.resolve("three-coats.words.json"));
        bo.locator("[data-word]").first().waitFor();
        twoAtOnce(ada, bo, bench);
        bo.navigate(bench + "/render");
        render(bo);
        assertThat(bo.getByText("Verified: no problems")).isVisible();
        button(bo, "Make a review link").click();
        bo.getByLabel("Message to the client").fill("With the new colours.");
        button(bo, "Make the link").click();
        String link = bo.getByLabel("Link", new Page.GetByLabelOptions().setExact(true))
                .inputValue();

        Page cy = visitor(390, true);
        asksForChanges(cy, link);

        // It is shown at its word, and on the rail.
        Locator remark = bo.getByTestId("remark");
        assertThat(remark).containsText(REMARK);
        assertThat(bo.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("1 remarks"))))
                .isVisible();
        assertThat(bo.getByTestId("standing")).hasText("Cy Fennel asks for changes");
        Locator wrong = bo.locator("[data-word]")
                .filter(new Locator.FilterOptions().setHasText("coats,"))
                .first();
        wrong.click();
        bo.keyboard().press("Enter");
        bo.keyboard().press("Control+a");
        bo.keyboard().type("Three varnishes,");
        bo.keyboard().press("Enter");
        assertThat(bo.getByText("“coats,” is now “varnishes,”.")).isVisible();
        remark.getByText("Settle").click();
        assertThat(remark).hasCount(0);
        render(bo);
        bo.getByText(Pattern.compile("^Show .* by it$")).click();
        assertThat(bo.getByTestId("standing")).containsText("Waiting for an answer");

        cy.reload();
        assertThat(cy.getByText("Version 2 from Bo Tarn")).isVisible();
        assertThat(cy.getByLabel("Words", new Page.GetByLabelOptions().setExact(true)))
                .containsText("varnishes");
        button(cy, "Approve").tap();
        cy.getByLabel("Approve", new Page.GetByLabelOptions().setExact(true))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Approve"))
                .tap();
        assertThat(cy.getByText("Cy Fennel has approved this version.")).isVisible();
        assertThat(bo.getByTestId("standing")).hasText("Approved by Cy Fennel");

        button(bo, "Withdraw").click();
        assertThat(bo.getByTestId("standing")).hasText("Withdrawn");
        cy.reload();
        assertThat(cy.getByText("Nothing to see here")).isVisible();
        Page stranger = visitor(1280, false);
        stranger.navigate(link);
        assertThat(stranger.getByText("Nothing to see here")).isVisible();
        stranger.navigate(bench + "/words");
        assertThat(button(stranger, "Sign in")).isVisible();
        assertThat(stranger.request().get(server.url() + "/api/clips").status()).isEqualTo(401);

        takesAnotherCut(bo, bench);
    }

    private static void asksForChanges(Page cy, String link) {
        cy.navigate(link);
        assertThat(cy.getByText("With the new colours.")).isVisible();
        assertThat((Boolean) cy.evaluate("document.documentElement.scrollWidth <= innerWidth"))
                .as("it fits a telephone")
                .isTrue();
        button(cy, "Play").tap();
        cy.waitForFunction("() => document.querySelector('video').currentTime > 0.5");
        cy.getByLabel("Words", new Page.GetByLabelOptions().setExact(true))
                .getByText("coats,")
                .tap();
        cy.waitForFunction("() => document.querySelector('video').paused");
        cy.getByLabel("What you want to say").fill(REMARK);
        cy.getByLabel("Your name").fill("Cy Fennel");
        button(cy, "Send").tap();
        Locator said = cy.getByLabel("What was said", new Page.GetByLabelOptions().setExact(true));
        assertThat(said).containsText(REMARK);
        assertThat(said).containsText("“coats,”");
        button(cy, "Ask for changes").tap();
        cy.getByLabel("Ask for changes", new Page.GetByLabelOptions().setExact(true))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Ask for changes"))
                .tap();
        assertThat(cy.getByText("Cy Fennel has requested changes.")).isVisible();
    }

    /** The part between 3.2 and 6.4 seconds is cut out: five words are lost, the others move with the footage. */
    private static void takesAnotherCut(Page bo, String bench) throws Exception {
        Path cut = Recut.without(SmallClips.whole("three-coats"), 3.2, 6.4);
        bo.navigate(bench + "/words");
        bo.getByTestId("footage").setInputFiles(cut);
        Locator carried = bo.getByTestId("carried");
        assertThat(carried).containsText("5 words are no longer said: Three varnishes, thin as tea.");
        assertThat(bo.locator("[data-word]").filter(new Locator.FilterOptions().setHasText("varnishes")))
                .hasCount(0);
        bo.waitForFunction(
                "() => Math.abs(document.querySelector('section[aria-label=Stage] video').duration - 14.3) < 0.3");
        button(bo, "Noted").click();
        assertThat(carried).hasCount(0);
    }
}
