package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import tools.jackson.databind.JsonNode;

/** Opens the running product in Chromium before each test and helps with what all of them do. */
abstract class OnTheBench {
    RunningServer server;
    BrowserContext context;
    Page page;
    final List<String> pageErrors = new ArrayList<>();

    @BeforeEach
    void open() throws Exception {
        server = RunningServer.shared();
        context = Browser.chromium()
                .newContext(new com.microsoft.playwright.Browser.NewContextOptions()
                        .setViewportSize(1280, 800)
                        .setAcceptDownloads(true));
        page = context.newPage();
        page.setDefaultTimeout(60_000);
        page.onPageError(pageErrors::add);
    }

    @AfterEach
    void close() {
        context.close();
        assertThat(pageErrors).isEmpty();
    }

    String bringIn(String file, String as) throws Exception {
        page.navigate(server.url());
        page.getByTestId("chooser")
                .setInputFiles(new FilePayload(as, "video/mp4", Files.readAllBytes(Demo.clip(file))));
        page.waitForURL(Pattern.compile(".*/clips/[a-z0-9]{12}/words"));
        return page.url().replaceAll(".*/clips/([a-z0-9]{12})/.*", "$1");
    }

    void placeScript(String name) throws Exception {
        page.getByLabel("What is said").fill(Demo.script(name));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Place on the voice"))
                .click();
        page.locator("[data-word]").first().waitFor();
    }

    JsonNode track(String clipId) throws Exception {
        return server.get("/api/clips/" + clipId + "/track");
    }

    List<String> cues(String clipId) throws Exception {
        List<String> texts = new ArrayList<>();
        for (JsonNode cue : track(clipId).path("cues")) {
            List<String> words = new ArrayList<>();
            cue.path("words").forEach(word -> words.add(word.path("text").asString()));
            texts.add(String.join(" ", words));
        }
        return texts;
    }

    Locator word(String text) {
        // The browser's regular expressions know no \\Q.
        String escaped = text.replaceAll("([.?*+^$(){}|])", "\\\\$1");
        return page.locator("[data-word]")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + escaped + "$")))
                .first();
    }

    void awaitVersionAfter(String clipId, long version) throws Exception {
        for (int i = 0; i < 200 && track(clipId).path("head").path("version").asLong() <= version; i++) {
            RunningServer.pause(50);
        }
        assertThat(track(clipId).path("head").path("version").asLong()).isGreaterThan(version);
        assertThat(page.getByText("Saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    /** How many pixels of the captions' canvas are not clear. */
    int inkOnStage() {
        return ((Number)
                        page.evaluate(
                                """
                        () => { const c = document.querySelector('[data-testid=captions]');
                          const d = c.getContext('2d').getImageData(0, 0, c.width, c.height).data;
                          let n = 0; for (let i = 3; i < d.length; i += 4) if (d[i] > 0) n++; return n; }
                        """))
                .intValue();
    }
}
