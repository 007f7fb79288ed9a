package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.stream.IntStream;
import tools.jackson.databind.json.JsonMapper;

/** Chromium's canvas, at each commit. */
class PainterParityTest extends PainterParity {
    private static final JsonMapper JSON = new JsonMapper();
    private Page page;

    @Override
    ScriptedPage open(String url) {
        page = Browser.chromium().newPage();
        page.navigate(url);
        return body -> JSON.readTree(
                (String) page.evaluate("async () => JSON.stringify(await (async () => {" + body + "})())"));
    }

    @Override
    void check(Likeness likeness, Tolerance tolerance) {
        assertThat(IntStream.range(0, likeness.differences().size())
                        .filter(i -> likeness.differences().get(i) > tolerance.difference()
                                && likeness.strays().get(i) > tolerance.strays()))
                .as(likeness.what())
                .isEmpty();
        assertThat(likeness.similarities()).as(likeness.what()).allMatch(ssim -> ssim >= tolerance.similarity());
    }

    @Override
    void leave() {
        page.close();
    }
}
