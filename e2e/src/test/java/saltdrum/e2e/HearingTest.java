package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import saltdrum.core.word.Tokens;
import saltdrum.server.Patience;
import tools.jackson.databind.JsonNode;

/** Words from the voice, and words by hand where there is none. */
class HearingTest extends OnTheBench {
    private void recognise() {
        page.getByLabel("Drawer").getByText("Recognise the speech").click();
        page.locator("[data-word]").first().waitFor();
    }

    private void awaitWords(String clipId) {
        Patience.await("the words").until(() -> {
            boolean working = false;
            for (JsonNode job : server.get("/api/clips/" + clipId + "/jobs")) {
                working |= job.path("kind").asString().equals("WORDS")
                        && List.of("WAITING", "RUNNING", "STOPPING")
                                .contains(job.path("state").asString());
            }
            return !working;
        });
    }

    private List<String> words(String clipId) throws Exception {
        List<String> words = new ArrayList<>();
        for (JsonNode cue : track(clipId).path("cues")) {
            cue.path("words").forEach(w -> words.add(w.path("text").asString()));
        }
        return words;
    }

    @Test
    void aFreshClipIsHeardAndItsUnsureWordsAreSettledByKeys() throws Exception {
        // The score is below a wide picture: all its words have to be there.
        page.setViewportSize(1280, 1400);
        String clipId = bringIn("last-ferry", "The last ferry.mp4");
        recognise();
        // Words appear in the score during recognition, unless it was too quick to see.
        awaitWords(clipId);
        List<String> said = Demo.truth("last-ferry").toWords().stream()
                .map(w -> Tokens.normalised(w.text()))
                .toList();
        List<String> heard = words(clipId).stream().map(Tokens::normalised).toList();
        assertThat(said.stream().filter(heard::contains).count()).isGreaterThan(said.size() * 3L / 4);
        assertThat(track(clipId).path("head").path("undo").asString()).startsWith("Recognise");

        double usual = server.get("/api/workshop").path("unsureBelow").asDouble();
        // Another reading of a word, by one key; the word keeps its time.
        JsonNode word = wordWithReadings(clipId);
        word(word.path("text").asString()).click();
        Locator readings = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Other readings"));
        assertThat(readings).isVisible();
        String first = server.get("/api/clips/" + clipId + "/track/words/"
                        + word.path("id").asLong() + "/readings")
                .get(0)
                .path("with")
                .asString();
        long version = track(clipId).path("head").path("version").asLong();
        page.keyboard().press("q");
        awaitVersionAfter(clipId, version);
        JsonNode taken = byId(clipId, word.path("id").asLong());
        assertThat(Tokens.normalised(taken.path("text").asString())).isEqualTo(Tokens.normalised(first));
        assertThat(taken.path("startMs").asInt()).isEqualTo(word.path("startMs").asInt());
        assertThat(taken.path("unsure").asBoolean()).isFalse();

        // How sure a word must be is chosen, marks other words, and is remembered.
        Locator slider = page.getByLabel("How sure a word must be");
        slider.focus();
        page.keyboard().press("End");
        assertThat(slider).hasAttribute("aria-valuetext", Pattern.compile("Marked below 0?\\.\\d+"));
        double strict = server.get("/api/workshop").path("unsureBelow").asDouble();
        page.keyboard().press("Home");
        Patience.await("a lower limit")
                .until(() -> server.get("/api/workshop").path("unsureBelow").asDouble() < strict);
        server.send("PUT", "/api/workshop", "{\"unsureBelow\":" + usual + "}");
        page.reload();
        page.locator("[data-word]").first().waitFor();

        // All that is sure at once; what is not stays marked.
        version = track(clipId).path("head").path("version").asLong();
        page.getByText(Pattern.compile("Confirm the \\d+ that are sure")).click();
        awaitVersionAfter(clipId, version);
        assertThat(page.getByText(Pattern.compile("Confirm the \\d+ that"))).isHidden();
    }

    private JsonNode wordWithReadings(String clipId) throws Exception {
        for (JsonNode cue : track(clipId).path("cues")) {
            for (JsonNode word : cue.path("words")) {
                JsonNode readings = server.get("/api/clips/" + clipId + "/track/words/"
                        + word.path("id").asLong() + "/readings");
                boolean alone = words(clipId).stream()
                                .filter(word.path("text").asString()::equals)
                                .count()
                        == 1;
                if (alone
                        && !readings.isEmpty()
                        && !readings.get(0).path("find").asString().contains(" ")) {
                    return word;
                }
            }
        }
        throw new IllegalStateException("no word has other readings");
    }

    private JsonNode byId(String clipId, long id) throws Exception {
        for (JsonNode cue : track(clipId).path("cues")) {
            for (JsonNode word : cue.path("words")) {
                if (word.path("id").asLong() == id) {
                    return word;
                }
            }
        }
        throw new IllegalStateException("the word is gone");
    }

    @Test
    void aTermThatSoundsLikeAWordIsSuggestedAndTaken() throws Exception {
        String clipId = bringIn("three-coats", "Three coats.mp4");
        recognise();
        awaitWords(clipId);
        JsonNode client = server.post("/api/clients", "{\"name\":\"Sandpiper School\"}");
        server.send(
                "PUT",
                "/api/clips/" + clipId + "/client",
                "{\"clientId\":" + client.path("id").asLong() + "}");
        server.send(
                "POST",
                "/api/glossary?client=" + client.path("id").asLong(),
                "{\"term\":\"Freydey\",\"sayAs\":\"friday\"}");
        page.reload();
        word("Friday.").click();
        Locator term = page.getByTitle("A term of the glossary that sounds like it");
        assertThat(term).containsText("Freydey");
        long version = track(clipId).path("head").path("version").asLong();
        term.click();
        awaitVersionAfter(clipId, version);
        assertThat(words(clipId)).contains("Freydey.").doesNotContain("Friday.");
    }

    @Test
    void aPartIsHeardAgainAndTheRestStays() throws Exception {
        String clipId = withWords("three-coats", "Three coats.mp4");
        awaitWords(clipId);
        JsonNode before = track(clipId);
        JsonNode cue = before.path("cues").get(2);
        page.locator("[data-cue='" + cue.path("id").asLong() + "'] button")
                .first()
                .click();
        page.getByText("Recognise just this cue").click();
        awaitVersionAfter(clipId, before.path("head").path("version").asLong());
        awaitWords(clipId);
        JsonNode after = track(clipId);
        int heard = 0;
        for (JsonNode now : after.path("cues")) {
            for (JsonNode word : now.path("words")) {
                boolean inside = word.path("startMs").asInt()
                                >= cue.path("words").get(0).path("startMs").asInt() - 300
                        && word.path("startMs").asInt() < cue.path("hideMs").asInt() + 300;
                boolean recognised = word.path("source").asString().equals("RECOGNISED");
                heard += recognised ? 1 : 0;
                assertThat(recognised && !inside)
                        .as(word.path("text").asString())
                        .isFalse();
            }
        }
        assertThat(heard).isGreaterThan(0);
        for (int i : new int[] {0, 1, 4, 5}) {
            assertThat(after.path("cues").toString())
                    .contains(before.path("cues").get(i).path("words").get(0).toString());
        }

        // The same by times typed in the drawer: only cues that begin there are recognised again.
        page.keyboard().press("Escape");
        page.getByText("Only a part").click();
        page.getByLabel("From", new Page.GetByLabelOptions().setExact(true)).fill("2.0");
        page.getByLabel("To", new Page.GetByLabelOptions().setExact(true)).fill("4.5");
        page.getByLabel("To", new Page.GetByLabelOptions().setExact(true)).press("Enter");
        long version = after.path("head").path("version").asLong();
        page.getByLabel("Drawer").getByText("Recognise the speech").click();
        awaitVersionAfter(clipId, version);
        awaitWords(clipId);
        assertThat(track(clipId).path("cues").get(0).path("words").get(0))
                .isEqualTo(after.path("cues").get(0).path("words").get(0));
    }

    @Test
    void askingTwiceAndStoppingAtOnceDoNoHarm() throws Exception {
        String clipId = bringIn("three-coats", "Three coats.mp4");
        JsonNode job = server.post("/api/clips/" + clipId + "/words", "{\"language\":\"en\"}");
        try {
            server.post("/api/clips/" + clipId + "/words", "{\"language\":\"en\"}");
            assertThat(server.get("/api/jobs/" + job.path("id").asString())
                            .path("state")
                            .asString())
                    .as("the first was over before the second came")
                    .isEqualTo("DONE");
        } catch (IllegalStateException refused) {
            assertThat(refused).hasMessageContaining("422").hasMessageContaining("already");
        }
        server.post("/api/jobs/" + job.path("id").asString() + "/stop", "");
        JsonNode ended = server.awaitEnd(job.path("id").asString());
        assertThat(ended.path("state").asString()).isIn("STOPPED", "DONE");
        awaitWords(clipId);
        List<String> words = words(clipId);
        assertThat(words).hasSizeLessThanOrEqualTo(60);
    }

    @Test
    void aTextProposesItsLanguageAndForcesNothing() throws Exception {
        bringIn("three-coats", "Three coats.mp4");
        Locator language = page.getByRole(
                AriaRole.COMBOBOX,
                new Page.GetByRoleOptions().setName("Language").setExact(true));
        page.getByLabel("What is said").fill("Das Boot ist nicht fertig, und wir haben nur noch den Lack.");
        assertThat(page.getByText("This looks like German.")).isVisible();
        assertThat(language).hasValue("en");
        page.getByText("Take German").click();
        assertThat(language).hasValue("de");
        assertThat(page.getByText("Speech in German cannot be recognised")).isVisible();
    }
}
