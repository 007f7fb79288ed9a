package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

/** A browser that cannot run the page shows a sentence; the page was blank. */
class OldBrowserTest {
    private static final String TOLD = "This page needs a browser of the last two years";

    @Test
    void whereNoScriptRunsThePageSaysSo() throws Exception {
        try (BrowserContext context =
                Browser.chromium().newContext(new NewContextOptions().setJavaScriptEnabled(false))) {
            Page page = context.newPage();
            page.navigate(RunningServer.shared().url());
            assertThat(page.getByText(TOLD)).isVisible();
        }
    }

    @Test
    void whereVideoFramesAreNotToldThePageSaysSo() throws Exception {
        try (BrowserContext context = Browser.chromium().newContext()) {
            context.addInitScript("delete HTMLVideoElement.prototype.requestVideoFrameCallback");
            Page page = context.newPage();
            page.navigate(RunningServer.shared().url());
            assertThat(page.getByText(TOLD)).isVisible();
        }
    }

    @Test
    void whereAllIsKnownNothingIsLeftOfIt() throws Exception {
        try (BrowserContext context = Browser.chromium().newContext()) {
            Page page = context.newPage();
            page.navigate(RunningServer.shared().url());
            assertThat(page.getByTestId("chooser")).isAttached();
            assertThat(page.getByText(TOLD)).hasCount(0);
        }
    }
}
