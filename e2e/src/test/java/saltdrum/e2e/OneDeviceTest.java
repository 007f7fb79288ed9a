package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import saltdrum.server.SmallClips;

/** The whole job with the keyboard alone, and with the pointer alone (WCAG 2.2, 2.1.1 and 2.5.7). */
class OneDeviceTest extends OnTheBench {
    private static final int MOST_TABS = 200;

    /** Tabs until this has the focus, as one who sees only the focus does. */
    private void tabTo(String what, Locator target) {
        for (int i = 0; i < MOST_TABS; i++) {
            page.keyboard().press("Tab");
            if (target.count() > 0 && (boolean) target.first().evaluate("e => e === document.activeElement")) {
                return;
            }
        }
        throw new AssertionError("Tab does not come to " + what);
    }

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Locator link(Pattern name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    private interface Act {
        void run() throws Exception;
    }

    private void changing(String clipId, Act act) throws Exception {
        long version = version(clipId);
        act.run();
        awaitVersionAfter(clipId, version);
    }

    private Path clip(String name) throws Exception {
        Path named = Files.createTempDirectory("clips").resolve(name);
        return Files.copy(SmallClips.beginning("three-coats", 4), named);
    }

    @Test
    void byTheKeyboardAlone() throws Exception {
        page.navigate(server.url());
        tabTo("“Add a clip”", button("Add a clip"));
        FileChooser chooser = page.waitForFileChooser(() -> page.keyboard().press("Enter"));
        chooser.setFiles(clip("By keys.mp4"));
        page.waitForURL(Pattern.compile(".*/clips/[a-z0-9]{12}/words"));
        String clipId = clipId();

        tabTo("the script", page.getByLabel("What is said"));
        page.keyboard().type("Sand it first or you will be back by Friday.");
        tabTo("“Place on the voice”", button("Place on the voice"));
        page.keyboard().press("Enter");
        page.locator("[data-word]").first().waitFor();
        awaitPicture();

        // A word, from cue to cue and word to word, is typed over.
        page.keyboard().press("Escape");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Text of this cue")).isFocused();
        page.keyboard().press("End");
        page.keyboard().type(" now");
        changing(clipId, () -> page.keyboard().press("Enter"));
        assertThat(String.join(" ", cues(clipId))).contains("now");
        changing(clipId, () -> page.keyboard().press("e"));

        page.keyboard().press("2");
        changing(clipId, () -> {
            tabTo("the recipes", page.locator("[role=radio][tabindex='0']"));
            page.keyboard().press("ArrowDown");
        });
        page.keyboard().press("4");
        page.locator("[data-facet=size]").waitFor();
        changing(clipId, () -> {
            tabTo("a style", page.locator("[data-style][tabindex='0']"));
            page.keyboard().press("ArrowDown");
        });
        page.keyboard().press("Escape");
        page.keyboard().press(" ");
        page.waitForFunction("() => !document.querySelector('video').paused");
        page.keyboard().press(" ");

        page.keyboard().press("6");
        tabTo("“Render”", button("Render"));
        page.keyboard().press("Enter");
        link(Pattern.compile("^Download")).first().waitFor();
        Download download = page.waitForDownload(() -> {
            tabTo("the download", link(Pattern.compile("^Download")));
            page.keyboard().press("Enter");
        });
        assertThat(Video.seconds(download.path())).isBetween(3.8, 4.3);
    }

    @Test
    void byThePointerAlone() throws Exception {
        page.navigate(server.url());
        Path file = clip("By pointer.mp4");
        FileChooser chooser = page.waitForFileChooser(() -> button("Add a clip").click());
        chooser.setFiles(file);
        page.waitForURL(Pattern.compile(".*/clips/[a-z0-9]{12}/words"));
        String clipId = clipId();
        FileChooser words = page.waitForFileChooser(() ->
                page.getByText(Pattern.compile("Read a caption file")).first().click());
        words.setFiles(Demo.CLIPS.resolve("three-coats.words.json"));
        page.locator("[data-word]").first().waitFor();
        awaitPicture();

        word("it").click();
        changing(clipId, () -> button("Split before the selected word").first().click());
        assertThat(cues(clipId)).startsWith("Sand");
        changing(clipId, () -> page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Undo")))
                .click());
        changing(clipId, () -> page.getByText("Emphasise", new Page.GetByTextOptions().setExact(true))
                .click());

        link(Pattern.compile("^Breaks")).first().click();
        changing(clipId, () -> page.getByRole(AriaRole.RADIO).first().click());
        changing(clipId, () -> page.getByText("Trim to speech").click());
        link(Pattern.compile("^Style")).first().click();
        page.locator("[data-facet=size]").waitFor();
        changing(clipId, () -> page.locator("[data-style]:not([aria-checked=true])")
                .first()
                .click());
        button("Place").click();
        changing(clipId, () -> button("Top").click());
        link(Pattern.compile("^Check")).first().click();
        assertThat(page.getByText(Pattern.compile("[Ff]inding|Looking")).first())
                .isVisible();
        button("Play").click();
        page.waitForFunction("() => !document.querySelector('video').paused");
        button("Pause").click();

        link(Pattern.compile("^Render")).first().click();
        button("Render").click();
        Locator done = link(Pattern.compile("^Download"));
        done.first().waitFor();
        Download download = page.waitForDownload(() -> done.first().click());
        assertThat(Video.seconds(download.path())).isBetween(3.8, 4.3);
    }
}
