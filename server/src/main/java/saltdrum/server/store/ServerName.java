package saltdrum.server.store;

import java.io.IOException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Optional;

/**
 * The unique name of a server process: host, process id and start time, so that others can tell whether it still
 * runs.
 */
public record ServerName(String host, long pid, long startedMs) {
    private static final String BETWEEN = "~";
    private static final int APART = 6;
    private static final String HERE = machine();

    /** This process. */
    public static ServerName own() {
        ProcessHandle own = ProcessHandle.current();
        return new ServerName(HERE, own.pid(), startedMs(own));
    }

    /** Machines may share a host name, and containers share one machine, so an id is appended. */
    private static String machine() {
        return hostName() + "."
                + OpaqueIds.hash((text("/etc/machine-id") + numbers()).getBytes(StandardCharsets.UTF_8))
                        .substring(0, APART);
    }

    private static String hostName() {
        try {
            return InetAddress.getLocalHost().getHostName().replace(BETWEEN, "-");
        } catch (UnknownHostException e) {
            return "localhost";
        }
    }

    private static String text(String file) {
        try {
            return Files.readString(Path.of(file));
        } catch (IOException notHere) {
            return "";
        }
    }

    /** In which numbering of processes this one has its number (pid_namespaces(7)). */
    private static String numbers() {
        try {
            return Files.readSymbolicLink(Path.of("/proc/self/ns/pid")).toString();
        } catch (IOException | UnsupportedOperationException notHere) {
            return "";
        }
    }

    private static long startedMs(ProcessHandle process) {
        return process.info().startInstant().map(Instant::toEpochMilli).orElse(0L);
    }

    /** @return empty for what is no such name */
    public static Optional<ServerName> parse(String written) {
        String[] parts = written == null ? new String[0] : written.split(BETWEEN);
        try {
            return parts.length == 3
                    ? Optional.of(new ServerName(parts[0], Long.parseLong(parts[1]), Long.parseLong(parts[2])))
                    : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    /** Whether it ran on this machine and does no more; another process may have its number by now. */
    public boolean gone() {
        return host.equals(HERE)
                && ProcessHandle.of(pid).filter(ProcessHandle::isAlive).stream()
                        .noneMatch(process -> Math.abs(startedMs(process) - startedMs) <= 1000);
    }

    @Override
    public String toString() {
        return host + BETWEEN + pid + BETWEEN + startedMs;
    }
}
