package saltdrum.media.ffmpeg;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import saltdrum.core.SaltDrumException;

/**
 * One run of an external tool. Stores the last 16 KB of its error output. Ends the tool after a silence longer than
 * the watchdog's limit, on close, and when the starting thread ends.
 */
public final class ToolRun implements AutoCloseable {
    private static final System.Logger LOG = System.getLogger(ToolRun.class.getName());
    private static final int KEPT_ERRORS = 16_384;
    private static final int LOGGED = 1_000;
    /** Exit codes from here on: 128 and the number of the signal that ended it. */
    private static final int SIGNALLED = 128;

    private final Process process;
    private final StringBuffer errors = new StringBuffer();
    private final Thread errorReader;
    private final Thread watchdog;
    private final AtomicLong lastSign = new AtomicLong(System.nanoTime());
    private volatile boolean silent;

    /** @param silenceSeconds how long it may give no sign of life */
    public ToolRun(List<String> command, int silenceSeconds) {
        this(command, silenceSeconds, null);
    }

    /** @param folder that names without one are in; null for ours */
    public ToolRun(List<String> command, int silenceSeconds, Path folder) {
        String refused =
                "The program “" + command.get(0) + "” could not be started. Install it: apt-get install ffmpeg";
        if (Orphans.onPath(command.get(0)) == null) {
            throw new SaltDrumException(refused);
        }
        try {
            process = new ProcessBuilder(Orphans.none(command))
                    .directory(folder == null ? null : folder.toFile())
                    .start();
        } catch (IOException e) {
            throw new SaltDrumException(refused, e);
        }
        errorReader = daemon("tool-errors", this::readErrors);
        watchdog = daemon("tool-watchdog", () -> watch(silenceSeconds));
    }

    private static Thread daemon(String name, Runnable work) {
        Thread thread = new Thread(work, name);
        thread.setDaemon(true);
        thread.start();
        return thread;
    }

    private void readErrors() {
        byte[] buffer = new byte[4096];
        try (InputStream in = process.getErrorStream()) {
            for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
                errors.append(new String(buffer, 0, n, StandardCharsets.UTF_8));
                if (errors.length() > KEPT_ERRORS) {
                    errors.delete(0, errors.length() - KEPT_ERRORS);
                }
            }
        } catch (IOException closed) {
            // The process ended while we were reading: what was read is what there is.
        }
    }

    private void watch(int silenceSeconds) {
        try {
            while (!process.waitFor(500, TimeUnit.MILLISECONDS)) {
                if (System.nanoTime() - lastSign.get() > silenceSeconds * 1_000_000_000L) {
                    silent = true;
                    process.destroyForcibly();
                    return;
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    long pid() {
        return process.pid();
    }

    public void signOfLife() {
        lastSign.set(System.nanoTime());
    }

    public OutputStream input() {
        return process.getOutputStream();
    }

    /** The tool's output; every read counts as a sign of life. */
    public InputStream output() {
        InputStream in = process.getInputStream();
        return new java.io.FilterInputStream(in) {
            @Override
            public int read(byte[] b, int off, int len) throws IOException {
                signOfLife();
                int n = super.read(b, off, len);
                signOfLife();
                return n;
            }
        };
    }

    public void eachLine(Consumer<String> line) {
        try (var reader = new java.io.BufferedReader(new java.io.InputStreamReader(output(), StandardCharsets.UTF_8))) {
            for (String l = reader.readLine(); l != null; l = reader.readLine()) {
                line.accept(l);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Waits for the end. @return the exit code; -1 when the watchdog ended it */
    public int await() {
        try {
            int code = process.waitFor();
            errorReader.join(1000);
            return silent ? -1 : code;
        } catch (InterruptedException e) {
            process.destroyForcibly();
            Thread.currentThread().interrupt();
            throw new SaltDrumException("The job was stopped.", e);
        }
    }

    public String errors() {
        return errors.toString();
    }

    /** Why it did not do it, in a few words for a person; what it said itself goes to the log. */
    public String failureReason() {
        String said = errors.toString().strip();
        LOG.log(System.Logger.Level.WARNING, "a tool failed: " + said.substring(Math.max(0, said.length() - LOGGED)));
        if (silent) {
            return "it made no progress";
        } else if (said.contains("No space left on device")) {
            return "the disk is full";
        } else if (said.contains("Invalid data") || said.contains("corrupt") || said.contains("Error while decoding")) {
            return "its data are damaged";
        } else if (said.contains("Permission denied")) {
            return "a file may not be read or written";
        }
        return process.isAlive() || process.exitValue() < SIGNALLED ? "the log says why" : "it was ended from outside";
    }

    @Override
    public void close() {
        process.destroyForcibly();
        watchdog.interrupt();
        try {
            process.waitFor(5, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Runs to the end and gives the whole output. Only for tools with a small answer. */
    public static String text(List<String> command, int silenceSeconds, Consumer<ToolRun> failed) {
        try (ToolRun run = new ToolRun(command, silenceSeconds)) {
            byte[] answer = run.output().readAllBytes();
            if (run.await() != 0) {
                failed.accept(run);
            }
            return new String(answer, StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
