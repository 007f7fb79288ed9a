package saltdrum.cli.bench.server;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import saltdrum.cli.bench.measure.BenchClips;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.core.format.words.WordsFile;
import saltdrum.core.word.Word;
import tools.jackson.databind.JsonNode;

/** One edit, request to answer, on a temporary clip. Needs a running server. */
final class RoundTrip {
    private static final int ROUNDS = 120;
    private static final int WARM_UP = 40;

    private final ServerCalls server;

    private RoundTrip(ServerCalls server) {
        this.server = server;
    }

    static void run(BenchReport report) throws IOException {
        String port = System.getenv().getOrDefault("SALT_DRUM_PORT", "7311");
        RoundTrip trip = new RoundTrip(new ServerCalls("http://127.0.0.1:" + port));
        try {
            trip.server.get("/api/recipes");
        } catch (IOException e) {
            report.line("edit, request to answer", Double.NaN, "ms", "-", "not measured: start the server first");
            return;
        }
        JsonNode clip = trip.server.put("/api/clips?name=Benchmark.mp4", BenchClips.demo("three-coats.mp4"));
        String path = "/api/clips/" + clip.path("id").asString();
        try {
            for (int words : new int[] {600, 6000}) {
                trip.measure(report, path, words);
            }
        } finally {
            trip.server.delete(path);
        }
    }

    private void measure(BenchReport report, String path, int words) throws IOException {
        server.put(path + "/captions?name=words.json", squeezed(words));
        // A clip that is new has the style that was taken last.
        long first = server.get(path + "/track").path("head").path("version").asLong();
        server.post(
                path + "/track/edits",
                "{\"version\":" + first + ",\"edit\":{\"kind\":\"restyle\",\"style\":\"Mallet\"}}");
        JsonNode track = server.get(path + "/track");
        long version = track.path("head").path("version").asLong();
        List<JsonNode> cues = new ArrayList<>();
        track.path("cues").forEach(cues::add);
        String scene = server.get(path + "/scene").path("tag").asString();
        double[] ms = new double[ROUNDS];
        double[] pictureMs = new double[ROUNDS];
        for (int i = 0; i < WARM_UP + ROUNDS; i++) {
            JsonNode cue = cues.get(i * 7 % cues.size());
            String word = cue.path("words").path(0).path("id").asString();
            String edit = "{\"version\":" + version + ",\"edit\":{\"kind\":\"setEmphasis\",\"wordIds\":[" + word
                    + "],\"emphasis\":" + (i % 4 + 1) + "}}";
            long start = System.nanoTime();
            JsonNode answer = server.post(path + "/track/edits", edit);
            long answered = System.nanoTime();
            scene = server.get(path + "/scene?since=" + scene).path("tag").asString();
            if (i >= WARM_UP) {
                ms[i - WARM_UP] = (answered - start) / 1e6;
                pictureMs[i - WARM_UP] = (System.nanoTime() - start) / 1e6;
            }
            version = answer.path("head").path("version").asLong();
        }
        attempts(report, path, words);
        report.line(
                "edit of " + words + " words, request to answer",
                BenchReport.quantile(ms, 0.95),
                "ms",
                words == 600 ? "<= 30" : "<= 120",
                "p95 of " + ROUNDS + ", server and database, " + cues.size() + " cues");
        report.line(
                "  and the scene that changed",
                BenchReport.quantile(pictureMs, 0.95),
                "ms",
                "<= 60",
                "p95, median " + Math.round(BenchReport.quantile(pictureMs, 0.5)) + " ms");
    }

    /** So many words in the clip's few seconds, as a words file. */
    private static String squeezed(int words) throws IOException {
        List<Word> squeezed = new ArrayList<>();
        List<Word> material = BenchClips.words(words);
        double step = 17_000.0 / words;
        for (int i = 0; i < words; i++) {
            int start = (int) (i * step);
            squeezed.add(material.get(i).withTime(start, Math.max(start + 1, (int) ((i + 1) * step))));
        }
        return WordsFile.of("en", squeezed).write();
    }

    /**
     * Simulates dragging a slider: a different style each time, and a request for the scene's second on the screen.
     */
    private void attempts(BenchReport report, String path, int words) throws IOException {
        double[] ms = new double[ROUNDS];
        for (int i = 0; i < WARM_UP + ROUNDS; i++) {
            String edit = "{\"kind\":\"changeLook\",\"look\":{\"size\":" + (90 + i * 0.25) + "}}";
            int from = i * 97 % 16_000;
            long start = System.nanoTime();
            server.post(path + "/scene/attempt?fromMs=" + from + "&toMs=" + (from + 1000), edit);
            if (i >= WARM_UP) {
                ms[i - WARM_UP] = (System.nanoTime() - start) / 1e6;
            }
        }
        report.line(
                "look tried on " + words + " words, a second of it",
                BenchReport.quantile(ms, 0.95),
                "ms",
                "<= 50",
                "p95 of " + ROUNDS + ", another size each time; the frame itself takes 8 at most");
    }
}
