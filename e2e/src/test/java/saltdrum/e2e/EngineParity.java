package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * The canvas of an engine whose rasteriser is of another make or age than the burn's: it cuts curves into other lines, so that
 * pixels of an edge are covered by more or less. Everything else is the same; see docs/decisions/0044-every-engine.md.
 */
abstract class EngineParity extends PainterParity {
    /** Of a picture's pixels: thin gaps between two edges, and the rim of a cut shadow in Firefox (up to 9 of 255). */
    private static final double MOST_BEYOND_EDGES = 0.003;

    private static final double LEAST_SIMILARITY = 0.997;

    private Engine browser;

    abstract Engine begin() throws Exception;

    @Override
    ScriptedPage open(String url) throws Exception {
        browser = begin();
        browser.open(url);
        return browser;
    }

    @Override
    void check(Likeness likeness, Tolerance tolerance) {
        assertThat(likeness.beyond()).as(likeness.what()).allMatch(share -> share <= MOST_BEYOND_EDGES);
        assertThat(likeness.similarities()).as(likeness.what()).allMatch(ssim -> ssim >= LEAST_SIMILARITY);
    }

    @Override
    void leave() throws Exception {
        browser.close();
    }
}
