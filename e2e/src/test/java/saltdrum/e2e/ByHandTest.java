package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.FilePayload;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import saltdrum.media.ffmpeg.ToolRun;
import tools.jackson.databind.JsonNode;

/** Words typed by hand, where there is no voice or no model for it. */
class ByHandTest extends OnTheBench {
    private String silentClip(String as) throws Exception {
        Path clip = Path.of("target/silent.mp4");
        ToolRun.text(
                List.of(
                        "ffmpeg",
                        "-v",
                        "error",
                        "-y",
                        "-f",
                        "lavfi",
                        "-i",
                        "testsrc2=s=640x360:r=24:d=8",
                        "-c:v",
                        "libx264",
                        "-preset",
                        "ultrafast",
                        clip.toString()),
                60,
                failed -> {
                    throw new IllegalStateException(failed.errors());
                });
        return upload(new FilePayload(as, "video/mp4", Files.readAllBytes(clip)));
    }

    @Test
    void aClipWithoutSoundIsTypedCueByCue() throws Exception {
        String clipId = silentClip("Ebb & flow – 2.mp4");
        assertThat(page.getByText("This clip has no words yet")).isVisible();
        page.keyboard().press("y");
        Locator line = page.getByLabel("Text of the next cue");
        assertThat(line).isFocused();
        // These letters are keys of the bench: here they are text.
        line.pressSequentially("by next tide");
        line.press("Enter");
        assertThat(page.locator("[data-cue]")).hasCount(1);
        line.pressSequentially("10\u00A0kg of rope");
        line.press("Enter");
        assertThat(page.locator("[data-cue]")).hasCount(2);
        line.pressSequentially("潮が引いたら舟を出す");
        line.press("Enter");
        assertThat(page.locator("[data-cue]")).hasCount(3);
        line.press("Escape");
        assertThat(line).isHidden();
        JsonNode cues = track(clipId).path("cues");
        assertThat(cues.get(0).path("words").get(0).path("startMs").asInt()).isZero();
        assertThat(cues.get(1).path("words").get(0).path("text").asString()).isEqualTo("10\u00A0kg");
        assertThat(cues.get(1).path("words").get(0).path("startMs").asInt())
                .isGreaterThanOrEqualTo(
                        cues.get(0).path("words").get(2).path("endMs").asInt());
        assertThat(cues.get(2).path("words").size()).isGreaterThan(4);

        // Typing over a cue keeps its no-break space, and its words.
        word("of").dblclick();
        page.getByLabel("Text of this cue").press("Enter");
        RunningServer.pause(300);
        assertThat(track(clipId).path("cues").get(1)).isEqualTo(cues.get(1));

        // Recognition is not offered for a clip without sound; requesting it anyway gives a sentence.
        assertThat(page.getByLabel("Drawer").getByText("Recognise the speech")).isHidden();
        try {
            server.post("/api/clips/" + clipId + "/words", "{\"language\":\"en\"}");
            throw new AssertionError("taken");
        } catch (IllegalStateException refused) {
            assertThat(refused).hasMessageContaining("no sound to recognise");
        }
    }

    private static double seconds(String clock) {
        String[] parts = clock.split(":");
        return 60 * Integer.parseInt(parts[0]) + Double.parseDouble(parts[1]);
    }

    @Test
    void aPictureThatComesLateLeavesThePlayheadWhereTypingBroughtIt() throws Exception {
        AtomicBoolean late = new AtomicBoolean(true);
        page.route(Pattern.compile(".*/api/clips/[a-z0-9]{12}$"), route -> {
            APIResponse answer = route.fetch();
            String said = late.get() ? answer.text().replace("\"prepared\":true", "\"prepared\":false") : answer.text();
            route.fulfill(new Route.FulfillOptions().setResponse(answer).setBody(said));
        });
        String clipId = silentClip("Late.mp4");
        assertThat(page.getByText("This clip has no words yet")).isVisible();
        page.keyboard().press("y");
        Locator line = page.getByLabel("Text of the next cue");
        line.pressSequentially("by next tide");
        line.press("Enter");
        assertThat(page.locator("[data-cue]")).hasCount(1);

        Locator clock = page.getByTestId("clock");
        assertThat(clock).not().hasText(Pattern.compile("^[0:.]+$"));
        String stood = clock.innerText();
        late.set(false);
        // Any change of the clip is announced, and the page asks for it again.
        long client = server.post("/api/clients", "{\"name\":\"Late Light\"}")
                .path("id")
                .asLong();
        server.send("PUT", "/api/clips/" + clipId + "/client", "{\"clientId\":" + client + "}");
        page.waitForFunction("() => document.querySelector('video[src]')?.readyState > 1");
        RunningServer.pause(300);
        // The frame on the screen, not the time between two.
        assertThat(seconds(clock.innerText())).isCloseTo(seconds(stood), within(0.11));
        line.pressSequentially("rope and tar");
        line.press("Enter");
        assertThat(page.locator("[data-cue]")).hasCount(2);
        JsonNode cues = track(clipId).path("cues");
        assertThat(cues.get(1).path("words").get(0).path("text").asString()).isEqualTo("rope");
    }

    @Test
    void aCueReadFromRightToLeftStandsAndIsWalkedThatWay() throws Exception {
        silentClip("Dawn.mp4");
        assertThat(page.getByText("This clip has no words yet")).isVisible();
        page.keyboard().press("y");
        Locator line = page.getByLabel("Text of the next cue");
        line.fill("البحر هادئ هذا الصباح");
        line.press("Enter");
        line.press("Escape");
        double first = word("البحر").boundingBox().x;
        double second = word("هادئ").boundingBox().x;
        assertThat(second).isLessThan(first);
        word("البحر").click();
        page.keyboard().press("ArrowLeft");
        assertThat(word("هادئ")).hasAttribute("aria-pressed", "true");
        page.keyboard().press("ArrowRight");
        assertThat(word("البحر")).hasAttribute("aria-pressed", "true");
    }
}
