package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import saltdrum.server.Patience;
import saltdrum.server.SmallClips;
import tools.jackson.databind.JsonNode;

/** Types one cue after the other, another text each time, and remembers what the server said it has. */
final class Typist {
    private final RunningServer server;
    private final String track;
    private final List<Long> cues = new ArrayList<>();
    /** By cue: the text that was acknowledged last. */
    private final Map<Long, String> last = new LinkedHashMap<>();
    /** What was sent after that and never answered: it may be there or not. */
    private final Map<Long, List<String>> unanswered = new LinkedHashMap<>();

    private int turn;
    private volatile int acknowledged;

    private Typist(RunningServer server, String track) {
        this.server = server;
        this.track = track;
    }

    static Typist at(RunningServer server) throws IOException {
        String clip = server.bring(SmallClips.shortened("tide-pool"), "typed.mp4");
        server.caption(clip, Demo.CLIPS.resolve("tide-pool.words.json"));
        Typist typist = new Typist(server, "/api/clips/" + clip + "/track");
        typist.server
                .get(typist.track)
                .path("cues")
                .forEach(cue -> typist.cues.add(cue.path("id").asLong()));
        return typist;
    }

    void type() throws IOException {
        long cue = cues.get(turn % cues.size());
        String text = "typed" + turn;
        turn++;
        String version = server.get(track).path("head").path("version").asString();
        String edit = "{\"version\":" + version + ",\"edit\":{\"kind\":\"retypeCue\",\"cueId\":" + cue + ",\"text\":\""
                + text + "\"}}";
        try {
            server.post(track + "/edits", edit);
        } catch (IOException | IllegalStateException noAnswer) {
            unanswered.computeIfAbsent(cue, key -> new ArrayList<>()).add(text);
            throw noAnswer;
        }
        synchronized (this) {
            last.put(cue, text);
        }
        unanswered.remove(cue);
        acknowledged++;
    }

    /** What was acknowledged so far, by cue. */
    synchronized Map<Long, String> remembered() {
        return Map.copyOf(last);
    }

    /** Every text that was remembered, or a later one. */
    void checkAtLeast(Map<Long, String> remembered, RunningServer elsewhere) throws IOException {
        int found = 0;
        for (JsonNode cue : elsewhere.get(track).path("cues")) {
            String then = remembered.get(cue.path("id").asLong());
            if (then != null) {
                String text = cue.path("words").path(0).path("text").asString();
                assertThat(text).as("cue typed as " + then).startsWith("typed");
                assertThat(turnOf(text)).as("cue typed as " + then).isGreaterThanOrEqualTo(turnOf(then));
                found++;
            }
        }
        assertThat(found).isEqualTo(remembered.size());
    }

    private static int turnOf(String text) {
        return Integer.parseInt(text.substring("typed".length()));
    }

    void awaitAnotherEdit() {
        int before = acknowledged;
        Patience.await("another edit").until(() -> acknowledged > before);
    }

    int acknowledged() {
        return acknowledged;
    }

    void checkAll() throws IOException {
        for (JsonNode cue : server.get(track).path("cues")) {
            long id = cue.path("id").asLong();
            if (last.containsKey(id)) {
                List<String> may = new ArrayList<>(unanswered.getOrDefault(id, List.of()));
                may.add(last.get(id));
                assertThat(cue.path("words").path(0).path("text").asString())
                        .as("cue " + id)
                        .isIn(may);
            }
        }
    }
}
