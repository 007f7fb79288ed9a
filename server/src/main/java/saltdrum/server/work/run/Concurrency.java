package saltdrum.server.work.run;

import java.util.EnumMap;
import java.util.Map;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;
import saltdrum.server.Settings;
import saltdrum.server.store.job.Lane;

/** How many jobs this process runs at once in each lane, 0 for none: as configured, or by the machine's size. */
@Component
public class Concurrency {
    private static final int CORES_OF_A_RENDER = 8;
    private static final int CORES_OF_A_HEARING = 2;
    /** A language's model and what is heard by it; measured: docs/benchmarks.md, “Memory”. */
    private static final int MB_OF_A_HEARING = 700;

    private static final int MB_OF_A_RENDER = 900;
    private static final int LIGHT = 2;

    private final Map<Lane, Integer> atOnce = new EnumMap<>(Lane.class);

    @Autowired
    public Concurrency(Settings settings) {
        this(settings, cores(), memoryMb());
    }

    public Concurrency(Settings settings, int cores, long memoryMb) {
        put(Lane.LIGHT, settings.workers(), LIGHT);
        put(Lane.HEARING, settings.hearers(), least(cores / CORES_OF_A_HEARING, memoryMb / MB_OF_A_HEARING));
        put(Lane.RENDERS, settings.renderers(), least(cores / CORES_OF_A_RENDER, memoryMb / MB_OF_A_RENDER));
    }

    private void put(Lane lane, Integer told, int usual) {
        atOnce.put(lane, told == null ? usual : Math.max(0, told));
    }

    private static int least(long byCores, long byMemory) {
        return (int) Math.max(1, Math.min(byCores, byMemory));
    }

    static int cores() {
        return Runtime.getRuntime().availableProcessors();
    }

    /** What this process may take of the machine's. */
    static long memoryMb() {
        return Runtime.getRuntime().maxMemory() >> 20;
    }

    public int in(Lane lane) {
        return atOnce.get(lane);
    }

    public Map<Lane, Integer> all() {
        return Map.copyOf(atOnce);
    }
}
