package saltdrum.e2e;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import saltdrum.server.SmallClips;
import tools.jackson.databind.JsonNode;

/** Brings clips and orders words and films of them, and remembers what the server said it has. */
final class Porter {
    private static final int MOST_JOBS = 24;
    private static final int MOST_CLIPS = 60;

    private final RunningServer server;
    private final List<String> clips = new ArrayList<>();
    private final List<String> jobs = new ArrayList<>();
    private final List<String> orders = new ArrayList<>();
    private int turns;

    Porter(RunningServer server) {
        this.server = server;
    }

    void bring() throws IOException {
        if (clips().size() >= MOST_CLIPS) {
            RunningServer.pause(300);
            return;
        }
        String id = server.bring(footage(), "brought.mp4");
        synchronized (clips) {
            clips.add(id);
        }
        RunningServer.pause(200);
    }

    static Path footage() throws IOException {
        return SmallClips.whole("tide-pool");
    }

    /** An order of three files, of the first clip. */
    void orderOnce() throws IOException {
        if (clips().isEmpty()) {
            bring();
        }
        turns = 0;
        order();
    }

    /** By turns: an order of three files, the same after one word was changed, and getting words of the clip that came last. */
    void order() throws IOException {
        List<String> there = clips();
        if (there.isEmpty() || jobs().size() >= MOST_JOBS) {
            RunningServer.pause(300);
            return;
        }
        int turn = turns++;
        List<String> made = new ArrayList<>();
        if (turn % 3 == 2) {
            String clip = "/api/clips/" + there.get(there.size() - 1);
            made.add(server.post(clip + "/words", "{\"language\":\"en\",\"script\":\"" + script() + "\"}")
                    .path("id")
                    .asString());
        } else {
            String clip = there.get(0);
            caption(clip, turn % 2 == 0 ? "under this stone" : "over this stone");
            JsonNode order = server.post(
                    "/api/orders",
                    "{\"clips\":[\"" + clip + "\"],\"outputs\":[\"BURNED\",\"STILL\"],\"sidecars\":[\"SRT\"],"
                            + "\"how\":{\"preset\":\"veryfast\",\"crf\":23}}");
            order.path("lines").forEach(line -> made.add(line.path("id").asString()));
            synchronized (orders) {
                orders.add(order.path("order").path("id").asString());
            }
        }
        synchronized (jobs) {
            jobs.addAll(made);
        }
        RunningServer.pause(700);
    }

    private void caption(String clip, String text) throws IOException {
        server.caption(
                clip,
                "1\n00:00:00,500 --> 00:00:02,000\nLook closely\n\n2\n00:00:05,000 --> 00:00:07,000\n" + text + "\n");
    }

    private static String script() throws IOException {
        return Demo.script("tide-pool").replace("\n", "\\n").replace("\"", "\\\"");
    }

    List<String> clips() {
        synchronized (clips) {
            return List.copyOf(clips);
        }
    }

    List<String> orders() {
        synchronized (orders) {
            return List.copyOf(orders);
        }
    }

    List<String> jobs() {
        synchronized (jobs) {
            return List.copyOf(jobs);
        }
    }
}
