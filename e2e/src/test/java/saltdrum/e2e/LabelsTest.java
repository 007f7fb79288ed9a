package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** No label is cut off in a window of 1280 × 800. Names that people give to clips and files may be. */
class LabelsTest extends OnTheBench {
    private static final String CUT_OFF =
            """
            () => [...document.querySelectorAll('body *')]
              .filter((e) => e.checkVisibility({ visibilityProperty: true }) && !e.closest('h1')
                && !e.matches('input, textarea, select, canvas, video, svg, svg *'))
              .filter((e) => [...e.childNodes].some((n) => n.nodeType === Node.TEXT_NODE && n.textContent.trim()))
              .filter((e) => {
                for (let box = e; box && box !== document.body; box = box.parentElement) {
                  const { overflowX } = getComputedStyle(box);
                  if (overflowX === 'visible') continue;
                  return overflowX !== 'auto' && overflowX !== 'scroll' && box.scrollWidth > box.clientWidth + 1;
                }
                return false;
              })
              .map((e) => e.textContent.trim())
            """;

    private final List<String> cut = new ArrayList<>();

    @SuppressWarnings("unchecked")
    private void look(String where) {
        page.evaluate(
                "document.querySelectorAll('aside [aria-expanded=false]:not([aria-haspopup])').forEach((e) => e.click())");
        page.waitForTimeout(600);
        ((List<String>) page.evaluate(CUT_OFF)).forEach(label -> cut.add(where + ": " + label));
        if (Boolean.TRUE.equals(page.evaluate(
                "[...document.querySelectorAll('aside')].some((e) => e.scrollWidth > e.clientWidth + 1)"))) {
            cut.add(where + ": the drawer's contents are wider than it");
        }
    }

    @Test
    void everyLabelOfEveryViewIsWhole() throws Exception {
        String clipId = withWords("three-coats", "Three coats.mp4");
        for (String step : List.of("words", "breaks", "frame", "style", "check", "render")) {
            page.navigate(server.url() + "/clips/" + clipId + "/" + step);
            page.locator("[data-word]").first().waitFor();
            look(step);
            word("thin").click();
            look(step + ", a word");
            page.getByLabel("Cue at 0:04.7: select it").click();
            look(step + ", a cue");
        }
        for (String path : List.of("/", "/orders", "/orders/new?clips=" + clipId, "/workshop", "/people")) {
            page.navigate(server.url() + path);
            page.waitForTimeout(500);
            look(path);
        }
        assertThat(cut).isEmpty();
        page.navigate(server.url() + "/clips/" + clipId + "/style");
        page.locator("[data-style]").first().waitFor();
        page.addStyleTag(new Page.AddStyleTagOptions()
                .setContent("[data-style] span { width: 20px; overflow: hidden; white-space: nowrap }"));
        look("a label that is cut off on purpose");
        assertThat(cut).isNotEmpty();
    }
}
