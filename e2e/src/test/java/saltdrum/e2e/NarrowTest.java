package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Where stage and score have no room beside each other they take turns; the rail stays. */
class NarrowTest extends OnTheBench {
    private Locator turn(String name) {
        return page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("In view"))
                .getByText(name, new Locator.GetByTextOptions().setExact(true));
    }

    private Locator rail() {
        return page.getByLabel("Rail", new Page.GetByLabelOptions().setExact(true))
                .first();
    }

    private double wide(String css) {
        return page.locator(css).first().boundingBox().width;
    }

    @ParameterizedTest
    @ValueSource(ints = {900, 390})
    void stageAndScoreTakeTurns(int width) throws Exception {
        withWords("three-coats", "Narrow " + width + ".mp4");
        page.setViewportSize(width, 800);
        turn("Score").click();
        Locator word = page.locator("[data-word]").first();
        assertThat(word).isVisible();
        assertThat(wide("section[aria-label=Stage]")).isLessThanOrEqualTo(1);
        // Several words share a line.
        assertThat(page.locator("[data-word]").nth(1).boundingBox().y).isEqualTo(word.boundingBox().y);
        turn("Stage").click();
        assertThat(word).isHidden();
        assertThat(wide("section[aria-label=Stage]")).isGreaterThan(width * 0.55);
        assertThat(rail()).isVisible();
        if (width < 700) {
            turn("Words").click();
            assertThat(page.getByLabel("Drawer")).isVisible();
            assertThat(wide("section[aria-label=Stage]")).isLessThanOrEqualTo(1);
            assertThat(rail()).isVisible();
        }
        assertThat((Boolean) page.evaluate("document.documentElement.scrollWidth <= innerWidth"))
                .isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"/", "/?shelf=ARCHIVED", "/orders", "/orders/new", "/workshop", "/people"})
    void pagesFitATelephone(String path) throws Exception {
        bringIn("last-ferry", "Narrow and wide.mp4");
        page.setViewportSize(390, 800);
        page.navigate(server.url() + path);
        page.getByLabel("Pages", new Page.GetByLabelOptions().setExact(true)).waitFor();
        // Pictures and lists come after it.
        RunningServer.pause(800);
        assertThat((Boolean) page.evaluate("document.documentElement.scrollWidth <= innerWidth"))
                .as(path + " needs no scrolling sideways")
                .isTrue();
    }

    /** What is out of sight goes on: its time runs through the score. */
    @Test
    void theVoiceRunsThroughTheScoreWhileTheStageIsOutOfSight() throws Exception {
        withWords("three-coats", "Narrow voice.mp4");
        awaitPicture();
        page.setViewportSize(900, 800);
        turn("Score").click();
        page.locator("[data-word]").first().click();
        page.keyboard().press("Space");
        // The playhead's own time, by which the score follows, not the video's.
        page.waitForFunction("() => +document.querySelector('[aria-label=Playhead]').value > 2500");
        page.keyboard().press("Space");
    }
}
