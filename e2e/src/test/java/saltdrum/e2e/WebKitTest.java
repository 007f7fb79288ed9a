package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import saltdrum.server.SmallClips;

/** The product in Safari's engine: `./salt-drum test engines`, which installs it. */
@EnabledIfSystemProperty(named = "engines", matches = "true")
class WebKitTest {
    private static final String FAULT = "document.body.innerText.includes('met a fault')";
    private static final String PICTURE = "document.querySelector('video')?.readyState >= 2";

    /** It opened with “This page met a fault … Can't find variable: requestIdleCallback”. */
    @Test
    void benchReviewAndFilmAreThere() throws Exception {
        RunningServer server = RunningServer.shared();
        String clip = server.bring(SmallClips.whole("three-coats"), "coats.mp4");
        server.caption(clip, Demo.CLIPS.resolve("three-coats.words.json"));
        String job = server.post("/api/clips/" + clip + "/renders", "{\"how\":{\"preset\":\"ultrafast\",\"crf\":30}}")
                .path("id")
                .asString();
        String review = server.post("/api/clips/" + clip + "/reviews", "{\"days\":1,\"note\":\"\"}")
                .path("path")
                .asString();
        try (WebKit browser = new WebKit()) {
            browser.open(server.url() + "/clips/" + clip + "/words");
            browser.await("the words", "document.querySelectorAll('[data-word]').length > 30");
            browser.await("the picture", PICTURE);
            browser.click("[data-word]:nth-of-type(3)");
            browser.await(
                    "captions on the stage",
                    """
                    (() => { const c = document.querySelector('[data-testid=captions]');
                      const d = c.getContext('2d').getImageData(0, 0, c.width, c.height).data;
                      let ink = 0; for (let i = 3; i < d.length; i += 4) ink += d[i] > 200; return ink > 500; })()
                    """);
            for (String step : new String[] {"breaks", "frame", "style", "check", "render"}) {
                browser.open(server.url() + "/clips/" + clip + "/" + step);
                browser.await("the step " + step, "document.querySelectorAll('[data-word]').length > 30");
                browser.await("the picture at " + step, PICTURE);
                assertThat(browser.run("return " + FAULT).asBoolean()).as(step).isFalse();
            }
            assertThat(server.awaitEnd(job).path("state").asString()).isEqualTo("DONE");
            browser.open(server.url() + review);
            browser.await("the review's picture", PICTURE);
            assertThat(browser.run("return " + FAULT).asBoolean()).isFalse();
            // The film as it comes out, in a page of nothing else.
            browser.open(server.url() + "/api/jobs/" + job + "/video");
            browser.await("the film", PICTURE);
        }
    }
}
