package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import saltdrum.server.Patience;
import tools.jackson.databind.JsonNode;

/** From a landscape clip with faults planted in it to a tall one with nothing wrong in it. */
class CheckTest extends OnTheBench {
    private String clipId;

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)))
                .first();
    }

    private void step(String name) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    private void choose(String option) throws Exception {
        long version = version();
        page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName(option).setExact(true))
                .click();
        awaitVersionAfter(clipId, version);
    }

    private long version() throws Exception {
        return track(clipId).path("head").path("version").asLong();
    }

    private void edit(String edit) throws Exception {
        server.post(
                "/api/clips/" + clipId + "/track/edits",
                "{\"version\":" + version() + ",\"edit\":" + edit.replace('\'', '"') + "}");
    }

    private JsonNode cue(int index) throws Exception {
        return track(clipId).path("cues").path(index);
    }

    /** What the page calls the number of open findings. */
    private String openFindings() throws Exception {
        int open = 0;
        for (JsonNode finding : server.get("/api/clips/" + clipId + "/findings").path("findings")) {
            open += finding.path("reason").isMissingNode() ? 1 : 0;
        }
        return open == 0 ? "No findings" : open == 1 ? "1 finding" : open + " findings";
    }

    private Set<String> kinds() throws Exception {
        Set<String> kinds = new TreeSet<>();
        for (JsonNode finding : server.get("/api/clips/" + clipId + "/findings").path("findings")) {
            if (finding.path("reason").isMissingNode()) {
                kinds.add(finding.path("kind").asString());
            }
        }
        return kinds;
    }

    private void measured() {
        Patience.await("what was measured of picture and voice").until(() -> {
            JsonNode found = server.get("/api/clips/" + clipId + "/findings");
            return found.path("picture").asBoolean() && found.path("voice").asBoolean();
        });
    }

    @Test
    void aLandscapeClipIsTurnedTallAndAllThatIsWrongIsMended() throws Exception {
        clipId = upload("last-ferry", "night ferry (final) №2.mp4");
        placeScript("last-ferry");
        edit("{'kind':'restyle','style':'Lantern','keep':false}");
        step("Frame");
        choose("9:16");
        choose("Fit");
        choose("Clip");
        button("Add a headline").click();
        Locator text = page.getByLabel("What it says");
        text.fill("Last ferry\nat 11:40");
        long version = version();
        text.press("Enter");
        awaitVersionAfter(clipId, version);
        assertThat(page.getByLabel("Headline at 0:00.0")).isVisible();
        JsonNode scene = server.get("/api/clips/" + clipId + "/scene");
        JsonNode headline = scene.path("parts").path(0);
        assertThat(headline.path("depth").asInt()).isEqualTo(1);
        JsonNode layout = track(clipId).path("head").path("layout");
        // The scene is in design pixels, the layout in those of the video.
        double design = scene.path("width").asDouble()
                / layout.path("output").path("width").asDouble();
        assertThat(headline.path("bounds").path("y").asDouble()
                        + headline.path("bounds").path("height").asDouble())
                .as("it stands in the upper bar")
                .isLessThan(design * layout.path("picture").path("y").asDouble());
        step("Check");
        measured();
        version = version();
        Locator before = button("Mend all");
        if (before.isVisible()) {
            before.click();
            awaitVersionAfter(clipId, version);
        }

        Set<String> planted = plant();
        page.reload();
        button("Mend all").waitFor();
        assertThat(kinds()).containsAll(planted);
        for (String kind : planted) {
            assertThat(page.locator("[data-finding=" + kind + "]").first()).isVisible();
        }

        // In the chosen cue no button covers what is wrong in it.
        Locator chosen = page.locator("[data-cue]")
                .filter(new Locator.FilterOptions().setHas(page.getByTestId("found")))
                .first();
        chosen.locator("[data-word]").first().click();
        chosen.getByTestId("found").click();

        letOneStand();
        mendTheRest();
        assertThat(page.getByText("No findings")).isVisible();
        assertThat(page.getByText("“The client shouts.”")).isVisible();
        assertThat(kinds()).isEmpty();

        awaitPicture();
        page.keyboard().press("g");
        assertThat(page.getByTestId("phone")).isVisible();
        button("Play").click();
        page.waitForFunction("() => document.querySelector('video').currentTime > 0.5");
        button("Sound off").click();
        assertThat(page.evaluate("() => document.querySelector('video').muted")).isEqualTo(true);
        page.keyboard().press("Escape");
        assertThat(page.getByTestId("phone")).isHidden();
    }

    /** Faults of twelve kinds and more, made as a hand would make them. @return their names */
    private Set<String> plant() throws Exception {
        List<Long> ids = new ArrayList<>();
        track(clipId).path("cues").forEach(cue -> ids.add(cue.path("id").asLong()));
        int last = ids.size() - 1;
        edit("{'kind':'retypeCue','cueId':" + ids.get(0) + ",'text':'The last ferrry leaves'}");
        edit("{'kind':'shiftCues','cueIds':[" + ids.get(1) + "],'byMs':180}");
        edit("{'kind':'retypeCue','cueId':" + ids.get(2) + ",'text':'Bring bring a coat,'}");
        edit("{'kind':'changeLook','cueIds':[" + ids.get(3)
                + "],'look':{'fill':{'kind':'flat','colour':'#0d1a1d'},'outlines':[],'shadows':[]}}");
        edit("{'kind':'changeLook','cueIds':[" + ids.get(4) + "],'look':{'size':20}}");
        edit("{'kind':'changeLook','cueIds':[" + ids.get(5) + "],'look':{'y':0.97}}");
        double top = track(clipId)
                .path("head")
                .path("layout")
                .path("places")
                .path("above")
                .path("y")
                .asDouble();
        edit("{'kind':'changeLook','cueIds':[" + ids.get(6) + "],'look':{'y':" + (top + 0.12) + "}}");
        edit("{'kind':'retypeCue','cueId':" + ids.get(7) + ",'text':'the lanterns are all lit'}");
        int next = cue(9).path("showMs").asInt();
        edit("{'kind':'setCueTime','cueId':" + ids.get(8) + ",'hideMs':" + (next - 60) + "}");
        // Room at the end: the cue before it hangs on for long.
        edit("{'kind':'deleteCues','cueIds':" + ids.subList(10, last + 1) + "}");
        int from = cue(9).path("hideMs").asInt();
        edit("{'kind':'addCue','fromMs':" + (17_418 - 900) + ",'toMs':" + (17_418 - 100) + ",'text':'…'}");
        edit("{'kind':'setCueTime','cueId':" + ids.get(9) + ",'hideMs':" + Math.min(16_400, from + 7600) + "}");
        List<Long> words = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            words.add(cue(i).path("words").path(0).path("id").asLong());
            words.add(cue(i).path("words").path(1).path("id").asLong());
        }
        edit("{'kind':'setEmphasis','emphasis':1,'wordIds':" + words + "}");
        return Set.of(
                "spelling",
                "late",
                "repeated",
                "contrast",
                "size",
                "safe",
                "headline",
                "speed",
                "gap",
                "empty",
                "silence",
                "emphasis");
    }

    private void letOneStand() throws Exception {
        page.locator("[data-finding=emphasis] button").first().click();
        Locator finding = page.locator("[data-finding=emphasis]");
        long version = version();
        finding.getByText("Dismiss").click();
        page.getByLabel("Reason").fill("The client shouts.");
        page.getByLabel("Reason").press("Enter");
        awaitVersionAfter(clipId, version);
        assertThat(page.locator("[data-finding=emphasis]")).hasCount(0);
    }

    private void mendTheRest() throws Exception {
        for (int round = 0; round < 12 && !kinds().isEmpty(); round++) {
            long version = version();
            Locator all = button("Mend all");
            if (all.isVisible()) {
                all.click();
            } else {
                mendOne();
            }
            awaitVersionAfter(clipId, version);
            // The findings of the new version are there when it is the one that they are of.
            Patience.await("the findings of the new version")
                    .until(() -> server.get("/api/clips/" + clipId + "/findings")
                                    .path("version")
                                    .asLong()
                            >= version());
            assertThat(page.getByRole(
                            AriaRole.HEADING,
                            new Page.GetByRoleOptions().setName(openFindings()).setExact(true)))
                    .isVisible();
        }
    }

    /** What wants an eye or ear is mended one by one; its remedies are shown when it is in the hand. */
    private void mendOne() throws Exception {
        Patience.await("what may have been meant by unknown words")
                .until(() -> !server.get("/api/clips/" + clipId + "/findings")
                        .path("lookingUp")
                        .asBoolean());
        for (JsonNode finding : server.get("/api/clips/" + clipId + "/findings").path("findings")) {
            if (finding.path("reason").isMissingNode()
                    && finding.path("remedies").size() > 0) {
                String remedy = finding.path("remedies").path(0).path("said").asString();
                Locator found = page.locator(
                                "[data-finding=" + finding.path("kind").asString() + "]")
                        .first();
                found.locator("button").first().click();
                found.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(remedy))
                        .first()
                        .click();
                return;
            }
        }
        throw new AssertionError("nothing mends " + kinds());
    }

    @Test
    void fillersAreHeardAndLeftOutAndCaptionsGoToACalmPlace() throws Exception {
        clipId = withWords("tide-pool", "stone.mp4");
        long id = cue(0).path("id").asLong();
        edit("{'kind':'retypeCue','cueId':" + id + ",'text':'What, um, lives lives'}");
        page.reload();
        assertThat(page.getByText("Shorter for reading")).isVisible();
        awaitPicture();
        button("Hear “um,”").click();
        page.waitForFunction("() => document.querySelector('video').currentTime > 0.1");
        page.keyboard().press("k");
        long version = version();
        button("Leave out 2 words").click();
        awaitVersionAfter(clipId, version);
        assertThat(String.join(" ", cues(clipId))).startsWith("What lives under this stone?");
        edit("{'kind':'restyle','style':'Tidemark','keep':false}");
        step("Check");
        measured();
        version = version();
        Locator move = button("Move (it|these)");
        move.click();
        awaitVersionAfter(clipId, version);
        assertThat(cue(0).path("bent").asBoolean())
                .as("it stands elsewhere now")
                .isTrue();
        page.keyboard().press("Control+z");
    }

    @Test
    void safeAreasAreDraggedOnTheStageAndKeptForTheClient() throws Exception {
        clipId = bringIn("three-coats", "coats.mp4");
        step("Frame");
        page.keyboard().press("z");
        Locator edge = page.locator("[data-zone=text]");
        BoundingBox at = edge.boundingBox();
        page.mouse().move(at.x + at.width / 2, at.y + at.height / 2);
        page.mouse().down();
        page.mouse().move(at.x + at.width / 2, at.y + at.height / 2 - 60);
        page.mouse().up();
        Patience.await("the wider area").until(() -> textZone() >= 0.25);
        assertThat(textZone()).isBetween(0.27, 0.31);
        button("Reset to the defaults").click();
        Patience.await("the usual area").until(() -> textZone() <= 0.25);
        assertThat(textZone()).isEqualTo(0.2);
    }

    private double textZone() throws Exception {
        return server.get("/api/zones").path("text").asDouble();
    }
}
