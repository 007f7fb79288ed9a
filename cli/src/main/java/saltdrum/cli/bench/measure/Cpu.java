package saltdrum.cli.bench.measure;

import com.sun.management.OperatingSystemMXBean;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;

/** Processor time of this process, user and system, all threads. */
public final class Cpu {
    private Cpu() {}

    public static long ownNs() {
        return ((OperatingSystemMXBean) ManagementFactory.getOperatingSystemMXBean()).getProcessCpuTime();
    }

    /** Of children that have ended, ms, from /proc (ticks of 10 ms). */
    public static long childrenMs() throws IOException {
        String stat = Files.readString(Path.of("/proc/self/stat"));
        String[] fields = stat.substring(stat.lastIndexOf(')') + 2).split(" ");
        return (Long.parseLong(fields[13]) + Long.parseLong(fields[14])) * 10;
    }
}
