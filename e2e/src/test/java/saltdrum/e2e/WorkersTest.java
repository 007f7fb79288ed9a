package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import saltdrum.server.TestDatabase;
import tools.jackson.databind.JsonNode;

/** A server that renders nothing itself, and two workers that do: killed at any moment. How often: -Dkills.workers=60. */
class WorkersTest {
    private static final int KILLS = Integer.getInteger("kills.workers", 20);
    private static final long SEED = Long.getLong("kills.seed", 23);
    private static final List<String> ENDED = List.of("DONE", "FAILED", "STOPPED");

    @Test
    void everyOrderIsMadeOnceAndWholeWhoeverDies() throws Exception {
        Random random = new Random(SEED);
        TestDatabase database = TestDatabase.own();
        RunningServer server = RunningServer.own(database, "workers", "--salt-drum.renderers=0");
        RunningWorker one = new RunningWorker(database, server.data(), "worker-one");
        RunningWorker two = new RunningWorker(database, server.data(), "worker-two");
        try {
            String clip = server.put("/api/clips?name=pool.mp4", Demo.clip("tide-pool"))
                    .path("id")
                    .asString();
            Path captions = Files.writeString(
                    Path.of("target/workers.srt"), "1\n00:00:00,500 --> 00:00:06,000\nLook closely\n");
            server.put("/api/clips/" + clip + "/captions?name=workers.srt", captions);
            awaitWorkers(server, 3);

            List<String> orders = new ArrayList<>();
            Set<Long> hands = new TreeSet<>();
            for (int i = 0; i < KILLS; i++) {
                if (i % 3 == 0) {
                    orders.add(order(server, clip, i));
                }
                RunningServer.pause(1500 + random.nextInt(2500));
                note(server, hands);
                switch (i % 4) {
                    case 0, 2 -> {
                        one.kill();
                        one.start();
                    }
                    case 1 -> {
                        two.kill();
                        two.start();
                    }
                    default -> {
                        server.killAlone();
                        server.start();
                    }
                }
            }
            for (String order : orders) {
                for (JsonNode line : server.get("/api/orders/" + order).path("lines")) {
                    JsonNode job = server.awaitJob(line.path("id").asString(), ENDED, Duration.ofMinutes(4));
                    assertThat(job.path("state").asString()).as(job.toString()).isEqualTo("DONE");
                    note(server, hands);
                }
            }
            System.out.println(KILLS + " kills, " + orders.size() + " orders, made by processes " + hands);
            check(server, orders);
            assertThat(hands).as("who made films").doesNotContain(server.pid()).hasSizeGreaterThan(2);
            goingWorkersSayGoodbye(server, one, two);
            nothingIsLeft(server);
        } finally {
            one.kill();
            two.kill();
            server.kill();
        }
    }

    private static String order(RunningServer server, String clip, int turn) throws IOException {
        String style = turn % 2 == 0 ? "Mallet" : "Chalk";
        return server.post(
                        "/api/orders",
                        "{\"clips\":[\"" + clip + "\"],\"styles\":[\"" + style
                                + "\"],\"outputs\":[\"BURNED\",\"STILL\"],"
                                + "\"how\":{\"preset\":\"ultrafast\",\"crf\":" + (20 + turn) + "}}")
                .path("order")
                .path("id")
                .asString();
    }

    /** Which processes have films in hand. */
    private static void note(RunningServer server, Set<Long> hands) throws IOException {
        for (JsonNode worker : server.get("/api/work").path("workers")) {
            for (JsonNode job : worker.path("underWay")) {
                if (job.path("kind").asString().equals("RENDER")) {
                    hands.add(worker.path("process").asLong());
                }
            }
        }
    }

    private static void awaitWorkers(RunningServer server, int count) throws IOException {
        long until = System.nanoTime() + Duration.ofSeconds(90).toNanos();
        while (System.nanoTime() < until
                && server.get("/api/work").path("workers").size() != count) {
            RunningServer.pause(300);
        }
        assertThat(server.get("/api/work").path("workers")).hasSize(count);
    }

    private static void check(RunningServer server, List<String> orders) throws IOException {
        String frames = Video.frames(Demo.clip("tide-pool"));
        for (String order : orders) {
            JsonNode lines = server.get("/api/orders/" + order).path("lines");
            assertThat(lines).hasSize(2);
            for (JsonNode line : lines) {
                String job = "/api/jobs/" + line.path("id").asString();
                assertThat(server.get(job + "/receipt").path("good").asBoolean())
                        .as(line.toString())
                        .isTrue();
                if (line.path("fileName").asString().endsWith(".mp4")) {
                    Path film = Path.of("target/by-workers.mp4");
                    try (var in = java.net
                            .URI
                            .create(server.url() + job + "/video")
                            .toURL()
                            .openStream()) {
                        Files.copy(in, film, StandardCopyOption.REPLACE_EXISTING);
                    }
                    assertThat(Video.frames(film)).as(line.toString()).isEqualTo(frames);
                }
            }
        }
    }

    private static void goingWorkersSayGoodbye(RunningServer server, RunningWorker one, RunningWorker two)
            throws IOException {
        // Those that were killed are forgotten when a living one of the same machine looks.
        awaitWorkers(server, 3);
        assertThat(one.end()).isEqualTo(143);
        awaitWorkers(server, 2);
        assertThat(two.end()).isEqualTo(143);
        awaitWorkers(server, 1);
    }

    private static void nothingIsLeft(RunningServer server) throws IOException {
        try (Stream<Path> halves = Files.list(server.data().resolve("halves"))) {
            assertThat(halves).as("pieces of films that are done").isEmpty();
        }
        try (Stream<Path> all = Files.walk(server.data().resolve("work"))) {
            assertThat(all.filter(Files::isRegularFile)
                            .filter(file -> file.toString().endsWith(".mp4")))
                    .as("half films")
                    .isEmpty();
        }
    }
}
