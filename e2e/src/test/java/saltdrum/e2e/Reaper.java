package saltdrum.e2e;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.Random;
import saltdrum.server.TestDatabase;

/** Kills, as kill -9 does, one of the processes that the work needs, and brings back what does not come by itself. */
final class Reaper {
    private final RunningServer server;
    private final TestDatabase database;
    private final Random random;
    private final Deque<String> next = new ArrayDeque<>();

    Reaper(RunningServer server, TestDatabase database, Random random) {
        this.server = server;
        this.database = database;
        this.random = random;
    }

    /** @return what was killed */
    String strike() throws IOException {
        if (next.isEmpty()) {
            List<String> round = new ArrayList<>(List.of("server", "database", "backend", "ffmpeg", "ffmpeg"));
            Collections.shuffle(round, random);
            next.addAll(round);
        }
        String victim = next.poll();
        switch (victim) {
            case "server" -> {
                server.killAlone();
                RunningServer.pause(random.nextInt(500));
                server.start();
            }
            case "database" -> {
                kill(database.pid());
                RunningServer.pause(random.nextInt(3000));
                database.start();
            }
            case "backend" ->
                kill(oneOf(ProcessHandle.of(database.pid())
                        .orElseThrow()
                        .children()
                        .toList()));
            default -> kill(oneOf(server.children()));
        }
        return victim;
    }

    private long oneOf(List<ProcessHandle> processes) {
        return processes.isEmpty()
                ? 0
                : processes.get(random.nextInt(processes.size())).pid();
    }

    /** By the system's own command: the database's processes are another user's. */
    private static void kill(long pid) throws IOException {
        if (pid > 0) {
            try {
                new ProcessBuilder("kill", "-9", Long.toString(pid)).start().waitFor();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IOException(e);
            }
        }
    }
}
