package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import saltdrum.core.Json;
import saltdrum.core.word.Word;
import tools.jackson.databind.JsonNode;

/** A minute's clip proof-read, broken and timed in the score, with real keys and a real mouse. */
class ScoreTest extends OnTheBench {
    private static final int LENGTH_MS = 60_000;

    /** A word as it is stored: what is written and when it is heard. */
    record Heard(long id, String text, int startMs, int endMs) {}

    private List<Heard> heard(String clipId) throws Exception {
        List<Heard> words = new ArrayList<>();
        track(clipId).path("cues").forEach(cue -> cue.path("words")
                .forEach(w -> words.add(new Heard(
                        w.path("id").asLong(),
                        w.path("text").asString(),
                        w.path("startMs").asInt(),
                        w.path("endMs").asInt()))));
        return words;
    }

    private static List<String> plain(List<Heard> words) {
        return words.stream().map(w -> w.text + " " + w.startMs + "–" + w.endMs).toList();
    }

    private long version(String clipId) throws Exception {
        return track(clipId).path("head").path("version").asLong();
    }

    /** Does something that changes the track, and waits until it has. */
    private void changing(String clipId, Runnable what) throws Exception {
        long before = version(clipId);
        what.run();
        awaitVersionAfter(clipId, before);
    }

    /** What is said in a minute of the harbour clip, over and over. */
    private static List<Word> truth() throws Exception {
        List<Word> words = new ArrayList<>();
        List<Word> once = Demo.truth("three-coats").toWords();
        for (int turn = 0; turn < 4; turn++) {
            int by = turn * 17_500;
            for (Word word : once) {
                if (word.endMs() + by < LENGTH_MS) {
                    words.add(word.withTime(word.startMs() + by, word.endMs() + by)
                            .withId(words.size() + 1));
                }
            }
        }
        return words;
    }

    /** A minute's clip: three-coats over and over. */
    static Path minute() throws Exception {
        Path clip = Path.of("target/minute.mp4").toAbsolutePath();
        if (!Files.exists(clip)) {
            Process ffmpeg = new ProcessBuilder(
                            "ffmpeg",
                            "-v",
                            "error",
                            "-y",
                            "-stream_loop",
                            "3",
                            "-i",
                            Demo.clip("three-coats").toString(),
                            "-t",
                            "60",
                            "-c",
                            "copy",
                            clip.toString())
                    .inheritIO()
                    .start();
            assertThat(ffmpeg.waitFor()).isZero();
        }
        return clip;
    }

    private record Said(String text, double start, double end, double confidence) {}

    /**
     * A rough draft.
     *
     * @param loose indexes of true words whose exact times the draft cannot know: run together, or not heard
     */
    private record Draft(List<Said> words, Set<Integer> loose) {}

    /** Words misheard, pairs run together, words heard as two, and words not heard; each between words that are right. */
    private static Draft draft() throws Exception {
        List<Word> truth = truth();
        List<Said> words = new ArrayList<>();
        Set<Integer> loose = new HashSet<>();
        int kind = 0;
        int right = 0;
        for (int i = 0; i < truth.size(); i++) {
            Word word = truth.get(i);
            double start = word.startMs() / 1000.0;
            double end = word.endMs() / 1000.0;
            boolean middle = right > 0
                    && i + 2 < truth.size()
                    && word.startMs() - truth.get(i - 1).endMs() < 200
                    && truth.get(i + 1).startMs() - word.endMs() < 200
                    && truth.get(i + 2).startMs() - truth.get(i + 1).endMs() < 200;
            if (!middle) {
                words.add(new Said(word.text(), start, end, 1));
                right++;
                continue;
            }
            right = 0;
            switch (kind++ % 4) {
                case 0 -> words.add(new Said("mumble", start, end, 0.3));
                case 1 -> {
                    words.add(new Said("murmur", start, truth.get(i + 1).endMs() / 1000.0, 0.3));
                    loose.addAll(List.of(i, ++i));
                }
                case 2 -> {
                    double half = (word.startMs() + word.durationMs() / 2) / 1000.0;
                    words.add(new Said("mum", start, half, 0.3));
                    words.add(new Said("ble", half, end, 0.3));
                }
                default -> loose.addAll(List.of(i - 1, i));
            }
        }
        return new Draft(words, loose);
    }

    private String bringInMinute(List<Said> draft) throws Exception {
        page.navigate(server.url());
        page.getByTestId("chooser").setInputFiles(minute());
        page.waitForURL(java.util.regex.Pattern.compile(".*/clips/[a-z0-9]{12}/words"));
        String clipId = page.url().replaceAll(".*/clips/([a-z0-9]{12})/.*", "$1");
        String json = Json.write(java.util.Map.of("language", "en", "words", draft));
        page.getByLabel("Caption file")
                .setInputFiles(
                        new FilePayload("draft.json", "application/json", json.getBytes(StandardCharsets.UTF_8)));
        page.locator("[data-word]").first().waitFor();
        return clipId;
    }

    @Test
    void aRoughDraftIsCorrectedBrokenTimedUndoneAndDoneAgain() throws Exception {
        List<Word> truth = truth();
        Draft draft = draft();
        assertThat(draft.loose()).hasSizeBetween(10, truth.size() / 2);
        String clipId = bringInMinute(draft.words());
        List<Heard> drafted = heard(clipId);

        correctByKeys(clipId, truth);
        List<Heard> corrected = heard(clipId);
        assertThat(corrected)
                .extracting(Heard::text)
                .isEqualTo(truth.stream().map(Word::text).toList());
        for (int i = 0; i < truth.size(); i++) {
            if (!draft.loose().contains(i)) {
                assertThat(corrected.get(i).startMs)
                        .as(corrected.get(i).text)
                        .isEqualTo(truth.get(i).startMs());
                assertThat(corrected.get(i).endMs)
                        .as(corrected.get(i).text)
                        .isEqualTo(truth.get(i).endMs());
            }
        }

        page.keyboard().press("2");
        changing(clipId, () -> recipe("One word"));
        assertThat(track(clipId).path("cues").size()).isEqualTo(truth.size());
        assertThat(heard(clipId)).isEqualTo(corrected);
        changing(clipId, () -> recipe("Phrase"));
        assertThat(heard(clipId)).isEqualTo(corrected);

        List<Heard> dragged = corrected;
        for (int turn = 0; turn < 3; turn++) {
            dragged = dragAnEdge(clipId, dragged, 4 + 7 * turn, turn % 2 == 0 ? 14 : -11);
        }
        Heard typed = dragged.get(2);
        scrollTo(typed.id);
        page.locator("[data-word='" + typed.id + "']").click();
        changing(clipId, () -> {
            page.getByLabel("Start of " + typed.text, new Page.GetByLabelOptions().setExact(true))
                    .last()
                    .fill("0." + (typed.startMs + 13));
            page.keyboard().press("Enter");
        });
        assertThat(heard(clipId).get(2).startMs).isEqualTo(typed.startMs + 13);

        page.keyboard().press("Escape");
        page.keyboard().press("2");
        page.getByLabel("Longest gap that is bridged").fill("900");
        changing(clipId, () -> doing("Bridge up to"));
        changing(clipId, () -> doing("Trim to speech"));
        word("back").click();
        changing(clipId, () -> page.keyboard().press("x"));
        assertThat(page.getByLabel("Locked").first()).isVisible();
        word("back").click();
        page.keyboard().press("b");
        assertThat(page.getByText("is locked")).isVisible();

        JsonNode end = track(clipId).path("cues");
        int steps = 0;
        while (page.getByLabel("Nothing to undo").count() == 0) {
            changing(clipId, () -> page.keyboard().press("Control+z"));
            steps++;
        }
        assertThat(track(clipId).path("cues").size()).isZero();
        page.reload();
        assertThat(page.getByText("This clip has no words yet")).isVisible();
        for (int i = 0; i < steps; i++) {
            changing(clipId, () -> page.keyboard().press("Control+Shift+z"));
            if (i == 0) {
                assertThat(heard(clipId)).isEqualTo(drafted);
            }
        }
        assertThat(track(clipId).path("cues")).isEqualTo(end);

        page.keyboard().press("h");
        Locator steppedBack = page.getByText("Bring in", new Page.GetByTextOptions().setExact(false))
                .last();
        changing(clipId, steppedBack::click);
        assertThat(heard(clipId)).isEqualTo(drafted);
    }

    /** Goes from cue to cue and types the truth where the draft differs; the mouse stays on the table. */
    private void correctByKeys(String clipId, List<Word> truth) throws Exception {
        List<List<String>> wanted = new ArrayList<>();
        JsonNode cues = track(clipId).path("cues");
        int at = 0;
        for (int c = 0; c < cues.size(); c++) {
            int until = c + 1 < cues.size()
                    ? cues.get(c + 1).path("words").get(0).path("startMs").asInt()
                    : Integer.MAX_VALUE;
            List<String> texts = new ArrayList<>();
            while (at < truth.size() && truth.get(at).startMs() < until) {
                texts.add(truth.get(at++).text());
            }
            wanted.add(texts);
        }
        List<String> drafted = cues(clipId);
        page.keyboard().press("Escape");
        page.keyboard().press("Home");
        for (int c = 0; c < wanted.size(); c++) {
            page.keyboard().press("ArrowDown");
            String text = String.join(" ", wanted.get(c));
            if (text.equals(drafted.get(c))) {
                continue;
            }
            page.keyboard().press("Enter");
            page.getByLabel("Text of this cue").waitFor();
            page.keyboard().press("Control+a");
            changing(clipId, () -> {
                page.keyboard().insertText(text);
                page.keyboard().press("Enter");
            });
        }
    }

    private void recipe(String name) {
        page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions()
                                .setName(java.util.regex.Pattern.compile(
                                        "^" + name, java.util.regex.Pattern.CASE_INSENSITIVE)))
                .click();
    }

    private void doing(String label) {
        Locator button = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(label));
        assertThat(button).containsText("cue");
        button.click();
    }

    /** Drags a word's end; where the next word touches, its start follows, and nothing else moves. */
    private List<Heard> dragAnEdge(String clipId, List<Heard> before, int index, int pixels) throws Exception {
        Heard word = before.get(index);
        page.keyboard().press("Escape");
        scrollTo(word.id);
        page.locator("[data-word='" + word.id + "']").click();
        if (page.locator("[data-edge='" + word.id + "-end']").count() == 0) {
            page.keyboard().press("t");
        }
        Locator edge = page.locator("[data-edge='" + word.id + "-end']");
        edge.waitFor();
        BoundingBox box = edge.boundingBox();
        BoundingBox lens = page.getByLabel("Lens", new Page.GetByLabelOptions().setExact(true))
                .boundingBox();
        changing(clipId, () -> {
            page.mouse().move(box.x + box.width - 1, box.y + 30);
            page.keyboard().down("Control");
            page.mouse().down();
            page.mouse().move(box.x + box.width - 1 + pixels / 2.0, box.y + 34);
            page.mouse().move(box.x + box.width - 1 + pixels, box.y + 30);
            page.mouse().up();
            page.keyboard().up("Control");
        });
        List<Heard> after = heard(clipId);
        boolean touches = before.get(index + 1).startMs == word.endMs;
        for (int i = 0; i < before.size(); i++) {
            if (i == index) {
                assertThat(after.get(i).startMs).isEqualTo(word.startMs);
                assertThat(after.get(i).endMs - word.endMs).isNotZero();
                assertThat(Integer.signum(after.get(i).endMs - word.endMs)).isEqualTo(Integer.signum(pixels));
            } else if (i == index + 1 && touches) {
                assertThat(after.get(i).startMs).isEqualTo(after.get(index).endMs);
                assertThat(after.get(i).endMs).isEqualTo(before.get(i).endMs);
            } else {
                assertThat(after.get(i)).isEqualTo(before.get(i));
            }
        }
        assertThat(lens.width).isGreaterThan(300);
        return after;
    }

    private void scrollTo(long wordId) {
        page.evaluate("id => window.dispatchEvent(new CustomEvent('reveal-word', { detail: id }))", (int) wordId);
        page.locator("[data-word='" + wordId + "']").waitFor();
    }

    @Test
    void oneKeyConfirmsAndGoesToTheNextUnsureWord() throws Exception {
        String clipId = bringInMinute(draft().words());
        long unsure = heard(clipId).stream().filter(w -> w.text.startsWith("m")).count();
        page.keyboard().press("u");
        assertThat(page.locator("[data-word][aria-pressed=true]")).hasText(java.util.regex.Pattern.compile("^m"));
        changing(clipId, () -> page.keyboard().press("c"));
        changing(clipId, () -> page.keyboard().press("c"));
        int left = 0;
        for (JsonNode cue : track(clipId).path("cues")) {
            for (JsonNode word : cue.path("words")) {
                left += word.path("unsure").asBoolean() ? 1 : 0;
            }
        }
        assertThat(unsure).isGreaterThan(10);
        assertThat(page.getByText(left + " unsure words")).isVisible();
    }

    @Test
    void aWordIsReplacedEverywhereAfterItWasSeen() throws Exception {
        String clipId = bringInMinute(draft().words());
        int mumbles = (int)
                heard(clipId).stream().filter(w -> w.text.equals("mumble")).count();
        List<Heard> before = heard(clipId);
        word("mumble").click();
        page.keyboard().press("r");
        page.getByLabel("Becomes").fill("Varnish");
        assertThat(page.getByText(mumbles + " places. ")).isVisible();
        page.getByRole(AriaRole.CHECKBOX).first().uncheck();
        changing(clipId, () -> page.getByText("Replace at " + (mumbles - 1) + " places")
                .click());
        List<Heard> after = heard(clipId);
        assertThat(after).filteredOn(w -> w.text.equals("Varnish")).hasSize(mumbles - 1);
        assertThat(after).filteredOn(w -> w.text.equals("mumble")).hasSize(1);
        for (int i = 0; i < before.size(); i++) {
            assertThat(after.get(i).startMs).isEqualTo(before.get(i).startMs);
        }
    }

    @Test
    void theLitWordIsTheOneBeingSaid() throws Exception {
        List<Word> truth = truth();
        bringInMinute(truth.stream()
                .map(w -> new Said(w.text(), w.startMs() / 1000.0, w.endMs() / 1000.0, 1))
                .toList());
        page.waitForFunction("() => document.querySelector('video').readyState >= 3");
        page.keyboard().press("Space");
        // At every frame that the browser shows: its own media time, and the word that is lit in the page just after.
        String samples = (String)
                page.evaluate(
                        """
                () => new Promise((done) => {
                  const video = document.querySelector('video');
                  const seen = [];
                  const look = (_, frame) => {
                    const ms = frame.mediaTime * 1000;
                    setTimeout(() => {
                      const lit = document.querySelector('[data-lit]');
                      seen.push(ms + ':' + (lit ? lit.textContent : ''));
                      if (seen.length < 150) video.requestVideoFrameCallback(look);
                      else { video.pause(); done(seen.join('|')); }
                    }, 0);
                  };
                  video.requestVideoFrameCallback(look);
                })
                """);
        int right = 0;
        List<String> wrong = new ArrayList<>();
        String[] frames = samples.split("\\|");
        for (String frame : frames) {
            double ms = Double.parseDouble(frame.substring(0, frame.indexOf(':')));
            String lit = frame.substring(frame.indexOf(':') + 1);
            boolean found = IntStream.of(0, -34, 34)
                    .anyMatch(off -> saidAt(truth, ms + off).equals(lit));
            right += found ? 1 : 0;
            if (!found) {
                wrong.add(frame);
            }
        }
        assertThat(wrong).as("lit more than a frame away from the sound").isEmpty();
        assertThat(right).isGreaterThan(100);
    }

    private static String saidAt(List<Word> words, double ms) {
        return words.stream()
                .filter(w -> w.startMs() <= ms && ms < w.endMs())
                .map(Word::text)
                .findFirst()
                .orElse("");
    }

    @Test
    void aCueIsTypedIntoARestAndSplitAtTheCaret() throws Exception {
        String clipId = bringInMinute(draft().words());
        List<Heard> before = heard(clipId);
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Insert");
        page.getByLabel("Text of the new cue").waitFor();
        changing(clipId, () -> {
            page.keyboard().insertText("gulls laugh");
            page.keyboard().press("Enter");
        });
        List<Heard> added = heard(clipId);
        assertThat(plain(added)).containsAll(plain(before)).hasSize(before.size() + 2);

        word("gulls").click();
        page.keyboard().press("Enter");
        Locator field = page.getByLabel("Text of this cue");
        field.waitFor();
        page.keyboard().press("Home");
        for (int i = 0; i < 5; i++) {
            page.keyboard().press("ArrowRight");
        }
        changing(clipId, () -> page.keyboard().press("Alt+Enter"));
        assertThat(cues(clipId)).contains("gulls", "laugh");
        assertThat(heard(clipId)).isEqualTo(added);
    }

    @Test
    void aTypistAheadOfSlowFramesKeepsTheKeyboard() throws Exception {
        context.addInitScript("const frame = window.requestAnimationFrame.bind(window);"
                + "window.requestAnimationFrame = then => setTimeout(() => frame(then), 150);");
        String clipId = bringInMinute(draft().words());
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Enter");
        Locator field = page.getByLabel("Text of this cue");
        field.waitFor();
        RunningServer.pause(900);
        assertThat(field).isFocused();
        page.keyboard().press("Escape");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Insert");
        RunningServer.pause(900);
        assertThat(page.getByLabel("Text of the new cue")).isFocused();
        changing(clipId, () -> {
            page.keyboard().insertText("gulls laugh");
            page.keyboard().press("Enter");
        });
    }

    /** A new version of the scene painted every word and shadow of the cue anew, whatever had changed. */
    @Test
    void wordsThatLookAsBeforeKeepTheirShapes() throws Exception {
        context.addInitScript(
                "window.made = 0; const Canvas = window.OffscreenCanvas;"
                        + "window.OffscreenCanvas = class extends Canvas { constructor(w, h) { super(w, h); window.made++; } };");
        String clipId = bringInMinute(draft().words());
        page.keyboard().press("ArrowDown");
        settled();
        int before = settled();
        assertThat(before).isPositive();
        // What is known of the cue changes, not how it looks.
        changing(clipId, () -> page.keyboard().press("x"));
        changing(clipId, () -> page.keyboard().press("x"));
        assertThat(settled()).isEqualTo(before);
        changing(clipId, () -> page.keyboard().press("e"));
        assertThat(settled()).isBetween(before + 1, before + 3);
    }

    /** Shapes made until no more come. */
    private int settled() {
        int made = -1;
        for (int now = made(); now != made; now = made()) {
            made = now;
            RunningServer.pause(700);
        }
        return made;
    }

    private int made() {
        return ((Number) page.evaluate("() => window.made")).intValue();
    }

    @Test
    void keysCanBeChangedAndTheBrowsersCannotBeTaken() throws Exception {
        String clipId = bringInMinute(draft().words());
        page.keyboard().press("?");
        page.getByLabel("Key of “Split the cue before the word”: B").click();
        page.keyboard().press("Control+t");
        assertThat(page.getByText("belongs to the browser")).isVisible();
        page.keyboard().press("n");
        assertThat(page.getByText("N is already")).isVisible();
        page.keyboard().press("m");
        page.keyboard().press("Escape");
        page.locator("[data-word]").nth(1).click();
        int count = cues(clipId).size();
        changing(clipId, () -> page.keyboard().press("m"));
        assertThat(cues(clipId)).hasSize(count + 1);
        page.reload();
        page.locator("[data-word]").first().waitFor();
        page.keyboard().press("?");
        assertThat(page.getByLabel("Key of “Split the cue before the word”: M")).isVisible();
    }

    @Test
    void aThousandCuesStayFewInThePage() throws Exception {
        List<Said> words = IntStream.range(0, 6000)
                .mapToObj(i -> new Said((i % 6 == 5 ? "tide." : "oar") + "", i * 0.0095, i * 0.0095 + 0.009, 1))
                .toList();
        String clipId = bringInMinute(words);
        assertThat(heard(clipId)).hasSize(6000);
        assertThat(track(clipId).path("cues").size()).isGreaterThan(900);
        page.keyboard().press("ArrowDown");
        for (int i = 0; i < 60; i++) {
            page.keyboard().press("ArrowDown");
        }
        assertThat(page.locator("[data-word][aria-pressed=true]")).isVisible();
        assertThat(page.locator("[data-cue]").count()).isBetween(5, 60);
        changing(clipId, () -> page.keyboard().press("e"));
        page.getByLabel("Score").evaluate("page => page.scrollTo(0, page.scrollHeight)");
        assertThat(page.locator("[data-cue]").last()).isVisible();
    }
}
