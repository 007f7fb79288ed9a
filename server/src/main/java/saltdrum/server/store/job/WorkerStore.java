package saltdrum.server.store.job;

import java.time.OffsetDateTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import saltdrum.core.Json;
import saltdrum.server.Settings.Role;
import saltdrum.server.store.ServerName;

/** Workers, their jobs, and the queues. */
@Component
public class WorkerStore {
    /** A worker without a heartbeat for this long is considered dead. */
    public static final int SILENT_SECONDS = 15;

    private static final int FORGOTTEN_SECONDS = 600;

    private final WorkerMapper mapper;

    WorkerStore(WorkerMapper mapper) {
        this.mapper = mapper;
    }

    /** It lives. */
    public void seen(
            String name, Role role, OffsetDateTime started, int cores, long memoryMb, Map<Lane, Integer> lanes) {
        mapper.seen(name, role, started, cores, memoryMb, Json.write(lanes));
    }

    /** It ends, and says so. */
    public void deregister(String name) {
        mapper.deregister(name);
    }

    /** Those that were not seen for long, and those that are known to have died here. */
    public void removeStale() {
        mapper.forget(FORGOTTEN_SECONDS);
        mapper.all().stream()
                .map(WorkerRow::name)
                .filter(name -> ServerName.parse(name).map(ServerName::gone).orElse(true))
                .forEach(mapper::deregister);
    }

    public List<WorkerRow> all() {
        return mapper.all();
    }

    public List<RunningJobRow> underWay() {
        return mapper.underWay();
    }

    /** How many jobs wait in each lane. */
    public Map<Lane, Integer> waiting() {
        Map<Lane, Integer> waiting = new EnumMap<>(Lane.class);
        for (Lane lane : Lane.values()) {
            waiting.put(lane, mapper.waiting(lane.queue));
        }
        return waiting;
    }
}
