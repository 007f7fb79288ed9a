package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import saltdrum.server.Patience;
import saltdrum.server.SmallClips;
import tools.jackson.databind.JsonNode;

/** The product in another browser than Chromium. With {@code ./salt-drum test engines} the whole job, else whether all is there. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class InAnEngine {
    private static final String FAULT = "document.body.innerText.includes('met a fault')";
    private static final String PICTURE = "document.querySelector('video')?.readyState >= 2";
    private static final String WORDS = "document.querySelectorAll('[data-word]').length > 30";
    private static final String INK =
            """
            (() => { const c = document.querySelector('[data-testid=captions]');
              if (!c) return 0;
              const d = c.getContext('2d').getImageData(0, 0, c.width, c.height).data;
              let ink = 0; for (let i = 3; i < d.length; i += 4) ink += d[i] > 200; return ink; })()
            """;

    /** Calls that are no GET and change nothing. */
    private static final String ASKS = ".*/(track/(preview|places)|attempt|presence/\\w+|plan|estimates|guess)(\\?.*)?";

    private RunningServer server;
    private Engine browser;

    abstract Engine begin() throws Exception;

    @BeforeAll
    void open() throws Exception {
        server = RunningServer.shared();
        browser = begin();
    }

    @AfterAll
    void close() throws Exception {
        if (browser != null) {
            browser.close();
        }
    }

    private void noFault(String where) throws Exception {
        assertThat(browser.run("return " + FAULT).asBoolean()).as(where).isFalse();
    }

    /** In WebKit it opened with “This page met a fault … Can't find variable: requestIdleCallback”. */
    @Test
    void benchReviewAndFilmAreThere() throws Exception {
        String clip = server.bring(SmallClips.whole("three-coats"), "coats.mp4");
        server.caption(clip, Demo.CLIPS.resolve("three-coats.words.json"));
        String job = server.post("/api/clips/" + clip + "/renders", "{\"how\":{\"preset\":\"ultrafast\",\"crf\":30}}")
                .path("id")
                .asString();
        String review = server.post("/api/clips/" + clip + "/reviews", "{\"days\":1,\"note\":\"\"}")
                .path("path")
                .asString();
        browser.open(server.url() + "/clips/" + clip + "/words");
        browser.await("the words", WORDS);
        browser.await("the picture", PICTURE);
        browser.click(Engine.the("[data-word]:nth-of-type(3)"));
        browser.await("captions on the stage", INK + " > 500");
        for (String step : new String[] {"breaks", "frame", "style", "check", "render"}) {
            browser.open(server.url() + "/clips/" + clip + "/" + step);
            browser.await("the step " + step, WORDS);
            browser.await("the picture at " + step, PICTURE);
            noFault(step);
        }
        assertThat(server.awaitEnd(job).path("state").asString()).isEqualTo("DONE");
        browser.open(server.url() + review);
        browser.await("the review's picture", PICTURE);
        noFault("review");
        // The film as it comes out, in a page of nothing else.
        browser.open(server.url() + "/api/jobs/" + job + "/video");
        browser.await("the film", PICTURE);
    }

    @Test
    @EnabledIfSystemProperty(named = "engines", matches = "true")
    void aClipIsBroughtInTimedCorrectedStyledAndBurned() throws Exception {
        Path source = SmallClips.beginning("three-coats", 9.3);
        Path named = Files.createTempDirectory("clips").resolve("Three “coats” été & more.mp4");
        Files.copy(source, named);
        browser.open(server.url());
        browser.await("the chooser", Engine.the("[data-testid=chooser]"));
        browser.chooseFile("[data-testid=chooser]", named);
        browser.await("the bench", "location.pathname.endsWith('/words')");
        String clip = browser.run("return location.pathname.split('/')[2]").asString();
        List<String> spoken = Demo.truth("three-coats").toWords().stream()
                .filter(word -> word.endMs() < 9100)
                .map(word -> word.text())
                .toList();
        browser.click(
                "[...document.querySelectorAll('textarea')].find((e) => e.labels[0]?.textContent.includes('What is said'))");
        browser.type(String.join(" ", spoken));
        browser.click(Engine.the("button", "Place on the voice"));
        browser.await("words", "document.querySelectorAll('[data-word]').length === " + spoken.size());

        browser.click(Engine.the("[data-word]", "Three"));
        browser.await("the word is lit", Engine.the("[data-word]", "Three") + "?.dataset.lit === 'true'");
        browser.await("captions on the stage", INK + " > 500");
        int plain = browser.run("return " + INK).asInt();
        changing(clip, () -> browser.press("e"));
        browser.await("emphasis on the stage", INK + " !== " + plain);

        // Words light up one after the other while it plays.
        browser.press(Engine.HOME);
        browser.press(" ");
        browser.await("some second", "document.querySelector('video').currentTime > 2");
        browser.await("a word is lit", Engine.the("[data-lit]"));
        browser.press(" ");
        browser.await("it rests", "document.querySelector('video').paused");

        List<String> before = server.cues(clip);
        browser.click(Engine.the("[data-word]", "Three"));
        browser.press(Engine.ENTER);
        browser.await("a field", "document.activeElement?.matches('textarea, input, [contenteditable]')");
        browser.press(Engine.CONTROL, "a");
        browser.type("Three more coats,");
        changing(clip, () -> browser.press(Engine.ENTER));
        assertThat(server.cues(clip)).contains("Three more coats,");
        browser.click(Engine.the("[data-word]", "coats,"));
        changing(clip, () -> browser.press("b"));
        assertThat(server.cues(clip)).contains("Three more", "coats,");
        for (int i = 0; i < 2; i++) {
            changing(clip, () -> browser.press(Engine.CONTROL, "z"));
        }
        assertThat(server.cues(clip)).isEqualTo(before);

        browser.click(Engine.the("a", "Breaks"));
        changing(clip, () -> browser.click(Engine.the("[role=radio]", "one word…")));
        assertThat(server.cues(clip)).hasSize(spoken.size());
        changing(clip, () -> browser.click(Engine.the("[role=radio]", "two lines…")));
        browser.click(Engine.the("a", "Style"));
        changing(clip, () -> browser.click(Engine.the("[data-style=Lantern]")));

        browser.click(Engine.the("a", "Render"));
        browser.click(Engine.the("button", "Render"));
        String download = Engine.the("a[aria-label^=Download]");
        browser.await("the film", download);
        browser.await("the film's picture", "document.querySelector('aside video')?.readyState >= 2");
        JsonNode head = browser.run("const r = await fetch(" + download + ".href, { method: 'HEAD' });"
                + " return { status: r.status, name: r.headers.get('Content-Disposition') }");
        assertThat(head.path("status").asInt()).isEqualTo(200);
        assertThat(head.path("name").asString()).startsWith("attachment").contains("Lantern.mp4");
        noFault("the end");
    }

    /** The walk of {@link KeyboardTest} by pointer, in short: what was clicked gives the keyboard back here too. */
    @Test
    @EnabledIfSystemProperty(named = "engines", matches = "true")
    void afterAClickOnAnyControlSpacePlays() throws Exception {
        String clip = server.bring(SmallClips.whole("three-coats"), "walked.mp4");
        server.caption(clip, Demo.CLIPS.resolve("three-coats.words.json"));
        List<String> faults = new ArrayList<>();
        Set<String> tried = new HashSet<>();
        for (String step : new String[] {"words", "breaks", "frame", "style", "check", "render"}) {
            String address = server.url() + "/clips/" + clip + "/" + step;
            beginWalk(address);
            for (JsonNode one : browser.run("return walk.kinds()")) {
                String kind = one.asString();
                if (!tried.add(kind)) {
                    continue;
                }
                JsonNode at = browser.run("return await walk.at(" + Engine.JSON.writeValueAsString(kind) + ")");
                if (!at.isArray()) {
                    continue;
                }
                browser.clickAt(at.path(0).asInt(), at.path(1).asInt());
                pause(120);
                for (int i = 0; i < 4 && is("walk.open() || walk.typing()"); i++) {
                    browser.press(Engine.ESCAPE);
                    pause(60);
                }
                if (!browser.run("return location.href").asString().equals(address)) {
                    beginWalk(address);
                    continue;
                }
                String holder = browser.run("return walk.holder()").asString();
                if (!holder.isEmpty()) {
                    faults.add(step + ", " + kind + ": the keyboard stays with " + holder);
                }
                browser.run("document.querySelector('video').pause()");
                browser.press(" ");
                if (!is("await walk.plays()")) {
                    faults.add(step + ", " + kind + ": Space does not play");
                }
            }
        }
        assertThat(faults).isEmpty();
        assertThat(tried).hasSizeGreaterThan(100);
    }

    private boolean is(String expression) throws Exception {
        return browser.run("return !!(" + expression + ")").asBoolean();
    }

    private static void pause(int ms) throws InterruptedException {
        Thread.sleep(ms);
    }

    /** What changes something is refused, so that the walk goes on in the same clip. */
    private void beginWalk(String address) throws Exception {
        browser.open(address);
        browser.await("the words", WORDS);
        browser.await("the picture", PICTURE);
        browser.run("(" + ControlWalk.SCRIPT + ")(); walk.unfold();");
        browser.run(
                """
                const send = window.fetch;
                window.fetch = (to, how) => {
                  const url = to.url ?? to;
                  const reads = (how?.method ?? to.method ?? 'GET') === 'GET';
                  return reads || new RegExp(%s).test(url) ? send(to, how)
                    : Promise.resolve(Response.json({ detail: 'Refused by the walk.' }, { status: 409 }));
                };
                window.onbeforeunload = null;
                """
                        .formatted(Engine.JSON.writeValueAsString(ASKS)));
        pause(400);
    }

    private interface Hand {
        void move() throws Exception;
    }

    private void changing(String clip, Hand hand) throws Exception {
        long version = server.track(clip).path("head").path("version").asLong();
        hand.move();
        Patience.await("a version after " + version)
                .until(() -> server.track(clip).path("head").path("version").asLong() > version);
        browser.await("the page has it", "document.body.innerText.includes('Saved')");
    }
}
