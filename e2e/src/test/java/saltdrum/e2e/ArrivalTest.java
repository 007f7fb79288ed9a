package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Probe;
import saltdrum.server.Patience;
import saltdrum.server.SmallClips;
import tools.jackson.databind.JsonNode;

/** Five clips come in for a client that wants all of it: films are there, and nothing was clicked. */
class ArrivalTest extends OnTheBench {
    private static final String CLIENT = "Saltworks School";

    private Locator tick(String label) {
        return page.getByLabel(label);
    }

    private void settle() throws Exception {
        server.post("/api/clients", "{\"name\":\"" + CLIENT + "\"}");
        page.navigate(server.url() + "/workshop");
        page.getByLabel("New clips of").selectOption(new SelectOption().setLabel(CLIENT));
        tick("Make a first draft by itself").check();
        tick("Add emoji").check();
        tick("Move cues to where the picture is calm").check();
        tick("Prepare a review link").check();
        page.getByLabel("Style", new Page.GetByLabelOptions().setExact(true)).selectOption("Mallet");
        page.waitForCondition(() -> settings().path("review").asBoolean()
                && settings().path("style").asString().equals("Mallet"));
    }

    private JsonNode settings() {
        try {
            JsonNode clients = server.get("/api/clients");
            long id = clients.valueStream()
                    .filter(one -> one.path("name").asString().equals(CLIENT))
                    .findFirst()
                    .orElseThrow()
                    .path("id")
                    .asLong();
            return server.get("/api/drafts/settings?client=" + id);
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    private static List<Path> five() throws Exception {
        Path folder = Files.createTempDirectory("five");
        List<Path> files = new ArrayList<>();
        List<String> names = List.of("harbour one", "harbour — zwei", "third.take", "IV", "5");
        List<String> clips = List.of("tide-pool", "last-ferry", "three-coats", "last-ferry", "tide-pool");
        for (int i = 0; i < names.size(); i++) {
            Path file = folder.resolve(names.get(i) + ".mp4");
            Files.copy(i < 3 ? SmallClips.whole(clips.get(i)) : SmallClips.shortened(clips.get(i)), file);
            files.add(file);
        }
        return files;
    }

    /** It went back for a moment, until the answer of a cache was drawn. */
    @Test
    void aSwitchOfNewClipsShowsItsStateInTheMomentOfTheClick() {
        page.navigate(server.url() + "/workshop");
        Locator emoji = tick("Add emoji");
        boolean before = emoji.isChecked();
        assertThat(emoji.evaluate("tick => { tick.click(); return tick.checked; }"))
                .isEqualTo(!before);
        page.waitForResponse(answer -> answer.request().method().equals("PUT"), () -> assertThat(
                        emoji.evaluate("tick => { tick.click(); return tick.checked; }"))
                .isEqualTo(before));
        assertThat(emoji.isChecked()).isEqualTo(before);
    }

    @Test
    void fiveClipsThatAreDroppedBecomeFilmsByThemselves() throws Exception {
        settle();
        page.navigate(server.url() + "/");
        page.getByLabel("Whose clips").selectOption(new SelectOption().setLabel(CLIENT));
        page.getByTestId("chooser").setInputFiles(five().toArray(Path[]::new));

        assertThat(page.locator("[data-clip]")).hasCount(5);
        // From here on nothing is touched.
        Locator films = page.getByLabel(Pattern.compile("^Watch the newest film of"));
        Patience.await("five films").atMost(Patience.LIMIT.multipliedBy(2)).untilAsserted(() -> {
            page.waitForTimeout(500);
            assertThat(films.count())
                    .as(page.locator("[data-clip]").allInnerTexts().toString())
                    .isEqualTo(5);
        });
        assertThat(page.locator("[data-clip]").first()).containsText("Mallet");
        List<String> said = page.locator("[data-clip]").allInnerTexts();
        assertThat(said).allMatch(text -> text.contains("Mallet")).noneMatch(text -> text.contains("%"));

        for (JsonNode clip : server.get("/api/clips")) {
            if (!clip.path("client").path("name").asString().equals(CLIENT)) {
                continue;
            }
            assertThat(clip.path("words").asInt())
                    .as(clip.path("name").asString())
                    .isPositive();
            assertThat(clip.path("standing").asString()).isNotEqualTo("DELIVERED");
            JsonNode links = server.get("/api/clips/" + clip.path("id").asString() + "/reviews");
            assertThat(links.size()).isEqualTo(1);
            JsonNode head = server.get("/api/clips/" + clip.path("id").asString() + "/track")
                    .path("head");
            assertThat(head.path("undo").asString()).startsWith("First draft");
        }

        // The film is one that a player takes.
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName(Pattern.compile("Watch the newest film of harbour one")))
                .click();
        assertThat(page).hasURL(Pattern.compile(".*/results/[a-z0-9]{12}$"));
        String job = page.url().replaceAll(".*/", "");
        Path film = Files.createTempFile("draft", ".mp4");
        Files.write(
                film,
                page.request().get(server.url() + "/api/jobs/" + job + "/video").body());
        ClipInfo info = Probe.of(film);
        assertThat(info.sounds()).hasSize(1);
        assertThat(info.durationMs()).isCloseTo(16_000L, org.assertj.core.data.Offset.offset(1500L));
    }
}
