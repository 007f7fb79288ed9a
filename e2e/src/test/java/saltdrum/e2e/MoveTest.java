package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The whole track, or everything from a cue on, is moved in time. */
class MoveTest extends OnTheBench {
    private int start(String clipId, int cue) throws Exception {
        return track(clipId)
                .path("cues")
                .path(cue)
                .path("words")
                .path(0)
                .path("startMs")
                .asInt();
    }

    private void press(String name) {
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Move"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name))
                .click();
    }

    @Test
    void byATypedAmountInMillisecondsOrFrames() throws Exception {
        String clipId = withWords("three-coats", "Three coats.mp4");
        page.navigate(server.url() + "/clips/" + clipId + "/breaks");
        int cues = track(clipId).path("cues").size();
        assertThat(page.getByText("Move the whole track: " + cues + " cues")).isVisible();
        int first = start(clipId, 0);
        int last = start(clipId, 11);
        long version = version(clipId);
        page.getByLabel("Move by").fill("120");
        page.keyboard().press("Enter");
        press("Later");
        awaitVersionAfter(clipId, version);
        assertThat(start(clipId, 0)).isEqualTo(first + 120);
        assertThat(start(clipId, 11)).isEqualTo(last + 120);

        page.getByLabel("Cue at 0:03.8: select it").click();
        assertThat(page.getByText("Move this cue and the " + (cues - 4) + " after it"))
                .isVisible();
        page.getByLabel("Unit of the move").selectOption("frames");
        page.getByLabel("Move by").fill("3");
        page.keyboard().press("Enter");
        press("Earlier");
        awaitVersionAfter(clipId, version + 1);
        assertThat(start(clipId, 0)).isEqualTo(first + 120);
        double frameMs =
                1000 / server.get("/api/clips/" + clipId).path("frameRate").asDouble();
        assertThat(start(clipId, 11)).isEqualTo(last + 120 - (int) Math.round(3 * frameMs));
    }

    @Test
    void byTheMedianOfThreeTaps() throws Exception {
        String clipId = withWords("three-coats", "Three coats.mp4");
        // On a slow machine a tap is late: there has to be room for it at the end.
        String last = track(clipId).path("cues").path(11).path("id").asString();
        server.post(
                "/api/clips/" + clipId + "/track/edits",
                "{\"version\":" + version(clipId) + ",\"edit\":{\"kind\":\"deleteCues\",\"cueIds\":[" + last + "]}}");
        page.navigate(server.url() + "/clips/" + clipId + "/breaks");
        awaitPicture();
        page.getByLabel("Cue at 0:03.7: select it").click();
        int before = start(clipId, 3);
        press("Tap along");
        for (int i = 0; i < 3; i++) {
            // A hand hears the word before it taps.
            page.waitForFunction(
                    "ms => { const { paused, currentTime } = document.querySelector('video');"
                            + " return !paused && currentTime * 1000 > ms; }",
                    before + 30);
            page.getByText(Pattern.compile("^Tap when you hear “Three”")).click();
        }
        Locator said = page.getByText(Pattern.compile("^It is heard \\d+ ms later$"));
        String off = said.textContent();
        int ms = Integer.parseInt(off.replaceAll("\\D", ""));
        long version = version(clipId);
        press("Move it there");
        awaitVersionAfter(clipId, version);
        assertThat(start(clipId, 3)).isEqualTo(before + ms);
    }

    @Test
    void ontoTheVoiceByWhatIsMeasured() throws Exception {
        String clipId = withWords("three-coats", "Three coats.mp4");
        String first = track(clipId).path("cues").path(0).path("id").asString();
        long version = version(clipId);
        server.post(
                "/api/clips/" + clipId + "/track/edits",
                "{\"version\":" + version + ",\"edit\":{\"kind\":\"shiftAfter\",\"cueId\":" + first
                        + ",\"byMs\":120}}");
        page.navigate(server.url() + "/clips/" + clipId + "/breaks");
        press("Move it onto the voice");
        press("Measure the voice");
        Locator said = page.getByText(Pattern.compile("words were heard, in the median \\d+ ms earlier"));
        said.waitFor(new Locator.WaitForOptions().setTimeout(120_000));
        Matcher measured = Pattern.compile("median (\\d+) ms").matcher(said.textContent());
        assertThat(measured.find()).isTrue();
        int ms = Integer.parseInt(measured.group(1));
        // The script's times are the aligner's own, but for rests that it rounds.
        assertThat(ms).isBetween(100, 140);
        int before = start(clipId, 0);
        press("Move it " + ms + " ms earlier");
        awaitVersionAfter(clipId, version + 1);
        assertThat(start(clipId, 0)).isEqualTo(before - ms);
        assertThat(page.getByText("It is in time.")).isVisible();
    }
}
