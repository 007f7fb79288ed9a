package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.core.word.Word;
import tools.jackson.databind.JsonNode;

/** What the score does by keys, and how it keeps up with a typist. */
class ScoreTest extends MinuteClip {
    @Test
    void oneKeyConfirmsAndGoesToTheNextUnsureWord() throws Exception {
        String clipId = bringInMinute(draft().words());
        long unsure =
                heard(clipId).stream().filter(w -> w.text().startsWith("m")).count();
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
                heard(clipId).stream().filter(w -> w.text().equals("mumble")).count();
        List<Heard> before = heard(clipId);
        word("mumble").click();
        page.keyboard().press("r");
        page.getByLabel("Replace with").fill("Varnish");
        assertThat(page.getByText(mumbles + " places. ")).isVisible();
        page.getByRole(AriaRole.CHECKBOX).first().uncheck();
        changing(clipId, () -> page.getByText("Replace at " + (mumbles - 1) + " places")
                .click());
        List<Heard> after = heard(clipId);
        assertThat(after).filteredOn(w -> w.text().equals("Varnish")).hasSize(mumbles - 1);
        assertThat(after).filteredOn(w -> w.text().equals("mumble")).hasSize(1);
        for (int i = 0; i < before.size(); i++) {
            assertThat(after.get(i).startMs()).isEqualTo(before.get(i).startMs());
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

    /** Counted as React tells its developer tools, which the page takes these for. */
    private static final String COUNTING =
            "window.commits = 0; window.__REACT_DEVTOOLS_GLOBAL_HOOK__ = { supportsFiber: true,"
                    + " inject: () => 1, onCommitFiberRoot: () => { window.commits++; }, onCommitFiberUnmount: () => {},"
                    + " onPostCommitFiberRoot: () => {}, setStrictMode: () => {} };";

    @ParameterizedTest
    @ValueSource(strings = {"words", "style", "frame", "check"})
    void whileTheClipPlaysThePageIsNotRenderedAnew(String step) throws Exception {
        context.addInitScript(COUNTING);
        String clipId = bringInMinute(truth().stream()
                .map(w -> new Said(w.text(), w.startMs() / 1000.0, w.endMs() / 1000.0, 1))
                .toList());
        page.navigate(server.url() + "/clips/" + clipId + "/" + step);
        page.locator("[data-word]").first().waitFor();
        page.waitForFunction("() => document.querySelector('section[aria-label=Stage] video[src]')?.readyState >= 3");
        page.keyboard().press("Space");
        Object counted = page.evaluate(
                """
                () => new Promise((done) => {
                  const video = document.querySelector('section[aria-label=Stage] video');
                  let from = null;
                  const look = () => {
                    const now = video.currentTime;
                    if (from === null && now > 1) from = { now, commits: window.commits };
                    if (from !== null && now > 5) { video.pause(); done([window.commits - from.commits, now - from.now]); }
                    else video.requestVideoFrameCallback(look);
                  };
                  video.requestVideoFrameCallback(look);
                })
                """);
        List<?> both = (List<?>) counted;
        double commits = ((Number) both.get(0)).doubleValue();
        double seconds = ((Number) both.get(1)).doubleValue();
        System.out.printf("rendered while playing, %s: %.1f times a second%n", step, commits / seconds);
        assertThat(((Number) page.evaluate("() => window.commits")).intValue())
                .as("the page was rendered at all")
                .isPositive();
        assertThat(commits / seconds).isLessThanOrEqualTo(5);
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

    /** A new version of the scene repainted every word and shadow of the cue, even unchanged ones. */
    @Test
    void wordsThatLookAsBeforeKeepTheirShapes() throws Exception {
        context.addInitScript(
                "window.made = 0; const Canvas = window.OffscreenCanvas;"
                        + "window.OffscreenCanvas = class extends Canvas { constructor(w, h) { super(w, h); window.made++; } };");
        String clipId = bringInMinute(draft().words());
        inStyle(clipId, "Mallet");
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

    /** How many pictures a word needs is its style's; a new clip has the one that another test took last. */
    private void inStyle(String clipId, String style) throws Exception {
        var head = track(clipId).path("head");
        if (!head.path("style").asString().equals(style)) {
            changing(clipId, () -> page.request()
                    .post(
                            server.url() + "/api/clips/" + clipId + "/track/edits",
                            com.microsoft.playwright.options.RequestOptions.create()
                                    .setHeader("Content-Type", "application/json")
                                    .setData("{\"version\":"
                                            + head.path("version").asLong()
                                            + ",\"edit\":{\"kind\":\"restyle\",\"style\":\"" + style + "\"}}")));
        }
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
        page.getByLabel("Key of “Split the cue before the word, or at the playhead”: B")
                .click();
        page.keyboard().press("Control+t");
        assertThat(page.getByText("belongs to the browser")).isVisible();
        page.keyboard().press("n");
        assertThat(page.getByText("N is already")).isVisible();
        page.keyboard().press("Shift+z");
        page.keyboard().press("Escape");
        page.locator("[data-word]").nth(1).click();
        int count = cues(clipId).size();
        changing(clipId, () -> page.keyboard().press("Shift+z"));
        assertThat(cues(clipId)).hasSize(count + 1);
        page.reload();
        page.locator("[data-word]").first().waitFor();
        page.keyboard().press("?");
        assertThat(page.getByLabel("Key of “Split the cue before the word, or at the playhead”: Shift Z"))
                .isVisible();
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
