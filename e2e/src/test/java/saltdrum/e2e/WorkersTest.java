package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import saltdrum.server.Patience;
import saltdrum.server.SmallClips;
import saltdrum.server.TestDatabase;
import tools.jackson.databind.JsonNode;

/**
 * A server that renders nothing itself, and two workers that do: killed at any moment, and put to sleep. How often:
 * -Dkills.workers=60 -Dsleeps=20.
 */
class WorkersTest {
    private static final int KILLS = Integer.getInteger("kills.workers", Boolean.getBoolean("long") ? 20 : 5);
    private static final int SLEEPS = Integer.getInteger("sleeps", Boolean.getBoolean("long") ? 20 : 1);
    /** No speech model is loaded at each of the many starts. */
    private static final String HEARS_NOTHING = "--salt-drum.hearers=0";

    private static final long SEED = Long.getLong("kills.seed", 23);

    @Test
    void everyOrderIsMadeOnceAndWholeWhoeverDies() throws Exception {
        Random random = new Random(SEED);
        TestDatabase database = TestDatabase.own();
        RunningServer server = RunningServer.own(database, "workers", "--salt-drum.renderers=0", HEARS_NOTHING);
        RunningWorker one = new RunningWorker(database, server.data(), "worker-one", HEARS_NOTHING);
        RunningWorker two = new RunningWorker(database, server.data(), "worker-two", HEARS_NOTHING);
        try {
            String clip = server.bring(SmallClips.whole("tide-pool"), "pool.mp4");
            server.caption(clip, "1\n00:00:00,500 --> 00:00:06,000\nLook closely\n");
            awaitWorkers(server, 3);

            List<String> orders = new ArrayList<>();
            Set<Long> workers = new TreeSet<>();
            orders.add(order(server, clip, "\"Mallet\",\"Chalk\"", "veryslow", 18));
            Patience.await("a film at each worker").until(() -> {
                note(server, workers);
                return workers.size() > 1;
            });
            for (int i = 0; i < KILLS; i++) {
                if (i % 3 == 0) {
                    orders.add(order(server, clip, i % 2 == 0 ? "\"Mallet\"" : "\"Chalk\"", "slow", 20 + i));
                }
                awaitFilm(server, workers);
                RunningServer.pause(random.nextInt(1500));
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
            assertThat(RunningWorker.refused(database, Files.createTempDirectory("elsewhere")))
                    .as("one with other media than the server")
                    .containsOnlyOnce("\n")
                    .contains("are not those that this workshop's database tells of");
            for (int i = 0; i < SLEEPS; i++) {
                orders.add(order(server, clip, "\"Mallet\"", "veryslow", 40 - i));
                sleepsThrough(server, one, two);
            }
            for (String order : orders) {
                for (JsonNode line : server.get("/api/orders/" + order).path("lines")) {
                    JsonNode job = server.awaitEnd(line.path("id").asString());
                    assertThat(job.path("state").asString()).as(job.toString()).isEqualTo("DONE");
                    note(server, workers);
                }
            }
            System.out.println(KILLS + " kills, " + orders.size() + " orders, made by processes " + workers);
            check(server, orders);
            assertThat(workers).as("who made films").doesNotContain(server.pid());
            goingWorkersSayGoodbye(server, one, two);
            nothingIsLeft(server);
        } finally {
            one.kill();
            two.kill();
            server.kill();
        }
    }

    /**
     * As a laptop that is shut: another worker makes the film, and who wakes up later wrote FAILED over its DONE. What it
     * then made is dropped, which it says in its log.
     */
    private static void sleepsThrough(RunningServer server, RunningWorker one, RunningWorker two) throws IOException {
        AtomicReference<RunningWorker> sleeper = new AtomicReference<>();
        List<String> films = new ArrayList<>();
        Patience.await("a worker asleep over a film").until(() -> {
            sleeper.set(sleeper.get() == one ? two : one);
            sleeper.get().signal("STOP");
            // What it had just sent to the database is still carried out.
            RunningServer.pause(200);
            films.addAll(running(server, sleeper.get().pid()));
            if (films.isEmpty()) {
                sleeper.get().signal("CONT");
            }
            return !films.isEmpty();
        });
        int dropped = sleeper.get().said("was taken over");
        try {
            for (String film : films) {
                assertThat(server.awaitEnd(film).path("state").asString()).isEqualTo("DONE");
            }
        } finally {
            sleeper.get().signal("CONT");
        }
        Patience.await("who slept to find out").until(() -> sleeper.get().said("was taken over") > dropped);
    }

    /** Films that a process has in hand and has not finished. */
    private static List<String> running(RunningServer server, long process) throws IOException {
        List<String> films = new ArrayList<>();
        for (JsonNode worker : server.get("/api/work").path("workers")) {
            for (JsonNode job : worker.path("underWay")) {
                String id = job.path("jobId").asString();
                if (worker.path("process").asLong() == process
                        && server.get("/api/jobs/" + id)
                                .path("state")
                                .asString()
                                .equals("RUNNING")) {
                    films.add(id);
                }
            }
        }
        return films;
    }

    /** Orders a film and a still for each of the styles, which are named in quotes with commas between. */
    private static String order(RunningServer server, String clip, String styles, String preset, int crf)
            throws IOException {
        return server.post(
                        "/api/orders",
                        "{\"clips\":[\"" + clip + "\"],\"styles\":[" + styles + "],"
                                + "\"outputs\":[\"BURNED\",\"STILL\"],"
                                + "\"how\":{\"preset\":\"" + preset + "\",\"crf\":" + crf + "}}")
                .path("order")
                .path("id")
                .asString();
    }

    /** Waits until a worker has a film in hand; none may be left to be made. */
    private static void awaitFilm(RunningServer server, Set<Long> workers) {
        Patience.await("a film at a worker").until(() -> {
            note(server, workers);
            JsonNode work = server.get("/api/work");
            return work.path("workers").toString().contains("\"RENDER\"") || rendersWaiting(work) == 0;
        });
    }

    private static int rendersWaiting(JsonNode work) {
        for (JsonNode lane : work.path("waiting")) {
            if (lane.path("lane").asString().equals("RENDERS")) {
                return lane.path("waiting").asInt();
            }
        }
        return 0;
    }

    /** Which processes have films in hand. */
    private static void note(RunningServer server, Set<Long> workers) throws IOException {
        for (JsonNode worker : server.get("/api/work").path("workers")) {
            for (JsonNode job : worker.path("underWay")) {
                if (job.path("kind").asString().equals("RENDER")) {
                    workers.add(worker.path("process").asLong());
                }
            }
        }
    }

    private static void awaitWorkers(RunningServer server, int count) throws IOException {
        Patience.await(count + " processes at work")
                .until(() -> server.get("/api/work").path("workers").size() == count);
    }

    private static void check(RunningServer server, List<String> orders) throws IOException {
        String frames = Video.frames(SmallClips.whole("tide-pool"));
        for (String order : orders) {
            JsonNode lines = server.get("/api/orders/" + order).path("lines");
            // A film and a still of each style; the first order has two styles.
            assertThat(lines.size()).isEqualTo(order.equals(orders.get(0)) ? 4 : 2);
            for (JsonNode line : lines) {
                String job = "/api/jobs/" + line.path("id").asString();
                assertThat(server.get(job + "/receipt").path("good").asBoolean())
                        .as(line.toString())
                        .isTrue();
                if (line.path("fileName").asString().endsWith(".mp4")) {
                    Path film = server.download(job + "/video", Path.of("target/by-workers.mp4"));
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
        // Who is killed right after a film, or wakes up over one that another has made, leaves some; the server sweeps.
        Path halves = server.data().resolve("halves");
        Patience.await("pieces of films that are done to go")
                .until(() -> halves.toFile().list().length == 0);
        try (Stream<Path> all = Files.walk(server.data().resolve("work"))) {
            assertThat(all.filter(Files::isRegularFile)
                            .filter(file -> file.toString().endsWith(".mp4")))
                    .as("half films")
                    .isEmpty();
        }
    }
}
