package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInfo;
import saltdrum.server.SmallClips;
import tools.jackson.databind.JsonNode;

/** Ten jobs of a designer's day. None takes more than twelve actions; docs/benchmarks.md has the counts. */
class DesignerScriptTest extends OnTheBench {
    private static final int MOST = 12;

    private CountedHand hand;
    private String clipId;

    @BeforeEach
    void clip() throws Exception {
        clipId = withWords("three-coats", "Three coats.mp4");
        // A new clip has the style that another one took last.
        server.post(
                "/api/clips/" + clipId + "/track/edits",
                "{\"version\":" + version(clipId) + ",\"edit\":{\"kind\":\"restyle\",\"style\":\"Mallet\"}}");
        page.reload();
        page.locator("[data-word]").first().waitFor();
        awaitPicture();
        hand = new CountedHand(page);
    }

    @AfterEach
    void counts(TestInfo job) {
        System.out.println("actions of " + job.getDisplayName() + ": " + hand.actions());
        assertThat(hand.actions()).isBetween(2, MOST);
    }

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Locator radio(String name) {
        return page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^" + name, Pattern.CASE_INSENSITIVE)))
                .first();
    }

    private Locator list(String name) {
        return page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    private JsonNode head() throws Exception {
        return track(clipId).path("head");
    }

    private JsonNode look(String query) throws Exception {
        return server.get("/api/clips/" + clipId + "/look" + query).path("look");
    }

    private long cue(int index) throws Exception {
        return track(clipId).path("cues").path(index).path("id").asLong();
    }

    @Test
    void retypeANameEverywhere() throws Exception {
        int before = String.join(" ", cues(clipId)).split("coats", -1).length - 1;
        long version = version(clipId);
        hand.click(word("coats,"));
        hand.press("r");
        assertThat(page.getByLabel("Replace with")).isFocused();
        hand.type("layers");
        assertThat(page.getByText(Pattern.compile("^\\d+ places?\\. "))).isVisible();
        hand.press("Enter");
        awaitVersionAfter(clipId, version);
        String now = String.join(" ", cues(clipId));
        assertThat(now).doesNotContain("coats");
        assertThat(now.split("layers", -1).length - 1).isEqualTo(before);
    }

    @Test
    void oneWordAtATime() throws Exception {
        long version = version(clipId);
        hand.press("2");
        hand.click(radio("One word"));
        awaitVersionAfter(clipId, version);
        // “A” is too short to be seen alone.
        assertThat(cues(clipId)).allMatch(cue -> !cue.contains(" ") || cue.equals("A boat"));
    }

    @Test
    void chopACue() throws Exception {
        long version = version(clipId);
        hand.click(word("first,"));
        hand.press("b");
        awaitVersionAfter(clipId, version);
        assertThat(cues(clipId)).startsWith("Sand it", "first,");
    }

    @Test
    void moveTheTrack() throws Exception {
        int before = track(clipId).path("cues").path(0).path("showMs").asInt();
        int last = track(clipId).path("cues").path(9).path("showMs").asInt();
        long version = version(clipId);
        hand.press("2");
        hand.click(page.getByLabel("Move by"));
        hand.press("Control+a");
        hand.type("120");
        hand.press("Enter");
        hand.click(button("Later"));
        awaitVersionAfter(clipId, version);
        assertThat(track(clipId).path("cues").path(0).path("showMs").asInt()).isGreaterThan(before);
        assertThat(track(clipId).path("cues").path(9).path("showMs").asInt()).isEqualTo(last + 120);
    }

    @Test
    void oneCueElsewhere() throws Exception {
        double before = look("?cueId=" + cue(2)).path("y").asDouble();
        long version = version(clipId);
        hand.click(page.locator("[data-cue] button[aria-label$='select it']").nth(1));
        hand.press("4");
        hand.click(radio("Cue"));
        hand.click(button("Place"));
        hand.click(button("Top"));
        awaitVersionAfter(clipId, version);
        assertThat(look("?cueId=" + cue(1)).path("y").asDouble()).isLessThan(0.3);
        assertThat(look("?cueId=" + cue(2)).path("y").asDouble()).isEqualTo(before);
    }

    @Test
    void twoColoursForTwoRoles() throws Exception {
        hand.click(word("Three"));
        hand.press("Shift+1");
        hand.click(word("bell."));
        hand.press("Shift+2");
        hand.press("4");
        hand.click(radio("Marked"));
        colour(0);
        hand.choose(list("Role"), "emphasis 2");
        colour(1);
        JsonNode roles = head().path("styling").path("roles");
        assertThat(roles.toString()).contains("fill");
        long first = wordId("Three");
        long second = wordId("bell.");
        assertThat(look("?wordId=" + first).path("fill").toString())
                .isNotEqualTo(look("?wordId=" + second).path("fill").toString());
    }

    private long wordId(String text) {
        return Long.parseLong(word(text).getAttribute("data-word"));
    }

    /** One of the palette, which begins with the colours of the track. */
    private void colour(int index) throws Exception {
        long version = version(clipId);
        hand.click(page.locator("[data-facet=fill] button[aria-haspopup=dialog]"));
        hand.click(page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^#")))
                .nth(index));
        awaitVersionAfter(clipId, version);
        page.keyboard().press("Escape");
    }

    @Test
    void anOwnStyleOnASecondClip() throws Exception {
        String second = server.bring(SmallClips.whole("tide-pool"), "Tide pool.mp4");
        server.caption(second, Demo.CLIPS.resolve("tide-pool.words.json"));
        hand.press("4");
        hand.click(page.getByLabel("Name of the new style"));
        hand.type("Harbour master");
        hand.press("Enter");
        assertThat(page.getByText("Delete “Harbour master”")).isVisible();
        hand.click(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("All clips")));
        hand.click(page.getByText("Tide pool").first());
        page.waitForURL(Pattern.compile(".*/clips/" + second + "/.*"));
        page.locator("[data-word]").first().waitFor();
        long version = version(second);
        hand.press("4");
        Locator all = page.getByText(Pattern.compile("^All \\d+ styles$"));
        page.locator("[data-facet=size]").waitFor();
        if (all.isVisible()) {
            hand.click(all);
        }
        hand.click(page.locator("[data-style='Harbour master']"));
        awaitVersionAfter(second, version);
        assertThat(track(second).path("head").path("style").asString()).isEqualTo("Harbour master");
    }

    @Test
    void aTitleInABar() throws Exception {
        // Its bars are at the sides until the frame is taller than the clip.
        clipId = server.bring(Demo.clip("last-ferry"), "Last ferry.mp4");
        server.caption(clipId, Demo.CLIPS.resolve("last-ferry.words.json"));
        page.navigate(server.url() + "/clips/" + clipId + "/words");
        page.locator("[data-word]").first().waitFor();
        awaitPicture();
        hand.press("3");
        hand.click(radio("9:16"));
        hand.click(radio("Fit"));
        hand.click(page.getByText("Add a headline"));
        Locator text = page.getByLabel("What it says").first();
        hand.click(text);
        hand.press("Control+a");
        long version = version(clipId);
        hand.type("The last ferry");
        hand.press("Enter");
        awaitVersionAfter(clipId, version);
        JsonNode headline = head().path("headlines").path(0);
        assertThat(headline.path("text").asString()).isEqualTo("The last ferry");
        assertThat(headline.path("place").asString()).isEqualTo("ABOVE");
        assertThat(head().path("frame").path("sit").asString()).isEqualTo("FIT");
    }

    @Test
    void lockACueAndRestyleTheRest() throws Exception {
        String before = look("?cueId=" + cue(0)).path("fill").toString();
        hand.click(page.locator("[data-cue] button[aria-label$='select it']").first());
        hand.press("x");
        hand.press("4");
        page.locator("[data-facet=size]").waitFor();
        Locator all = page.getByText(Pattern.compile("^All \\d+ styles$"));
        if (all.isVisible()) {
            hand.click(all);
        }
        long version = version(clipId);
        hand.click(page.locator("[data-style='Lantern']"));
        awaitVersionAfter(clipId, version);
        assertThat(head().path("style").asString()).isEqualTo("Lantern");
        assertThat(look("?cueId=" + cue(0)).path("fill").toString()).isEqualTo(before);
        assertThat(look("?cueId=" + cue(1)).path("fill").toString()).isNotEqualTo(before);
    }

    @Test
    void renderInAnotherSize() throws Exception {
        hand.press("6");
        Locator sizes = list("Size");
        String size = sizes.locator("option").last().textContent();
        hand.choose(sizes, size);
        hand.click(button("Render"));
        Locator link = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Download")));
        link.first().waitFor();
        Download download = page.waitForDownload(() -> hand.click(link.first()));
        assertThat(Video.size(download.path())).isEqualTo(size);
    }
}
