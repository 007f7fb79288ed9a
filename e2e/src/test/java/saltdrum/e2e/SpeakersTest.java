package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.Json;
import saltdrum.core.word.Word;
import saltdrum.server.SmallClips;
import tools.jackson.databind.JsonNode;

/** Two people in one clip: found by their voices, and given by hand. */
class SpeakersTest extends OnTheBench {
    private static final int AROUND_MS = 80;

    /** Sentences of two demo clips in turns, each of them in its own voice. */
    private record Talk(Path clip, List<Word> words, List<Integer> speakers) {}

    private static List<List<Word>> sentences(String demo) throws Exception {
        List<List<Word>> sentences = new ArrayList<>(List.of(new ArrayList<>()));
        for (Word word : Demo.truth(demo).toWords()) {
            sentences.get(sentences.size() - 1).add(word);
            if (word.text().matches(".*[.?]")) {
                sentences.add(new ArrayList<>());
            }
        }
        sentences.removeIf(List::isEmpty);
        return sentences;
    }

    private static Talk talk() throws Exception {
        List<String> demos = List.of("three-coats", "last-ferry");
        List<List<List<Word>>> sentences = List.of(sentences(demos.get(0)), sentences(demos.get(1)));
        List<String> filters = new ArrayList<>();
        List<Word> words = new ArrayList<>();
        List<Integer> speakers = new ArrayList<>();
        StringBuilder joined = new StringBuilder();
        int nowMs = 0;
        for (int turn = 0; turn < 10; turn++) {
            int who = turn % 2;
            List<Word> sentence = sentences.get(who).get(turn / 2);
            int from = Math.max(0, sentence.get(0).startMs() - AROUND_MS);
            int to = sentence.get(sentence.size() - 1).endMs() + AROUND_MS;
            String cut = "=start=" + from / 1000.0 + ":end=" + to / 1000.0;
            filters.add(
                    "[" + who + ":v]trim" + cut + ",setpts=PTS-STARTPTS,scale=270:480,setsar=1,fps=25[v" + turn + "]");
            filters.add("[" + who + ":a]atrim" + cut
                    + ",asetpts=PTS-STARTPTS,aformat=sample_rates=48000:channel_layouts=mono[a" + turn + "]");
            joined.append("[v").append(turn).append("][a").append(turn).append("]");
            for (Word word : sentence) {
                words.add(word.withTime(nowMs + word.startMs() - from, nowMs + word.endMs() - from));
                speakers.add(who + 1);
            }
            nowMs += to - from;
        }
        filters.add(joined + "concat=n=10:v=1:a=1[v][a]");
        Path clip = Files.createTempDirectory("talk").resolve("talk.mp4");
        SmallClips.ffmpeg(
                clip,
                "-i",
                SmallClips.whole(demos.get(0)).toString(),
                "-i",
                SmallClips.whole(demos.get(1)).toString(),
                "-filter_complex",
                String.join(";", filters),
                "-map",
                "[v]",
                "-map",
                "[a]",
                "-c:v",
                "libx264",
                "-preset",
                "veryfast",
                "-c:a",
                "aac");
        return new Talk(clip, words, speakers);
    }

    private String bring(Talk talk) throws Exception {
        String clipId = server.bring(talk.clip(), "The two of them.mp4");
        List<Object> words = new ArrayList<>();
        for (Word word : talk.words()) {
            words.add(java.util.Map.of(
                    "text", word.text(), "start", word.startMs() / 1000.0, "end", word.endMs() / 1000.0));
        }
        Path file = Files.createTempDirectory("talk").resolve("talk.json");
        Files.writeString(file, Json.write(java.util.Map.of("language", "en", "words", words)));
        server.caption(clipId, file);
        page.navigate(server.url() + "/clips/" + clipId + "/words");
        page.locator("[data-word]").first().waitFor();
        return clipId;
    }

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private List<Integer> speakers(String clipId) throws Exception {
        List<Integer> speakers = new ArrayList<>();
        for (JsonNode cue : track(clipId).path("cues")) {
            cue.path("words").forEach(word -> speakers.add(cue.path("speaker").asInt()));
        }
        return speakers;
    }

    private static int apart(List<Integer> a, List<Integer> b) {
        int apart = 0;
        for (int i = 0; i < a.size(); i++) {
            apart += a.get(i).equals(b.get(i)) ? 0 : 1;
        }
        return apart;
    }

    @Test
    void twoVoicesAreToldApartNamedAndColoured() throws Exception {
        Talk talk = talk();
        String clipId = bring(talk);
        long version = version(clipId);
        assertThat(page.getByTestId("speaker")).hasCount(0);
        button("2 voices").click();
        // Named, then found: two steps.
        awaitVersionAfter(clipId, version + 1);
        List<Integer> found = speakers(clipId);
        assertThat(found).hasSameSizeAs(talk.speakers());
        assertThat(apart(found, talk.speakers()))
                .as(found + " for " + talk.speakers())
                .isLessThanOrEqualTo(2);
        assertThat(page.getByTestId("speaker").first()).hasText("Speaker 1");
        assertThat(page.getByTestId("speaker").nth(1)).hasText("Speaker 2");

        version = version(clipId);
        page.getByLabel("Name of speaker 2").fill("Mirela");
        page.getByLabel("Name of speaker 2").press("Enter");
        awaitVersionAfter(clipId, version);
        assertThat(page.getByTestId("speaker").nth(1)).hasText("Mirela");

        // The second voice in a colour of its own, also in the picture.
        version = version(clipId);
        page.locator("[data-speaker='2']").getByLabel("Letters:").click();
        page.getByLabel("Letters, written").fill("#ffd479");
        page.getByLabel("Letters, written").press("Enter");
        awaitVersionAfter(clipId, version);
        page.keyboard().press("Escape");
        assertThat(server.get("/api/clips/" + clipId + "/scene").toString()).contains("#ffd479");
        assertThat(track(clipId)
                        .path("head")
                        .path("speakers")
                        .path(1)
                        .path("colour")
                        .asString())
                .isEqualTo("#ffd479");
    }

    @Test
    void whatIsGivenByHandStaysAndSplitsItsCue() throws Exception {
        String clipId = bring(talk());
        long version = version(clipId);
        button("2 voices").click();
        awaitVersionAfter(clipId, version + 1);
        page.locator("[data-word]").nth(3).click();
        version = version(clipId);
        page.locator("[data-speaker='2']").getByText("says what is selected").click();
        awaitVersionAfter(clipId, version);
        List<Integer> given = speakers(clipId);
        assertThat(given.subList(0, 4)).containsExactly(1, 1, 1, 2);
        for (JsonNode cue : track(clipId).path("cues")) {
            assertThat(cue.path("speaker").asInt()).isPositive();
        }
        version = version(clipId);
        button("Find who says what").click();
        awaitVersionAfter(clipId, version);
        assertThat(speakers(clipId).get(3)).isEqualTo(2);
        // One step back at a time.
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
        page.waitForCondition(() -> {
            try {
                return speakers(clipId).get(3) == 1;
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
        button("One voice again").click();
        assertThat(page.getByTestId("speaker")).hasCount(0);
    }
}
