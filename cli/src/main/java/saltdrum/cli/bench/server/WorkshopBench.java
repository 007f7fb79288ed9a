package saltdrum.cli.bench.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import saltdrum.cli.bench.measure.BenchClips;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.cli.bench.measure.InterruptibleWait;
import saltdrum.core.SaltDrumException;
import tools.jackson.databind.JsonNode;

/** Load of a large team: searches over 200 clips of 150 words, and 20 designers editing at once. Over HTTP. */
public final class WorkshopBench {
    private static final int CLIPS = 200;
    private static final int WORDS = 150;
    private static final int SEARCHES = 120;
    private static final int DESIGNERS = 20;
    private static final int EDITS = 16;
    /** Pause between two edits of one person. */
    private static final int THINKING_MS = 2500;
    /** A server that has just started is not what designers work at. */
    private static final int WARM = 60;

    private static final String[] SAID = {
        "row", "home", "at", "slack", "tide", "and", "oil", "every", "oarlock", "twice"
    };

    private final ServerCalls server;
    private final BenchReport report;

    private WorkshopBench(ServerCalls server, BenchReport report) {
        this.server = server;
        this.report = report;
    }

    public static void run(BenchReport report) throws IOException {
        new WorkshopBench(ServerCalls.own("workshop"), report).all();
    }

    private void all() throws IOException {
        List<String> clips = fill();
        list(clips);
        // The same once before, for the machine to know its way.
        edit(clips.subList(DESIGNERS, 2 * DESIGNERS), "edit, the first");
        edit(clips.subList(0, DESIGNERS), "edit");
    }

    private List<String> fill() throws IOException {
        String id = server.put("/api/clips?name=shelf.mp4", BenchClips.demo("tide-pool.mp4"))
                .path("id")
                .asString();
        server.put("/api/clips/" + id + "/captions?name=shelf.srt", srt());
        List<String> clips = new ArrayList<>(List.of(id));
        while (clips.size() < CLIPS) {
            clips.add(server.post("/api/clips/" + id + "/copy").path("id").asString());
        }
        return clips;
    }

    private static String srt() {
        StringBuilder srt = new StringBuilder();
        for (int cue = 0; cue < WORDS / 5; cue++) {
            List<String> words = new ArrayList<>();
            for (int i = 0; i < 5; i++) {
                words.add(SAID[(cue * 5 + i) % SAID.length]);
            }
            srt.append(String.format(
                    Locale.ROOT,
                    "%d%n00:00:%02d,%03d --> 00:00:%02d,%03d%n%s%n%n",
                    cue + 1,
                    cue / 2,
                    cue % 2 * 500,
                    cue / 2,
                    cue % 2 * 500 + 480,
                    String.join(" ", words)));
        }
        return srt.toString();
    }

    private void list(List<String> clips) throws IOException {
        double[] whole = new double[SEARCHES];
        double[] searched = new double[SEARCHES];
        String[] asked = {"oarlock", "slack+tide", "shelf", "nothing-said", "oil+every"};
        for (int i = 0; i < WARM; i++) {
            server.get("/api/clips?q=" + asked[i % asked.length]);
        }
        for (int i = 0; i < SEARCHES; i++) {
            whole[i] = ms(() -> server.get("/api/clips"));
            String q = asked[i % asked.length];
            searched[i] = ms(() -> server.get("/api/clips?q=" + q));
        }
        String about = clips.size() + " clips of " + WORDS + " words; " + SEARCHES + " times";
        report.line("list of clips, p95", BenchReport.quantile(whole, 0.95), "ms", "<= 100", about);
        report.line("search, p95", BenchReport.quantile(searched, 0.95), "ms", "<= 100", about);
    }

    private void edit(List<String> clips, String name) {
        List<Double> all = Collections.synchronizedList(new ArrayList<>());
        List<Thread> hands =
                clips.stream().map(clip -> new Thread(() -> handOf(clip, all))).toList();
        hands.forEach(Thread::start);
        hands.forEach(InterruptibleWait::join);
        double[] times = all.stream().mapToDouble(Double::doubleValue).toArray();
        if (times.length < DESIGNERS * EDITS) {
            throw new SaltDrumException("Only " + times.length + " edits were taken; see the server's log.");
        }
        String about =
                DESIGNERS + " designers, an edit each " + THINKING_MS + " ms and its scene; " + times.length + " edits";
        report.line(name + ", median", BenchReport.quantile(times, 0.5), "ms", "", about);
        report.line(name + ", p95", BenchReport.quantile(times, 0.95), "ms", "<= 100", about);
    }

    private void handOf(String clip, List<Double> times) {
        try {
            hand(clip, times);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void hand(String clip, List<Double> times) throws IOException {
        String track = "/api/clips/" + clip + "/track";
        JsonNode now = server.get(track);
        long version = now.path("head").path("version").asLong();
        JsonNode cues = now.path("cues");
        Random random = new Random(clip.hashCode());
        String scene = "";
        pause(random);
        for (int i = 0; i < EDITS; i++) {
            long cue = cues.path(i % cues.size()).path("id").asLong();
            String edit = "{\"version\":" + version + ",\"edit\":{\"kind\":\"retypeCue\",\"cueId\":" + cue
                    + ",\"text\":\"row home at tide " + i + "\"}}";
            JsonNode[] answer = {null};
            times.add(ms(() -> answer[0] = server.post(track + "/edits", edit)));
            version = answer[0].path("head").path("version").asLong();
            scene = server.get("/api/clips/" + clip + "/scene?since=" + scene)
                    .path("tag")
                    .asString();
            pause(random);
        }
    }

    /** Random jitter, so that people are not in step. */
    private static void pause(Random random) {
        InterruptibleWait.pause(THINKING_MS / 2 + random.nextInt(THINKING_MS));
    }

    private interface Work {
        public void run() throws IOException;
    }

    private static double ms(Work work) throws IOException {
        long begun = System.nanoTime();
        work.run();
        return (System.nanoTime() - begun) / 1e6;
    }
}
