package saltdrum.cli.bench;

import com.sun.management.OperatingSystemMXBean;
import java.lang.management.ManagementFactory;

/** Processor time of this process, user and system, all threads. */
final class Cpu {
    private Cpu() {}

    static long ownNs() {
        return ((OperatingSystemMXBean) ManagementFactory.getOperatingSystemMXBean()).getProcessCpuTime();
    }
}
