package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Who has the keyboard after a click, and after Tab: every control that is in the page is tried. */
class KeyboardTest extends OnTheBench {
    private static final List<String> STEPS = List.of("words", "breaks", "frame", "style", "check", "render");
    private static final int TABS = 30;

    private final List<String> faults = new ArrayList<>();

    private void go(String path) {
        page.navigate(server.url() + path);
        page.waitForFunction("() => window.walk && walk.kinds().length > 3");
        page.evaluate("walk.unfold()");
        page.waitForTimeout(400);
    }

    private void step(String clipId, String step) {
        go("/clips/" + clipId + "/" + step);
        page.locator("[data-word]").first().waitFor();
        awaitPicture();
    }

    private boolean spacePlays(ControlWalk walk) {
        page.evaluate("document.querySelector('video').pause()");
        page.keyboard().press("Space");
        return walk.is("walk.plays()");
    }

    @Test
    void afterAClickOnAnyControlOfTheBenchSpacePlaysAndUndoUndoes() throws Exception {
        ControlWalk walk = new ControlWalk(page);
        String clipId = withWords("three-coats", "Three coats.mp4");
        // Something to undo beside the words themselves: some controls change nothing.
        for (int i = 0; i < 12; i++) {
            page.locator("[data-word]").nth(i).click();
            page.keyboard().press("e");
            page.waitForTimeout(80);
        }
        Set<String> tried = new HashSet<>();
        int clicked = 0;
        for (String step : STEPS) {
            step(clipId, step);
            String address = page.url();
            for (String kind : walk.kinds()) {
                if (!tried.add(kind)) {
                    continue;
                }
                walk.changes();
                if (!walk.click(kind)) {
                    continue;
                }
                clicked++;
                if (!page.url().startsWith(server.url() + "/clips/" + clipId)) {
                    step(clipId, step);
                    continue;
                }
                walk.closeAll();
                walk.settle();
                List<String> made = walk.changes();
                String where = step + ", " + kind;
                String holder = walk.says("walk.holder()");
                if (!holder.isEmpty()) {
                    faults.add(where + ": the keyboard stays with " + holder);
                }
                if (!spacePlays(walk)) {
                    faults.add(where + ": Space does not play");
                }
                walk.settle();
                List<String> again = walk.changes();
                List<String> all = Stream.concat(made.stream(), again.stream()).toList();
                // What a slider says is sent when it rests; an edit waits for the answer to the one before.
                if (!again.isEmpty() && all.size() > 1 && !kind.contains("range")) {
                    faults.add(where + ": Space did " + again + " after " + made);
                }
                if (all.stream().anyMatch(change -> change.endsWith("/track/edits"))) {
                    page.keyboard().press("Control+z");
                    if (!walk.sends("/track/undo")) {
                        faults.add(where + ": Ctrl Z does not undo");
                    }
                }
                if (!page.url().equals(address)) {
                    step(clipId, step);
                }
            }
        }
        assertThat(faults).isEmpty();
        assertThat(clicked).isGreaterThan(100);
    }

    @Test
    void whatIsReachedByTabIsWorkedBySpace() throws Exception {
        ControlWalk walk = new ControlWalk(page);
        String clipId = withWords("three-coats", "Three coats.mp4");
        Set<String> tried = new HashSet<>();
        for (String step : STEPS) {
            step(clipId, step);
            String address = page.url();
            for (int i = 0; i < TABS; i++) {
                page.keyboard().press("Tab");
                String kind = walk.says("walk.holds()");
                if (!walk.is("walk.isButton()") || !tried.add(kind)) {
                    continue;
                }
                page.evaluate("walk.clicks = 0");
                page.evaluate("document.querySelector('video').pause()");
                page.keyboard().press("Space");
                page.waitForTimeout(80);
                if (!walk.says("walk.clicks").equals("1")) {
                    faults.add(step + ", " + kind + ": Space clicked it " + walk.says("walk.clicks") + " times");
                }
                walk.closeAll();
                if (!page.url().equals(address)) {
                    step(clipId, step);
                }
            }
        }
        assertThat(faults).isEmpty();
        assertThat(tried).hasSizeGreaterThan(20);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/", "/orders/new", "/workshop"})
    void afterAClickOnAnyControlOfAPageNothingKeepsTheKeyboard(String path) throws Exception {
        ControlWalk walk = new ControlWalk(page);
        server.bring(saltdrum.server.SmallClips.whole("three-coats"), "Three coats.mp4");
        go(path);
        for (String kind : walk.kinds()) {
            if (!walk.click(kind)) {
                continue;
            }
            if (!page.url().equals(server.url() + path)) {
                go(path);
                continue;
            }
            walk.closeAll();
            String holder = walk.says("walk.holder()");
            if (!holder.isEmpty() && !walk.is("walk.typing()")) {
                faults.add(path + ", " + kind + ": the keyboard stays with " + holder);
            }
        }
        assertThat(faults).isEmpty();
    }
}
