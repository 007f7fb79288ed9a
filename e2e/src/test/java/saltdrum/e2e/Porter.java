package saltdrum.e2e;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Brings clips and orders words and renders of them, and remembers what the server said it has. */
final class Porter {
    private static final int MOST_JOBS = 12;
    private static final int MOST_CLIPS = 60;

    private final RunningServer server;
    private final List<String> clips = new ArrayList<>();
    private final List<String> jobs = new ArrayList<>();

    Porter(RunningServer server) {
        this.server = server;
    }

    void bring() throws IOException {
        if (clips().size() >= MOST_CLIPS) {
            RunningServer.pause(300);
            return;
        }
        Path file = Demo.clip("tide-pool");
        String id = server.put("/api/clips?name=brought.mp4", file).path("id").asString();
        synchronized (clips) {
            clips.add(id);
        }
        RunningServer.pause(200);
    }

    /** A render and getting words, by turns, of the clip that came last. */
    void order() throws IOException {
        List<String> there = clips();
        if (there.isEmpty() || jobs().size() >= MOST_JOBS) {
            RunningServer.pause(300);
            return;
        }
        String clip = "/api/clips/" + there.get(there.size() - 1);
        String body = jobs().size() % 3 == 2
                ? server.post(clip + "/words", "{\"language\":\"en\",\"script\":\"" + script() + "\"}")
                        .path("id")
                        .asString()
                : server.post(clip + "/renders", "{\"how\":{\"preset\":\"veryfast\",\"crf\":23}}")
                        .path("id")
                        .asString();
        synchronized (jobs) {
            jobs.add(body);
        }
        RunningServer.pause(700);
    }

    private static String script() throws IOException {
        return Demo.script("tide-pool").replace("\n", "\\n").replace("\"", "\\\"");
    }

    List<String> clips() {
        synchronized (clips) {
            return List.copyOf(clips);
        }
    }

    List<String> jobs() {
        synchronized (jobs) {
            return List.copyOf(jobs);
        }
    }
}
