package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import io.github.humbleui.skija.Bitmap;
import io.github.humbleui.skija.Image;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import saltdrum.server.SmallClips;
import tools.jackson.databind.JsonNode;

/** The step of the frame: what a hand does there, and the stage against the burned picture. */
class FrameTest extends OnTheBench {
    private static final int SHOWN_MS = 2600;

    private JsonNode frame(String clipId) throws Exception {
        return track(clipId).path("head").path("frame");
    }

    private void choose(String option) {
        page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName(option).setExact(true))
                .click();
    }

    private void press(String button) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(button))
                .first()
                .click();
    }

    private void drag(Locator what, double dx, double dy) {
        BoundingBox at = what.boundingBox();
        page.mouse().move(at.x + at.width / 2, at.y + at.height / 2);
        page.mouse().down();
        page.mouse().move(at.x + at.width / 2 + dx / 2, at.y + at.height / 2 + dy / 2);
        page.mouse().move(at.x + at.width / 2 + dx, at.y + at.height / 2 + dy);
        page.mouse().up();
    }

    private String atTheFrame() throws Exception {
        String clipId = bringIn("last-ferry", "ferry.mp4");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Frame").setExact(true))
                .click();
        choose("9:16");
        page.getByTestId("frame-picture").waitFor();
        return clipId;
    }

    @Test
    void aLandscapeClipIsTurnedTallAndItsPointOfInterestMoves() throws Exception {
        String clipId = atTheFrame();
        long version = version(clipId);
        drag(page.getByTestId("frame-picture"), -60, 0);
        awaitVersionAfter(clipId, version);
        double x = frame(clipId).path("focus").path(0).path("x").asDouble();
        assertThat(x).as("what lies further right is in sight").isGreaterThan(0.52);

        // A frame of 29.97 a second begins at 4.004 s: the clock says the same before it is shown and after.
        page.getByLabel("Playhead").fill("4010");
        assertThat(page.getByTestId("clock")).hasText("0:04.0");
        version = version(clipId);
        press("Add a point at the playhead");
        awaitVersionAfter(clipId, version);
        assertThat(frame(clipId).path("focus").size()).isEqualTo(2);
        version = version(clipId);
        drag(page.getByTestId("frame-picture"), 90, 0);
        awaitVersionAfter(clipId, version);
        JsonNode moved = frame(clipId).path("focus");
        assertThat(moved.path(0).path("x").asDouble()).isCloseTo(x, within(1e-6));
        assertThat(moved.path(1).path("ms").asInt()).isBetween(3960, 4040);
        assertThat(moved.path(1).path("x").asDouble()).isLessThan(x);
        Locator video = page.getByLabel("Clip ferry");
        double there = video.boundingBox().x;
        page.getByLabel("Playhead").fill("0");
        assertThat(page.getByTestId("clock")).hasText("0:00.0");
        assertThat(video.boundingBox().x)
                .as("the picture moves under its frame")
                .isLessThan(there - 20);

        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
        assertThat(page.getByText("Add a point at the playhead")).isVisible();
        awaitVersionAfter(clipId, version);
    }

    @Test
    void barsAreDraggedTypedTurnedAndShownWithWhatAPhoneLaysOverThem() throws Exception {
        String clipId = atTheFrame();
        choose("Fit");
        Locator upper = page.locator("[data-handle='Upper bar']");
        upper.waitFor();
        choose("Clip");
        page.getByTestId("backdrop").waitFor();
        long version = version(clipId);
        drag(page.getByTestId("frame-picture"), 0, 70);
        awaitVersionAfter(clipId, version);
        double top = frame(clipId).path("bars").path("top").asDouble();
        assertThat(top).isGreaterThan(0.38);
        assertThat(top + frame(clipId).path("bars").path("bottom").asDouble())
                .as("the clip keeps its size, but for even pixels of a small picture")
                .isCloseTo(1 - 606 / 1920.0, within(0.005));
        version = version(clipId);
        drag(upper, 0, 40);
        awaitVersionAfter(clipId, version);
        JsonNode layout = track(clipId).path("head").path("layout");
        assertThat(layout.path("picture").path("width").asDouble())
                .as("the clip is smaller")
                .isLessThan(1080);
        assertThat(layout.path("bars").size()).isEqualTo(4);

        page.keyboard().press("z");
        assertThat(page.getByTestId("zones").getByText("Buttons")).isVisible();
        version = version(clipId);
        press("Turn");
        awaitVersionAfter(clipId, version);
        assertThat(frame(clipId).path("turn").asInt()).isEqualTo(90);
        page.getByLabel("Width in pixels").fill("721");
        page.getByLabel("Width in pixels").press("Enter");
        assertThat(page.getByText("both sides must be even")).isVisible();
        page.getByLabel("Width in pixels").fill("720");
        version = version(clipId);
        page.getByLabel("Width in pixels").press("Enter");
        awaitVersionAfter(clipId, version);
        assertThat(frame(clipId).path("aspect").asString()).isEqualTo("TYPED");
    }

    /** In the frame's own pixels, what Chromium shows against the frame of the burned file. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "fill; 0.99; {'aspect':'TALL','sit':'FILL','barColour':'#0f2a2e','focus':[{'ms':1000,'x':0.2,'y':0.5},{'ms':2850,'x':0.8,'y':0.5}]}",
                "colour; 0.99; {'aspect':'TALL','sit':'FIT','barColour':'#7a2f2e','bars':{'kind':'COLOUR','top':0.4,'bottom':0.2}}",
                "gradient; 0.99; {'aspect':'TALL','sit':'FIT','barColour':'#0f2a2e','bars':{'kind':'GRADIENT','to':'#c98a3a'}}",
                "blur; 0.97; {'aspect':'TALL','sit':'FIT','barColour':'#0f2a2e','bars':{'kind':'BLUR'}}",
                "turned; 0.99; {'aspect':'TALL','sit':'FILL','barColour':'#0f2a2e','turn':90}",
            })
    void theStageShowsWhatIsBurned(String name, double least, String frame) throws Exception {
        Path footage = Path.of("target/ferry-in-its-size.mp4");
        SmallClips.ffmpeg(footage, "-i", Demo.clip("last-ferry").toString(), "-t", "3", "-c", "copy");
        String clipId = server.bring(footage, name + ".mp4");
        server.post(
                "/api/clips/" + clipId + "/track/edits",
                "{\"version\":" + version(clipId) + ",\"edit\":{\"kind\":\"reframe\",\"frame\":"
                        + frame.replace('\'', '"') + "}}");
        String job = server.post(
                        "/api/orders",
                        "{\"clips\":[\"" + clipId
                                + "\"],\"outputs\":[\"CLEAN\"],\"how\":{\"preset\":\"ultrafast\",\"crf\":12}}")
                .path("lines")
                .path(0)
                .path("id")
                .asString();
        assertThat(server.awaitEnd(job).path("state").asString()).isEqualTo("DONE");
        Path burned = server.download("/api/jobs/" + job + "/video", Path.of("target/framed-" + name + ".mp4"));
        // So large that the stage has the output's own pixels.
        page.setViewportSize(3271, 2044);
        page.navigate(server.url() + "/clips/" + clipId + "/words");
        page.addStyleTag(
                new Page.AddStyleTagOptions().setContent("section[aria-label=Stage] { width: 1112px !important }"));
        page.waitForFunction("() => document.querySelector('video')?.readyState >= 2");
        // A seek while the first frame is still on its way leaves that one on a headless screen.
        page.waitForFunction("() => document.querySelector('[data-testid=captions]').dataset.paintedMs !== undefined");
        RunningServer.pause(1000);
        for (int ms : new int[] {SHOWN_MS - 1000, SHOWN_MS}) {
            page.getByLabel("Playhead").fill(Integer.toString(ms));
            page.waitForFunction(
                    """
                    ms => !document.querySelector('video').seeking
                      && Math.abs(document.querySelector('[data-testid=captions]').dataset.paintedMs - ms) < 60
                    """,
                    ms);
            RunningServer.pause(700);
        }
        Locator stage = page.getByTestId("captions").locator("..");
        BoundingBox box = stage.boundingBox();
        assertThat(box.x % 1).as("on whole pixels").isZero();
        assertThat(box.width).isEqualTo(1080);
        assertThat(box.height).isEqualTo(1920);
        byte[] shot = stage.screenshot();
        // For inspection: e2e/target/framed-….png beside the video.
        Files.write(Path.of("target/framed-" + name + ".png"), shot);
        byte[] seen = rgba(shot);
        double ms = ((Number) page.evaluate(
                        "() => Number(document.querySelector('[data-testid=captions]').dataset.paintedMs)"))
                .doubleValue();
        byte[] made = Video.frame(burned, (int) Math.floor(ms * 30 / 1001 + 0.05));
        double ssim = Pixels.ssim(seen, made, 1080, 1920);
        System.out.println("stage against burned frame, " + name + ": SSIM " + ssim);
        assertThat(ssim).isGreaterThanOrEqualTo(least);
    }

    private static byte[] rgba(byte[] png) {
        try (Image image = Image.makeDeferredFromEncodedBytes(png);
                Bitmap bitmap = Bitmap.makeFromImage(image)) {
            byte[] rgba = new byte[image.getWidth() * image.getHeight() * 4];
            for (int y = 0; y < image.getHeight(); y++) {
                for (int x = 0; x < image.getWidth(); x++) {
                    int colour = bitmap.getColor(x, y);
                    int i = 4 * (y * image.getWidth() + x);
                    rgba[i] = (byte) (colour >> 16);
                    rgba[i + 1] = (byte) (colour >> 8);
                    rgba[i + 2] = (byte) colour;
                    rgba[i + 3] = (byte) 255;
                }
            }
            return rgba;
        }
    }
}
