package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import saltdrum.server.Patience;

/** Tests with several people, each in a browser of their own. */
abstract class WithVisitors {
    static final String PASSWORD = "lantern oarlock herring seven";

    private final List<String> faults = new ArrayList<>();
    private final List<BrowserContext> contexts = new ArrayList<>();

    Page visitor(int width, boolean touch) {
        BrowserContext context = Browser.chromium()
                .newContext(Browser.calm().setViewportSize(width, 844).setHasTouch(touch));
        contexts.add(context);
        Page page = context.newPage();
        page.setDefaultTimeout(Patience.LIMIT.toMillis());
        page.onPageError(faults::add);
        return page;
    }

    @AfterEach
    void noPageFailed() {
        contexts.forEach(BrowserContext::close);
        assertThat(faults).isEmpty();
    }

    static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    static void join(Page page, String link, String name, String email) {
        page.navigate(link);
        page.getByLabel("Your name").fill(name);
        page.getByLabel("E-mail address").fill(email);
        page.getByLabel("Password").fill(PASSWORD);
        button(page, "Join").click();
        assertThat(button(page, "Add a clip")).isVisible();
    }
}
