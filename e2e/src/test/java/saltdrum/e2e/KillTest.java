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
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import saltdrum.server.Patience;
import saltdrum.server.TestDatabase;
import tools.jackson.databind.JsonNode;

/**
 * Server, database, one of its backends, ffmpeg: killed at any moment while somebody types, brings clips, gets words and
 * renders. Forty times in {@code ./salt-drum test long}. How often: -Dkills=200; which ones: -Dkills.seed=9.
 */
class KillTest {
    private static final int KILLS = Integer.getInteger("kills", Boolean.getBoolean("long") ? 40 : 5);
    private static final long SEED = Long.getLong("kills.seed", 11);
    private static final Set<String> ENDED = Set.of("DONE", "FAILED", "STOPPED");

    @Test
    void whatWasAcknowledgedIsThereAndNothingIsLeftBehind() throws Exception {
        Random random = new Random(SEED);
        TestDatabase database = TestDatabase.own();
        RunningServer server = RunningServer.own(database, "kills");
        try {
            Typist typist = Typist.at(server);
            Porter porter = new Porter(server);
            AtomicBoolean over = new AtomicBoolean();
            List<Thread> hands =
                    List.of(hand(over, typist::type), hand(over, porter::bring), hand(over, porter::order));
            hands.forEach(Thread::start);
            Reaper reaper = new Reaper(server, database, random);
            List<String> struck = new ArrayList<>();
            for (int i = 0; i < KILLS; i++) {
                RunningServer.pause(200 + random.nextInt(900));
                struck.add(reaper.strike());
                typist.awaitAnotherEdit();
            }
            over.set(true);
            for (Thread hand : hands) {
                hand.join();
            }
            System.out.println("killed: " + struck + "; acknowledged: " + typist.acknowledged() + " edits, "
                    + porter.clips().size() + " clips, " + porter.jobs().size() + " jobs");
            assertThat(new TreeSet<>(struck)).as("what was killed").hasSize(Math.min(4, KILLS));

            porter.orderOnce();
            Patience.await("jobs that nobody does").until(() -> lost(server, porter.jobs()), List::isEmpty);
            typist.checkAll();
            checkClips(server, porter.clips());
            checkJobs(server, porter.jobs());
            checkOrders(server, porter.orders());
            nothingIsLeft(server);
        } finally {
            server.kill();
        }
    }

    private interface Act {
        void once() throws IOException;
    }

    /** Does it again and again; what fails because something was killed is done again later. */
    private static Thread hand(AtomicBoolean over, Act act) {
        return new Thread(() -> {
            while (!over.get()) {
                try {
                    act.once();
                } catch (IOException | IllegalStateException killed) {
                    RunningServer.pause(150);
                }
            }
        });
    }

    /** Jobs that are neither done nor waited for nor going on. */
    private static List<String> lost(RunningServer server, List<String> jobs) throws IOException {
        List<String> lost = new ArrayList<>();
        for (String job : jobs) {
            String state = server.get("/api/jobs/" + job).path("state").asString();
            if (!ENDED.contains(state) && !Set.of("WAITING", "RUNNING").contains(state)) {
                lost.add(job + " " + state);
            }
        }
        return lost;
    }

    private static void checkClips(RunningServer server, List<String> clips) throws IOException {
        long bytes = Files.size(Porter.footage());
        for (String clip : clips) {
            Path back = download(server, "/api/clips/" + clip + "/video");
            assertThat(Files.size(back)).as("clip " + clip).isEqualTo(bytes);
        }
    }

    private static void checkJobs(RunningServer server, List<String> jobs) throws IOException {
        String frames = Video.frames(Porter.footage());
        int done = 0;
        for (String id : jobs) {
            JsonNode job = server.awaitEnd(id);
            assertThat(job.path("state").asString()).as(job.toString()).isIn(ENDED);
            if (job.path("state").asString().equals("FAILED")) {
                assertThat(job.path("message").asString("")).endsWith(".").hasSizeGreaterThan(15);
            } else if (job.path("outputName").asString("").endsWith(".mp4")) {
                JsonNode receipt = server.get("/api/jobs/" + id + "/receipt");
                assertThat(receipt.path("good").asBoolean())
                        .as(receipt.toString())
                        .isTrue();
                assertThat(Video.frames(download(server, "/api/jobs/" + id + "/video")))
                        .as("render " + id)
                        .isEqualTo(frames);
                done++;
            }
        }
        assertThat(done).as("renders that were done all the same").isPositive();
    }

    /** Every order that was acknowledged is there once, with all its files. */
    private static void checkOrders(RunningServer server, List<String> orders) throws IOException {
        assertThat(orders).isNotEmpty().doesNotHaveDuplicates();
        int kept = 0;
        for (String id : orders) {
            JsonNode lines = server.get("/api/orders/" + id).path("lines");
            assertThat(lines.size()).as("files of order " + id).isEqualTo(3);
            for (JsonNode line : lines) {
                boolean made = line.path("state").asString().equals("DONE");
                assertThat(line.has("bytes")).as(line.toString()).isEqualTo(made);
                if (made && line.path("fileName").asString().endsWith(".mp4")) {
                    String receipt = server.get("/api/jobs/" + line.path("id").asString() + "/receipt")
                            .toString();
                    kept += receipt.contains("the others reused") ? 1 : 0;
                }
            }
        }
        System.out.println(orders.size() + " orders, " + kept + " films of kept pieces");
    }

    private static Path download(RunningServer server, String path) throws IOException {
        return server.download(path, Path.of("target/after-kills.mp4"));
    }

    /** No half file, and no process that works for a server that is gone, once one has started and swept. */
    private static void nothingIsLeft(RunningServer server) throws IOException {
        server.end();
        server.start();
        Path work = server.data().resolve("work");
        Patience.await("no half file").ignoreExceptions().until(() -> list(work, Integer.MAX_VALUE).stream()
                .noneMatch(Files::isRegularFile));
        Patience.await("no pieces of films that are done")
                .until(() -> list(server.data().resolve("halves"), 1).size() == 1);
        Patience.await("the server's own folder of work and no other")
                .until(() -> list(work, 1).size() == 2);
        Patience.await("no processes").until(() -> ProcessHandle.allProcesses()
                .noneMatch(process -> process.info().commandLine().orElse("").contains(work.toString())));
    }

    /** What is below a folder, itself first. */
    private static List<Path> list(Path folder, int depth) throws IOException {
        try (Stream<Path> all = Files.walk(folder, depth)) {
            return all.toList();
        }
    }
}
