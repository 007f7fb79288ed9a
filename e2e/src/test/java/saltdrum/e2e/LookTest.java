package saltdrum.e2e;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

class LookTest extends OnTheBench {
    private void shot(String name) {
        page.waitForTimeout(900);
        page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("/tmp/shots/" + name + ".png")));
    }

    @Test
    void looks() throws Exception {
        String clipId = withWords("three-coats", "Three coats.mp4");
        page.navigate(server.url() + "/clips/" + clipId + "/style");
        page.locator("[data-facet=size]").waitFor();
        awaitPicture();
        shot("style-open");
        page.locator("[data-style=Tidemark]").click();
        shot("style-taken");
        page.getByText("Place", new Page.GetByTextOptions().setExact(true)).click();
        page.getByLabel("Bottom left").scrollIntoViewIfNeeded();
        page.getByLabel("Bottom left").click();
        shot("style-place");
        page.locator("[data-cue]").nth(3).getByText("Three").click();
        page.getByText("Cue", new Page.GetByTextOptions().setExact(true))
                .first()
                .click();
        shot("style-cue");
        page.locator("[data-style=Chalk]").click();
        shot("style-cue-taken");
        page.navigate(server.url() + "/clips/" + clipId + "/words");
        page.locator("[data-word]").first().waitFor();
        page.locator("[data-cue]").nth(1).hover();
        page.locator("[data-cue]").nth(1).getByLabel("Lock this cue").click();
        shot("words");
    }
}
