package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import saltdrum.server.Patience;
import tools.jackson.databind.JsonNode;

/** What else a person meets while captioning: other files, other frames, a second window. */
class BesideTheJobTest extends OnTheBench {
    @Test
    void aFileThatIsNoClipIsRefusedAndTheListGoesOn() throws Exception {
        page.navigate(server.url());
        page.getByTestId("chooser")
                .setInputFiles(new FilePayload(
                        "letter.mp4", "video/mp4", "a letter home".repeat(50).getBytes()));
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("letter.mp4: This is");
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add a clip")))
                .isEnabled();
    }

    @Test
    void whereScriptAndVoiceDifferIsShownAndSettled() throws Exception {
        String clipId = bringIn("three-coats", "Odd script.mp4");
        page.getByLabel("What is said")
                .fill("Sand it first, or you will be back by Friday. Let each one dry until the harbour bell. "
                        + "Lanterns and seaweed. Then turn her over, and do the same again. "
                        + "A boat forgives you once. The sea does not.");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Place on the voice"))
                .click();
        page.locator("[data-word]").first().waitFor();
        Locator extra = page.getByRole(
                AriaRole.GROUP, new Page.GetByRoleOptions().setName(Pattern.compile("Not in the script")));
        assertThat(extra.first()).isVisible();
        // “Three coats, thin as tea.” was heard at 3.8 s and is not in this script.
        assertThat(extra.first()).containsText("0:03.8");
        assertThat(page.getByText("3 words of the script were not heard.")).isVisible();
        long version = track(clipId).path("head").path("version").asLong();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Delete them"))
                .click();
        awaitVersionAfter(clipId, version);
        assertThat(String.join(" ", cues(clipId))).doesNotContain("seaweed").contains("harbour bell. Then turn");
        version = track(clipId).path("head").path("version").asLong();
        extra.first()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take in"))
                .click();
        awaitVersionAfter(clipId, version);
        List<String> texts = cues(clipId);
        assertThat(texts.indexOf(texts.stream()
                        .filter(t -> t.contains("Let each"))
                        .findFirst()
                        .orElseThrow()))
                .isGreaterThan(1);
    }

    @Test
    void aDraftOfTheSpeechIsOneStepOfTheHistory() throws Exception {
        String clipId = bringIn("three-coats", "No script.mp4");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Recognise the speech"))
                .first()
                .click();
        page.locator("[data-word]").first().waitFor();
        page.getByRole(AriaRole.PROGRESSBAR)
                .waitFor(new Locator.WaitForOptions()
                        .setState(com.microsoft.playwright.options.WaitForSelectorState.DETACHED));
        Patience.await("the end of all jobs").until(() -> !anyOpen(clipId));
        String draft = String.join(" ", cues(clipId));
        // What is heard at the very end differs between processors: the model calculates in 8 bits.
        assertThat(draft).containsIgnoringCase("coats").matches("[A-Z].*[.,?] .*");
        long version = track(clipId).path("head").path("version").asLong();
        page.keyboard().press("Control+z");
        awaitVersionAfter(clipId, version);
        assertThat(page.getByText("This clip has no words yet")).isVisible();
    }

    private boolean anyOpen(String clipId) throws Exception {
        for (JsonNode job : server.get("/api/clips/" + clipId + "/jobs")) {
            if (job.path("open").asBoolean()) {
                return true;
            }
        }
        return false;
    }

    @Test
    void theFrameIsChosenAndSeen() throws Exception {
        String clipId = upload("last-ferry", "Wide.mp4");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Frame").setExact(true))
                .click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("9:16"))
                .click();
        assertThat(page.getByLabel("Height in pixels")).hasValue("1920");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Fit"))
                .click();
        // 1920x1080 in 1080x1920: 606 of 1920 high, with bars above and below.
        page.waitForFunction(
                """
                () => { const v = document.querySelector('video').getBoundingClientRect();
                  const c = document.querySelector('[data-testid=captions]').getBoundingClientRect();
                  return Math.abs(v.height / c.height - 606 / 1920) < 0.01 && Math.abs(v.width - c.width) < 1
                    && v.top > c.top + c.height / 4; }
                """);
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Render").setExact(true))
                .click();
        page.getByText("A video of 1080×1920").waitFor();
        JsonNode head = track(clipId).path("head");
        assertThat(head.path("frame").path("sit").asString()).isEqualTo("FIT");
        assertThat(head.path("layout").path("output").path("height").asInt()).isEqualTo(1920);
    }

    @Test
    void aCaptionFileIsReadAndWrittenInTheBrowser() throws Exception {
        String clipId = bringIn("three-coats", "From a file.mp4");
        page.getByLabel("Caption file")
                .setInputFiles(new FilePayload(
                        "old.srt",
                        "application/x-subrip",
                        "3\n00:00:00,100 --> 00:00:01,200\nSand it\n<i>first</i>,\n".getBytes()));
        page.locator("[data-word]").first().waitFor();
        assertThat(page.getByText("Line 2: the cue is numbered 3, it is cue 1")).isVisible();
        assertThat(cues(clipId)).containsExactly("Sand it first,");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Render").setExact(true))
                .click();
        assertThat(page.getByText("the emphasis of 1 word").first()).isVisible();
        Download download = page.waitForDownload(
                () -> page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^SRT")))
                        .click());
        assertThat(Files.readString(download.path()))
                .isEqualTo("1\n00:00:00,100 --> 00:00:01,200\nSand it\nfirst,\n\n");
        assertThat(download.suggestedFilename()).isEqualTo("From a file.srt");
    }

    @Test
    void aClipThatBrowsersCannotPlayGetsALightCopy() throws Exception {
        Path odd = Files.createTempDirectory("salt-drum").resolve("odd.mkv");
        Process made = new ProcessBuilder(
                        "ffmpeg",
                        "-v",
                        "error",
                        "-f",
                        "lavfi",
                        "-i",
                        "testsrc2=s=359x641:r=24:d=2",
                        "-c:v",
                        "libx265",
                        "-x265-params",
                        "log-level=error",
                        "-pix_fmt",
                        "yuv420p10le",
                        odd.toString())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        assertThat(made.waitFor()).isZero();
        upload(new FilePayload("Ten bits.mkv", "video/x-matroska", Files.readAllBytes(odd)));
        page.locator("video[src]").waitFor();
        page.waitForFunction("() => document.querySelector('video[src]').readyState >= 2");
        assertThat(((Number) page.evaluate("() => document.querySelector('video[src]').videoHeight")).intValue())
                .isGreaterThanOrEqualTo(640);
        page.getByText("This clip has no words yet").waitFor();
        // No sound: nothing to recognise, and the page says so by not offering it.
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Recognise the speech")))
                .hasCount(0);
    }

    @Test
    void aSecondWindowSeesWhatTheFirstOneDoes() throws Exception {
        withWords("tide-pool", "Under this stone.mp4");
        Page second = context.newPage();
        second.navigate(page.url());
        second.locator("[data-word]").first().waitFor();
        word("stone?").click();
        page.keyboard().press("e");
        second.locator("[data-word] .italic").first().waitFor();
    }

    /** What the server says between the page's first questions and its line to it is not lost. */
    @Test
    void aClipThatIsPreparedBeforeTheLineOpensIsShown() throws Exception {
        AtomicBoolean before = new AtomicBoolean(true);
        List<Route> line = new ArrayList<>();
        page.route("**/api/events", line::add);
        page.route(Pattern.compile(".*/api/clips/[a-z0-9]{12}$"), route -> {
            APIResponse answer = route.fetch();
            String said =
                    before.get() ? answer.text().replace("\"prepared\":true", "\"prepared\":false") : answer.text();
            route.fulfill(new Route.FulfillOptions().setResponse(answer).setBody(said));
        });
        bringIn("tide-pool", "Before.mp4");
        assertThat(page.getByText("This clip has no words yet")).isVisible();
        assertThat(page.locator("video[src]")).hasCount(0);
        // The play command came before the clip was ready.
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Play").setExact(true))
                .click();
        before.set(false);
        line.forEach(Route::resume);
        assertThat(page.locator("video[src]")).hasCount(1);
        page.waitForFunction("() => document.querySelector('video[src]').currentTime > 0.5");
    }

    @Test
    void aFaultInThePageSaysSoAndOffersAWayOn() throws Exception {
        String clipId = bringIn("tide-pool", "Fault.mp4");
        page.route(
                "**/api/clips/" + clipId + "/track",
                route -> route.fulfill(new Route.FulfillOptions()
                        .setContentType("application/json")
                        .setBody("{\"head\":{\"version\":1},\"cues\":[{}]}")));
        page.reload();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Your words are safe on the server");
        page.screenshot(new Page.ScreenshotOptions().setPath(java.nio.file.Path.of("target/fault.png")));
        page.unroute("**/api/clips/" + clipId + "/track");
        page.getByText("Reload").click();
        assertThat(page.getByText("This clip has no words yet")).isVisible();
    }
}
