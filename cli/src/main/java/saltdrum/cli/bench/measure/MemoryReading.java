package saltdrum.cli.bench.measure;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import saltdrum.core.SaltDrumException;

/**
 * What a server of Java holds at one moment.
 *
 * @param residentMb resident set, MiB
 * @param liveMb live heap after a full collection, MiB
 */
public record MemoryReading(double atMinute, double residentMb, double liveMb) {
    private static final Pattern USED = Pattern.compile("generation +total \\d+K, used (\\d+)K");

    /**
     * Collects first, by {@code jcmd} of the JDK.
     *
     * @param pid of a process that belongs to the same user
     */
    public static MemoryReading of(long pid, double atMinute) throws IOException {
        // Resident before the collection: a collector that has just given memory back would flatter it.
        double resident = residentMb(pid);
        jcmd(pid, "GC.run");
        double liveKb = USED.matcher(jcmd(pid, "GC.heap_info"))
                .results()
                .mapToDouble(generation -> Double.parseDouble(generation.group(1)))
                .sum();
        return new MemoryReading(atMinute, resident, liveKb / 1024);
    }

    private static double residentMb(long pid) throws IOException {
        return Files.readAllLines(Path.of("/proc/" + pid + "/status")).stream()
                .filter(line -> line.startsWith("VmRSS:"))
                .mapToDouble(line -> Double.parseDouble(line.replaceAll("\\D", "")) / 1024)
                .findFirst()
                .orElseThrow(() -> new SaltDrumException("The server is gone."));
    }

    private static String jcmd(long pid, String command) throws IOException {
        Process asked = new ProcessBuilder("jcmd", Long.toString(pid), command)
                .redirectErrorStream(true)
                .start();
        return new String(asked.getInputStream().readAllBytes());
    }
}
