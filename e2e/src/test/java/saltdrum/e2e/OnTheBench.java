package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import saltdrum.server.Patience;
import saltdrum.server.SmallClips;
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
                .newContext(Browser.calm().setViewportSize(1280, 800).setAcceptDownloads(true));
        page = context.newPage();
        page.setDefaultTimeout(Patience.LIMIT.toMillis());
        page.onPageError(pageErrors::add);
    }

    @AfterEach
    void close() {
        if (context == null) {
            return;
        }
        context.close();
        assertThat(pageErrors).isEmpty();
    }

    /** Chooses a demo clip, whole and in its own size, in the page. */
    String upload(String demo, String as) throws Exception {
        return upload(new FilePayload(as, "video/mp4", Files.readAllBytes(Demo.clip(demo))));
    }

    /** Chooses a file in the page. */
    String upload(FilePayload file) {
        page.navigate(server.url());
        page.getByTestId("chooser").setInputFiles(file);
        page.waitForURL(Pattern.compile(".*/clips/[a-z0-9]{12}/words"));
        return clipId();
    }

    /** A small copy of a demo clip, without words, open on the bench. */
    String bringIn(String demo, String as) throws Exception {
        return open(server.bring(SmallClips.whole(demo), as));
    }

    /** A small copy of a demo clip with its words, open on the bench. */
    String withWords(String demo, String as) throws Exception {
        String clipId = server.bring(SmallClips.whole(demo), as);
        server.caption(clipId, Demo.CLIPS.resolve(demo + ".words.json"));
        open(clipId);
        page.locator("[data-word]").first().waitFor();
        return clipId;
    }

    /**
     * Waits until the clip can be played. Once in some fifty pages a picture does not come into headless Chromium, and no
     * request waits for an answer: the page is loaded again then, and the log says so.
     */
    void awaitPicture() {
        String ready = "() => document.querySelector('video[src]')?.readyState >= 3";
        try {
            page.waitForFunction(ready, null, new Page.WaitForFunctionOptions().setTimeout(30_000));
        } catch (TimeoutError e) {
            System.out.println(
                    "no picture after 30 s, loaded again: "
                            + page.evaluate(
                                    """
                            () => [...document.querySelectorAll('video')].map((v) => [v.getAttribute('src'), v.readyState,
                              v.networkState, v.seeking, v.currentTime, v.error?.message].join(' ')).join('; ')
                            """));
            page.reload();
            page.waitForFunction(ready);
        }
    }

    private String open(String clipId) {
        page.navigate(server.url() + "/clips/" + clipId + "/words");
        return clipId;
    }

    /** The id of the clip that is on the bench. */
    String clipId() {
        return page.url().replaceAll(".*/clips/([a-z0-9]{12})/.*", "$1");
    }

    /** Places a demo clip's script on its voice. */
    void placeScript(String demo) throws Exception {
        placeText(Demo.script(demo));
    }

    void placeText(String script) {
        page.getByLabel("What is said").fill(script);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Place on the voice"))
                .click();
        page.locator("[data-word]").first().waitFor();
    }

    JsonNode track(String clipId) throws Exception {
        return server.track(clipId);
    }

    List<String> cues(String clipId) throws Exception {
        return server.cues(clipId);
    }

    Locator word(String text) {
        // The browser's regular expressions know no \\Q.
        String escaped = text.replaceAll("([.?*+^$(){}|])", "\\\\$1");
        return page.locator("[data-word]")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + escaped + "$")))
                .first();
    }

    long version(String clipId) throws Exception {
        return track(clipId).path("head").path("version").asLong();
    }

    void awaitVersionAfter(String clipId, long version) {
        Patience.await("a version after " + version).until(() -> version(clipId) > version);
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
