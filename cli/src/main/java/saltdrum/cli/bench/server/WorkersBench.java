package saltdrum.cli.bench.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import saltdrum.cli.bench.measure.BenchClips;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.core.SaltDrumException;
import tools.jackson.databind.JsonNode;

/**
 * One order of several films, made by one worker and by two, beside a server that makes none: films an hour,
 * processor time a film, and the share of time in which a worker was idle while work was waiting.
 */
public final class WorkersBench {
    private static final int FILMS = 8;
    private static final int LOOK_MS = 20;
    private static final int MOST_SECONDS = 600;

    private final ServerCalls server;
    private final BenchReport report;

    private WorkersBench(ServerCalls server, BenchReport report) {
        this.server = server;
        this.report = report;
    }

    public static void run(BenchReport report) throws IOException {
        new WorkersBench(ServerCalls.own("workers"), report).all();
    }

    private void all() throws IOException {
        String first = server.put("/api/clips?name=coats.mp4", BenchClips.demo("three-coats.mp4"))
                .path("id")
                .asString();
        server.put(
                "/api/clips/" + first + "/captions?name=words.json",
                Files.readString(BenchClips.demo("three-coats.words.json")));
        for (int hands = 1; hands <= 2; hands++) {
            List<Process> workers = new ArrayList<>();
            try {
                for (int i = 0; i < hands; i++) {
                    workers.add(worker());
                }
                awaitWorkers(hands);
                // Each has made one before, so that it knows its way.
                order(first, hands);
                measure(first, workers);
            } finally {
                workers.forEach(Process::destroy);
                workers.forEach(worker -> worker.onExit().join());
            }
        }
    }

    private static Process worker() throws IOException {
        String launcher = System.getenv("SALT_DRUM_LAUNCHER");
        return new ProcessBuilder(launcher, "worker", "--renders", "1", "--hearing", "0", "--light", "0")
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
    }

    private void awaitWorkers(int hands) throws IOException {
        for (int i = 0; i < MOST_SECONDS; i++) {
            long there = server.get("/api/work")
                    .path("workers")
                    .valueStream()
                    .filter(worker -> worker.path("role").asString().equals("WORKER") && !worker.has("silentSeconds"))
                    .count();
            if (there == hands) {
                return;
            }
            pause(1000);
        }
        throw new SaltDrumException("The workers did not come.");
    }

    /** Films of clips that none was made of: nothing kept can be used again. @return the order's id */
    private String ordered(String first, int films) throws IOException {
        List<String> clips = new ArrayList<>();
        for (int i = 0; i < films; i++) {
            clips.add("\""
                    + server.post("/api/clips/" + first + "/copy").path("id").asString() + "\"");
        }
        return server.post("/api/orders", "{\"clips\":[" + String.join(",", clips) + "],\"outputs\":[\"BURNED\"]}")
                .path("order")
                .path("id")
                .asString();
    }

    private void order(String first, int films) throws IOException {
        String id = ordered(first, films);
        while (states(id).stream().anyMatch(WorkersBench::open)) {
            pause(200);
        }
    }

    private void measure(String first, List<Process> workers) throws IOException {
        int hands = workers.size();
        double cpu = cpuSeconds(workers);
        String id = ordered(first, FILMS);
        long begun = System.nanoTime();
        double free = 0;
        long looked = begun;
        List<String> states = states(id);
        while (states.stream().anyMatch(WorkersBench::open)) {
            pause(LOOK_MS);
            long now = System.nanoTime();
            states = states(id);
            long running = states.stream().filter("RUNNING"::equals).count();
            long waiting = states.stream().filter("WAITING"::equals).count();
            free += Math.min(waiting, Math.max(0, hands - running)) * (now - looked) / 1e9;
            looked = now;
        }
        if (states.stream().anyMatch(state -> !state.equals("DONE"))) {
            throw new SaltDrumException("Not every film was made: " + states);
        }
        double seconds = (System.nanoTime() - begun) / 1e9;
        String who = hands == 1 ? "one worker" : hands + " workers";
        String about = FILMS + " films of 17.5 s, 1080×1920; " + Math.round(seconds) + " s in all";
        report.line("films an hour, " + who, FILMS / seconds * 3600, "", "", about);
        report.line("  processor time a film", (cpuSeconds(workers) - cpu) / FILMS, "s", "", "with all it started");
        report.line(
                "  idle workers while jobs wait",
                100 * free / (seconds * hands),
                "%",
                "<= 2",
                "looked at every " + LOOK_MS + " ms");
    }

    private List<String> states(String order) throws IOException {
        JsonNode lines = server.get("/api/orders/" + order).path("lines");
        return lines.valueStream().map(line -> line.path("state").asString()).toList();
    }

    private static boolean open(String state) {
        return List.of("WAITING", "HELD", "RUNNING", "STOPPING").contains(state);
    }

    /** User and system, and of all children that have ended (proc(5): fields 14 to 17, ticks of 10 ms). */
    private static double cpuSeconds(List<Process> workers) throws IOException {
        long ticks = 0;
        for (Process worker : workers) {
            String stat = Files.readString(Path.of("/proc/" + worker.pid() + "/stat"));
            String[] fields = stat.substring(stat.lastIndexOf(')') + 2).split(" ");
            for (int i = 11; i <= 14; i++) {
                ticks += Long.parseLong(fields[i]);
            }
        }
        return ticks / 100.0;
    }

    private static void pause(int ms) {
        try {
            Thread.sleep(ms);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new SaltDrumException("It was interrupted.", e);
        }
    }
}
