package saltdrum.e2e;

import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import saltdrum.server.Patience;

/** Debian's Chromium, headless and silent towards the outside; one for all tests of this machine's run. */
final class Browser {
    private static final Playwright PLAYWRIGHT =
            Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    private static final com.microsoft.playwright.Browser CHROMIUM = PLAYWRIGHT
            .chromium()
            .launch(new BrowserType.LaunchOptions()
                    .setExecutablePath(program())
                    .setArgs(List.of(
                            "--no-sandbox",
                            "--disable-gpu",
                            "--disable-dev-shm-usage",
                            "--autoplay-policy=no-user-gesture-required",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync",
                            "--no-first-run")));

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(Patience.LIMIT.toMillis());
    }

    private Browser() {}

    /** The shell without a window, which takes less of the processor, where it is installed. */
    private static Path program() {
        Path shell = Path.of("/usr/bin/chromium-headless-shell");
        return Files.exists(shell) ? shell : Path.of("/usr/bin/chromium");
    }

    /** Prefers reduced motion: samples of styles are still, which leaves the processor to the test. */
    static NewContextOptions calm() {
        return new NewContextOptions().setReducedMotion(ReducedMotion.REDUCE);
    }

    static com.microsoft.playwright.Browser chromium() {
        return CHROMIUM;
    }
}
