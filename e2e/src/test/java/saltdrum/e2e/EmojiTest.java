package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class EmojiTest extends AtTheStyle {
    private static final String WORDS =
            """
            1
            00:00:00,200 --> 00:00:00,900
            Ring the bell

            2
            00:00:00,950 --> 00:00:01,250
            and then

            3
            00:00:01,300 --> 00:00:02,400
            three coats now

            4
            00:00:02,500 --> 00:00:03,600
            until tomorrow
            """;

    @Test
    void anEmojiIsSuggestedTakenDraggedSizedAndTakenAway() throws Exception {
        String clipId = styled("Emoji for words.mp4", WORDS);
        choose(clipId, "Mallet");
        button("Emoji for words").click();
        Locator suggested = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Words with emoji"));
        assertThat(suggested.getByRole(AriaRole.LISTITEM)).hasCount(2);
        // One by one, and all that are left in one step.
        String before = pixels(1700);
        long version = version(clipId);
        suggested
                .getByLabel("coat for coats", new Locator.GetByLabelOptions().setExact(true))
                .click();
        awaitVersionAfter(clipId, version);
        assertThat(version(clipId)).isEqualTo(version + 1);
        assertThat(suggested.getByRole(AriaRole.LISTITEM)).hasCount(1);
        assertThat(pixels(1700)).isNotEqualTo(before);
        JsonNode coat = emoji(clipId);
        assertThat(coat.path("picture").asText()).isEqualTo("1f9e5");

        Locator frame = page.getByTestId("emoji-frame");
        BoundingBox at = frame.boundingBox();
        version = version(clipId);
        drag(at.x + at.width / 2, at.y + at.height / 2, -30, -40);
        awaitVersionAfter(clipId, version);
        BoundingBox moved = frame.boundingBox();
        assertThat(moved.x - at.x).isCloseTo(-30, within(2.0));
        assertThat(moved.y - at.y).isCloseTo(-40, within(2.0));
        // Above its word, which is in hand now, it takes no room in the line.
        page.getByText("Emoji at a word").click();
        version = version(clipId);
        page.locator("[data-facet=emojiAt] select").selectOption("ABOVE");
        awaitVersionAfter(clipId, version);
        pixels(1700);
        moved = frame.boundingBox();
        // By its handle it grows about its middle.
        version = version(clipId);
        BoundingBox knob = page.locator("[data-handle='Size of the emoji']").boundingBox();
        drag(knob.x + knob.width / 2, knob.y + knob.height / 2, 15, -15);
        awaitVersionAfter(clipId, version);
        pixels(1700);
        BoundingBox grown = frame.boundingBox();
        assertThat(grown.width).isCloseTo(moved.width + 30, within(3.0));
        assertThat(grown.y + grown.height / 2).isCloseTo(moved.y + moved.height / 2, within(2.0));
        version = version(clipId);
        frame.focus();
        frame.press("ArrowRight");
        awaitVersionAfter(clipId, version);
        assertThat(emoji(clipId).path("x").asDouble() - coat.path("x").asDouble())
                .isLessThan(0);

        // Another for the same word, found by what it is called; then none.
        version = version(clipId);
        page.getByLabel("Emoji: another").click();
        page.getByLabel("Find an emoji").fill("anch");
        page.getByLabel("anchor", new Page.GetByLabelOptions().setExact(true)).click();
        awaitVersionAfter(clipId, version);
        assertThat(emoji(clipId).path("picture").asText()).isEqualTo("2693");
        version = version(clipId);
        page.getByLabel("Emoji: none").click();
        awaitVersionAfter(clipId, version);
        assertThat(emoji(clipId).isMissingNode()).isTrue();
        // A word without one on purpose is not asked again.
        assertThat(suggested.getByRole(AriaRole.LISTITEM)).hasCount(1);
    }

    @Test
    void allAreTakenInOneStepAndUndoneInOne() throws Exception {
        String clipId = styled("All emoji.mp4", WORDS);
        button("Emoji for words").click();
        long version = version(clipId);
        page.getByText("Use the first for all 2").click();
        awaitVersionAfter(clipId, version);
        assertThat(version(clipId)).isEqualTo(version + 1);
        assertThat(page.getByText("No word suggests an emoji.")).isVisible();
        button("Undo").click();
        awaitVersionAfter(clipId, version + 1);
        assertThat(page.getByText("Use the first for all 2")).isVisible();
    }

    @Test
    void aDrawingOfOnesOwnStandsWhereAnEmojiDoes() throws Exception {
        String clipId = styled("Sticker.mp4", WORDS);
        button("Emoji for words").click();
        page.getByLabel("Another emoji for coats").click();
        svg("harmful.svg", "<svg viewBox='0 0 9 9'><script>alert(1)</script><path d='M0 0h9v9z'/></svg>");
        assertThat(page.getByText("A drawing with flat colours cannot have “script”.")
                        .first())
                .isVisible();
        svg("Red buoy.svg", "<svg viewBox='0 0 9 9'><path fill='#cf4327' d='M0 9L4.5 0L9 9z'/></svg>");
        long version = version(clipId);
        page.getByLabel("Red buoy", new Page.GetByLabelOptions().setExact(true)).click();
        awaitVersionAfter(clipId, version);
        assertThat(emoji(clipId).path("picture").asText()).matches("sticker:[0-9a-f]{12}");
        pixels(1700);
        BoundingBox at = page.getByTestId("emoji-frame").boundingBox();
        // Its colour is on the stage, a little under its middle.
        assertThat(colourAt(at.x + at.width / 2, at.y + at.height * 0.7)).isEqualTo("207,67,39");
        // Put away it is out of the list, and the clip keeps it.
        page.getByLabel("Another emoji for bell").click();
        page.getByLabel("Red buoy", new Page.GetByLabelOptions().setExact(true)).hover();
        page.getByLabel("Put away Red buoy").click();
        assertThat(page.getByText("Red buoy is put away.")).isVisible();
        assertThat(emoji(clipId).path("picture").asText()).startsWith("sticker:");
        page.getByText("Restore").click();
        assertThat(page.getByLabel("Red buoy", new Page.GetByLabelOptions().setExact(true)))
                .isVisible();
    }

    @Test
    void aPictureOfPixelsIsOnTheStageTooAndInItsList() throws Exception {
        String clipId = styled("Pixels.mp4", WORDS);
        button("Emoji for words").click();
        page.getByLabel("Another emoji for coats").click();
        sticker("cut off.png", "image/png", Arrays.copyOf(png(new Color(0x2f7c86)), 60));
        assertThat(page.getByText("This picture is broken or incomplete.").first())
                .isVisible();
        sticker("Green sign.png", "image/png", png(new Color(0x2f7c86)));
        Locator sign = page.getByLabel("Green sign", new Page.GetByLabelOptions().setExact(true));
        assertThat((Integer) sign.locator("img").evaluate("async img => (await img.decode(), img.naturalWidth)"))
                .isPositive();
        long version = version(clipId);
        sign.click();
        awaitVersionAfter(clipId, version);
        pixels(1700);
        BoundingBox at = page.getByTestId("emoji-frame").boundingBox();
        assertThat(colourAt(at.x + at.width / 2, at.y + at.height / 2)).isEqualTo("47,124,134");
    }

    /** In one colour, with a clear edge. */
    private static byte[] png(Color colour) throws IOException {
        BufferedImage image = new BufferedImage(300, 300, BufferedImage.TYPE_INT_ARGB);
        Graphics2D canvas = image.createGraphics();
        canvas.setColor(colour);
        canvas.fillRect(20, 20, 260, 260);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(image, "png", png);
        return png.toByteArray();
    }

    private void svg(String name, String svg) {
        sticker(name, "image/svg+xml", svg.getBytes(StandardCharsets.UTF_8));
    }

    private void sticker(String name, String type, byte[] file) {
        page.getByLabel("Sticker file").setInputFiles(new FilePayload(name, type, file));
    }

    private String colourAt(double x, double y) {
        return (String) page.evaluate(
                """
                ([x, y]) => { const c = document.querySelector('[data-testid=captions]'), at = c.getBoundingClientRect();
                  const d = c.getContext('2d').getImageData((x - at.x) * c.width / at.width, (y - at.y) * c.height / at.height, 1, 1).data;
                  return [d[0], d[1], d[2]].join(); }
                """,
                List.of(x, y));
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private void drag(double x, double y, int dx, int dy) {
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + dx, y + dy, new Mouse.MoveOptions().setSteps(8));
        page.mouse().up();
    }

    /** The picture at a word of the second cue. */
    private JsonNode emoji(String clipId) throws Exception {
        JsonNode marks = server.get("/api/clips/" + clipId + "/scene")
                .path("parts")
                .get(2)
                .path("marks");
        return marks.findParents("picture").stream()
                .findFirst()
                .orElse(tools.jackson.databind.node.MissingNode.getInstance());
    }
}
