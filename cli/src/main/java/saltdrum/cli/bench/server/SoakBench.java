package saltdrum.cli.bench.server;

import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.ToDoubleFunction;
import saltdrum.cli.bench.measure.BenchClips;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.cli.bench.measure.InterruptibleWait;
import saltdrum.cli.bench.measure.MemoryReading;
import saltdrum.core.SaltDrumException;
import tools.jackson.databind.JsonNode;

/** Hours of ordinary work: edits, findings, films, uploads that break off. What the server holds must not grow with them. */
public final class SoakBench {
    private static final int READINGS = 24;
    private static final int EDITORS = 4;
    private static final int MINUTE_MS = 60_000;

    private final ServerCalls server = ServerCalls.own("soak [MINUTES]");
    private final URI address = URI.create(ServerCalls.ownUrl("soak [MINUTES]"));
    private final BenchReport report;
    private final long begun = System.nanoTime();
    private final long length;
    private final AtomicInteger calls = new AtomicInteger();
    private final List<Double> findings = Collections.synchronizedList(new ArrayList<>());
    private final Map<String, Integer> faults = new ConcurrentHashMap<>();
    private final byte[] video = Files.readAllBytes(BenchClips.demo("tide-pool.mp4"));
    private volatile boolean over;

    private SoakBench(BenchReport report, double minutes) throws IOException {
        this.report = report;
        this.length = Math.round(minutes * MINUTE_MS);
    }

    public static void run(BenchReport report, double minutes) throws IOException {
        new SoakBench(report, minutes).all();
    }

    private void all() throws IOException {
        List<String> clips = new ArrayList<>();
        for (String demo : List.of("three-coats", "tide-pool")) {
            String clip = server.put("/api/clips?name=" + demo + ".mp4", BenchClips.demo(demo + ".mp4"))
                    .path("id")
                    .asString();
            server.put(
                    "/api/clips/" + clip + "/captions?name=words.json",
                    Files.readString(BenchClips.demo(demo + ".words.json")));
            clips.add(clip);
            clips.add(server.post("/api/clips/" + clip + "/copy").path("id").asString());
        }
        List<Thread> hands = new ArrayList<>();
        for (int i = 0; i < EDITORS; i++) {
            Editor editor = new Editor(clips.get(i), i);
            hands.add(hand(900, editor::edit));
        }
        hands.add(hand(1500, () -> findings(clips.get(calls.get() % clips.size()))));
        hands.add(hand(4000, () -> film(clips.get(calls.get() % clips.size()))));
        hands.add(hand(7000, this::upload));
        hands.add(hand(3000, () -> look(clips.get(calls.get() % clips.size()))));
        List<MemoryReading> readings = read();
        over = true;
        hands.forEach(InterruptibleWait::join);
        tell(readings);
    }

    private interface Work {
        public void run() throws IOException;
    }

    /** Works and rests, again and again. A refusal is a fault, counted by its sentence. */
    private Thread hand(int restMs, Work work) {
        Thread thread = new Thread(() -> {
            Random random = new Random(restMs);
            while (!over) {
                try {
                    work.run();
                } catch (IOException | SaltDrumException e) {
                    faults.merge(String.valueOf(e.getMessage()).replaceAll("[a-z0-9]{12}|\\d+", "…"), 1, Integer::sum);
                }
                InterruptibleWait.pause(restMs / 2 + random.nextInt(restMs));
            }
        });
        thread.start();
        return thread;
    }

    private final class Editor {
        private final String clip;
        private final Random random;
        private String scene = "";

        Editor(String clip, int seed) {
            this.clip = clip;
            this.random = new Random(seed);
        }

        /** A cue typed over, sometimes taken back, and the scene that follows. */
        void edit() throws IOException {
            JsonNode now = get("/api/clips/" + clip + "/track");
            JsonNode cues = now.path("cues");
            JsonNode cue = cues.path(random.nextInt(cues.size()));
            JsonNode changed = post(
                    "/api/clips/" + clip + "/track/edits",
                    "{\"version\":" + now.path("head").path("version").asLong()
                            + ",\"edit\":{\"kind\":\"retypeCue\",\"cueId\":"
                            + cue.path("id").asLong() + ",\"text\":\"row home at tide " + random.nextInt(1000)
                            + "\"}}");
            scene = get("/api/clips/" + clip + "/scene?since=" + scene)
                    .path("tag")
                    .asString();
            if (random.nextInt(8) == 0) {
                post(
                        "/api/clips/" + clip + "/track/undo",
                        "{\"version\":" + changed.path("head").path("version").asLong() + "}");
            }
        }
    }

    private void findings(String clip) throws IOException {
        long start = System.nanoTime();
        get("/api/clips/" + clip + "/findings");
        findings.add((System.nanoTime() - start) / 1e6);
    }

    private void film(String clip) throws IOException {
        String job = post("/api/clips/" + clip + "/renders", "{\"how\":{\"preset\":\"ultrafast\",\"crf\":30}}")
                .path("id")
                .asString();
        while (!over) {
            String state = get("/api/jobs/" + job).path("state").asString();
            if (state.equals("DONE")) {
                get("/api/jobs/" + job + "/receipt");
                server.delete("/api/jobs/" + job);
                return;
            }
            if (!state.equals("RUNNING") && !state.equals("WAITING")) {
                throw new SaltDrumException("A film ended as " + state + ".");
            }
            InterruptibleWait.pause(1000);
        }
    }

    /** Half a clip, whose connection breaks; then a whole one, which is thrown away. */
    private void upload() throws IOException {
        try (Socket socket = new Socket(address.getHost(), address.getPort())) {
            OutputStream out = socket.getOutputStream();
            out.write(("PUT /api/clips?name=half.mp4 HTTP/1.1\r\nHost: " + address.getAuthority()
                            + "\r\nContent-Type: video/mp4\r\nContent-Length: " + video.length + "\r\n\r\n")
                    .getBytes(StandardCharsets.US_ASCII));
            out.write(video, 0, video.length / 2);
            out.flush();
        }
        calls.incrementAndGet();
        Path whole = BenchClips.demo("tide-pool.mp4");
        String clip = server.put("/api/clips?name=whole.mp4", whole).path("id").asString();
        calls.incrementAndGet();
        server.delete("/api/clips/" + clip);
        calls.incrementAndGet();
    }

    private void look(String clip) throws IOException {
        get("/api/clips");
        get("/api/work");
        get("/api/clips/" + clip + "/jobs");
        get("/api/clips/" + clip + "/track/history");
        try (Socket page = new Socket(address.getHost(), address.getPort())) {
            page.getOutputStream()
                    .write(("GET /api/events HTTP/1.1\r\nHost: " + address.getAuthority() + "\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            InterruptibleWait.pause(500);
        }
        calls.incrementAndGet();
    }

    private JsonNode get(String path) throws IOException {
        calls.incrementAndGet();
        return server.get(path);
    }

    private JsonNode post(String path, String json) throws IOException {
        calls.incrementAndGet();
        return server.post(path, json);
    }

    private List<MemoryReading> read() throws IOException {
        long pid = ServerCalls.ownPid();
        List<MemoryReading> readings = new ArrayList<>();
        for (int i = 1; i <= READINGS; i++) {
            InterruptibleWait.pause(Math.max(0, length * i / READINGS - (System.nanoTime() - begun) / 1_000_000));
            MemoryReading reading = MemoryReading.of(pid, (System.nanoTime() - begun) / 1e9 / 60);
            readings.add(reading);
            report.line(
                    "minute",
                    reading.atMinute(),
                    "min",
                    "",
                    "%.0f MiB resident, %.0f MiB live; %d calls"
                            .formatted(reading.residentMb(), reading.liveMb(), calls.get()));
        }
        return readings;
    }

    /** The last quarter beside the second: what was still warming up in the first does not count. */
    private void tell(List<MemoryReading> readings) {
        String about = calls.get() + " calls; mean of the last quarter beside that of the second";
        report.line("resident, growth", growth(readings, MemoryReading::residentMb), "", "<= 1.05", about);
        report.line("live heap, growth", growth(readings, MemoryReading::liveMb), "", "<= 1.05", about);
        double[] times = findings.stream().mapToDouble(Double::doubleValue).toArray();
        report.line("findings, median", BenchReport.quantile(times, 0.5), "ms", "", times.length + " times");
        report.line("findings, p95", BenchReport.quantile(times, 0.95), "ms", "<= 1000", times.length + " times");
        report.line("findings, slowest", BenchReport.quantile(times, 1), "ms", "", times.length + " times");
        new TreeMap<>(faults).forEach((said, often) -> report.line("fault", often, "times", "0", said));
    }

    private static double growth(List<MemoryReading> readings, ToDoubleFunction<MemoryReading> of) {
        double[] all = readings.stream().mapToDouble(of).toArray();
        int quarter = all.length / 4;
        double second = Arrays.stream(all, quarter, 2 * quarter).average().orElseThrow();
        return Arrays.stream(all, all.length - quarter, all.length).average().orElseThrow() / second;
    }
}
