package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import saltdrum.core.cue.CueTime;
import saltdrum.core.word.Word;
import saltdrum.server.Patience;
import tools.jackson.databind.JsonNode;

/** A minute's clip proof-read, broken and timed in the score, with real keys and a real mouse. */
class RoughDraftTest extends MinuteClip {
    @Test
    void aRoughDraftIsCorrectedBrokenTimedUndoneAndDoneAgain() throws Exception {
        List<Word> truth = truth();
        Draft draft = draft();
        assertThat(draft.loose()).hasSizeBetween(10, truth.size() / 2);
        String clipId = bringInMinute(draft.words());
        List<Heard> drafted = heard(clipId);

        Set<Integer> moved = correctByKeys(clipId, truth);
        List<Heard> corrected = heard(clipId);
        assertThat(corrected)
                .extracting(Heard::text)
                .isEqualTo(truth.stream().map(Word::text).toList());
        for (int i = 0; i < truth.size(); i++) {
            if (!draft.loose().contains(i) && !moved.contains(i)) {
                assertThat(corrected.get(i).startMs())
                        .as(corrected.get(i).text())
                        .isEqualTo(truth.get(i).startMs());
                assertThat(corrected.get(i).endMs())
                        .as(corrected.get(i).text())
                        .isEqualTo(truth.get(i).endMs());
            }
        }

        page.keyboard().press("2");
        changing(clipId, () -> recipe("One word"));
        assertThat(track(clipId).path("cues")).allMatch(cue -> cue.path("words").size() == 1 || tooShort(cue));
        assertThat(heard(clipId)).isEqualTo(corrected);
        changing(clipId, () -> recipe("Phrase"));
        assertThat(heard(clipId)).isEqualTo(corrected);

        List<Heard> dragged = corrected;
        for (int turn = 0; turn < 3; turn++) {
            dragged = dragAnEdge(clipId, dragged, 4 + 7 * turn, turn % 2 == 0 ? 14 : -11);
        }
        Heard typed = dragged.get(2);
        scrollTo(typed.id());
        page.locator("[data-word='" + typed.id() + "']").click();
        changing(clipId, () -> {
            page.getByLabel("Start of " + typed.text(), new Page.GetByLabelOptions().setExact(true))
                    .last()
                    .fill("0." + (typed.startMs() + 13));
            page.keyboard().press("Enter");
        });
        assertThat(heard(clipId).get(2).startMs()).isEqualTo(typed.startMs() + 13);

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
        Locator steppedBack = page.getByText(Pattern.compile("(Import|Recognise) \\d+ (words|cues)"))
                .last();
        changing(clipId, steppedBack::click);
        assertThat(heard(clipId)).isEqualTo(drafted);
    }

    /**
     * Goes from cue to cue and types the truth where the draft differs; the mouse stays on the table.
     *
     * @return indexes of words whose times the draft cannot know, because a cue of it begins within a word
     */
    private Set<Integer> correctByKeys(String clipId, List<Word> truth) throws Exception {
        List<List<Integer>> wanted = new ArrayList<>();
        Set<Integer> moved = new HashSet<>();
        JsonNode cues = track(clipId).path("cues");
        int at = 0;
        for (int c = 0; c < cues.size(); c++) {
            int until = c + 1 < cues.size()
                    ? cues.get(c + 1).path("words").get(0).path("startMs").asInt()
                    : Integer.MAX_VALUE;
            wanted.add(new ArrayList<>());
            while (at < truth.size() && truth.get(at).startMs() < until) {
                wanted.get(c).add(at++);
            }
            if (at > 0 && until < truth.get(at - 1).endMs()) {
                moved.add(at - 1);
            }
            for (int i = c; wanted.get(i).isEmpty(); i--) {
                List<Integer> before = wanted.get(i - 1);
                int index = before.remove(before.size() - 1);
                wanted.get(i).add(index);
                moved.add(index);
            }
        }
        List<String> drafted = cues(clipId);
        page.keyboard().press("Escape");
        page.keyboard().press("Home");
        for (int c = 0; c < wanted.size(); c++) {
            page.keyboard().press("ArrowDown");
            String text =
                    wanted.get(c).stream().map(index -> truth.get(index).text()).collect(Collectors.joining(" "));
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
        return moved;
    }

    /** Whether one of its words is too short to be seen alone. */
    private static boolean tooShort(JsonNode cue) {
        return cue.path("words")
                .valueStream()
                .anyMatch(word ->
                        word.path("endMs").asInt() - word.path("startMs").asInt() < CueTime.GLANCE_MS);
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
        scrollTo(word.id());
        page.locator("[data-word='" + word.id() + "']").click();
        if (page.locator("[data-edge='" + word.id() + "-end']").count() == 0) {
            page.keyboard().press("t");
        }
        Locator edge = page.locator("[data-edge='" + word.id() + "-end']");
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
        boolean touches = before.get(index + 1).startMs() == word.endMs();
        for (int i = 0; i < before.size(); i++) {
            if (i == index) {
                assertThat(after.get(i).startMs()).isEqualTo(word.startMs());
                assertThat(after.get(i).endMs() - word.endMs()).isNotZero();
                assertThat(Integer.signum(after.get(i).endMs() - word.endMs())).isEqualTo(Integer.signum(pixels));
            } else if (i == index + 1 && touches) {
                assertThat(after.get(i).startMs()).isEqualTo(after.get(index).endMs());
                assertThat(after.get(i).endMs()).isEqualTo(before.get(i).endMs());
            } else {
                assertThat(after.get(i)).isEqualTo(before.get(i));
            }
        }
        assertThat(lens.width).isGreaterThan(300);
        return after;
    }

    /** As with a wheel: from the top down, until the word is there. */
    private void scrollTo(long wordId) {
        Locator word = page.locator("[data-word='" + wordId + "']");
        Locator score = page.locator(".overflow-y-auto[aria-label='Score']");
        score.evaluate("score => score.scrollTop = 0");
        Patience.await("the word in the score").until(() -> {
            if (word.count() > 0) {
                return true;
            }
            score.evaluate("score => score.scrollBy(0, 250)");
            return false;
        });
        word.scrollIntoViewIfNeeded();
    }
}
