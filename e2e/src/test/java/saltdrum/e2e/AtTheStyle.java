package saltdrum.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import saltdrum.server.SmallClips;
import tools.jackson.databind.JsonNode;

/** A clip with words, opened at its style, and what is done there. */
abstract class AtTheStyle extends OnTheBench {
    private static final String WORDS =
            """
            1
            00:00:00,200 --> 00:00:01,200
            Sand it first

            2
            00:00:01,300 --> 00:00:02,400
            Three coats now

            3
            00:00:02,500 --> 00:00:03,600
            Row her home
            """;

    /** A clip with three cues, opened at its style. */
    String styled(String as) throws Exception {
        return styled(as, WORDS);
    }

    String styled(String as, String words) throws Exception {
        String clipId = server.bring(SmallClips.shortened("three-coats"), as);
        server.caption(clipId, words);
        page.navigate(server.url() + "/clips/" + clipId + "/style");
        page.locator("[data-facet=size]").waitFor();
        awaitPicture();
        page.locator("[data-facet=size]").waitFor();
        return clipId;
    }

    Locator field(String label) {
        return page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(label).setExact(true));
    }

    void type(String clipId, String label, String value) throws Exception {
        long version = version(clipId);
        field(label).first().fill(value);
        field(label).first().press("Enter");
        awaitVersionAfter(clipId, version);
    }

    void scope(String name) {
        page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("What a change applies to"))
                .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName(name))
                .click();
    }

    /** A clip that is new starts with the style that was taken last, which may be this one. */
    void choose(String clipId, String style) throws Exception {
        if (track(clipId).path("head").path("style").asString().equals(style)) {
            return;
        }
        long version = version(clipId);
        openStrip();
        page.locator("[data-style='" + style + "']").click();
        awaitVersionAfter(clipId, version);
    }

    /** It shows only the style in use once one was taken. */
    void openStrip() {
        Locator all = page.getByText(Pattern.compile("^All \\d+ styles$"));
        if (all.isVisible()) {
            all.click();
        }
    }

    String facet(String clipId, String query, String name) throws Exception {
        JsonNode look = server.get("/api/clips/" + clipId + "/look" + query);
        return look.path("look").path(name).toString();
    }

    /** The captions' pixels at a time, as one number. */
    String pixels(int ms) throws Exception {
        page.getByLabel("Playhead").fill(String.valueOf(ms));
        page.waitForFunction(
                """
                ([ms, version]) => { const c = document.querySelector('[data-testid=captions]');
                  return c.dataset.version === String(version) && Math.abs(c.dataset.paintedMs - ms) < 60; }
                """,
                List.of(ms, (int) version(clipId())));
        // The scene's effect paints just after the number is there.
        page.waitForTimeout(100);
        return pixelsNow();
    }

    /** Of all that is painted: a look that is only tried is of no version. */
    String pixelsNow() {
        return (String)
                page.evaluate(
                        """
                () => { const c = document.querySelector('[data-testid=captions]');
                  const d = c.getContext('2d').getImageData(0, 0, c.width, c.height).data;
                  let a = 1, b = 0; for (let i = 0; i < d.length; i++) { a = (a + d[i]) % 65521; b = (b + a) % 65521; }
                  return c.width + 'x' + c.height + ' ' + a + ' ' + b; }
                """);
    }
}
