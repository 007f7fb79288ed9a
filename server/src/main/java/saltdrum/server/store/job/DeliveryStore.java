package saltdrum.server.store.job;

import java.util.List;
import org.springframework.stereotype.Component;
import saltdrum.core.RefusedEditException;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.store.OpaqueIds;

/** Orders: several outputs requested together, each line a job of its own. */
@Component
public class DeliveryStore {
    private final DeliveryMapper mapper;

    DeliveryStore(DeliveryMapper mapper) {
        this.mapper = mapper;
    }

    /**
     * The properties of a line; estimates are null if unknown.
     *
     * @param sampledSeconds the estimate from samples, before the machine's pace is applied
     * @param trackVersion of the clip's own captions that it shows; null if it shows none
     * @param content {@linkplain saltdrum.core.delivery.RenderedContent hash} of these; null if it shows none
     */
    public record Line(
            String fileName,
            String about,
            Long estimatedBytes,
            Double estimatedSeconds,
            Double sampledSeconds,
            Long trackVersion,
            String content) {}

    /** @return its id */
    public String add(String label) {
        String id = OpaqueIds.fresh();
        mapper.add(id, label);
        return id;
    }

    public void addLine(String id, String jobId, int place, Line line) {
        mapper.addLine(id, jobId, place, line);
    }

    /** The newest first. */
    public List<DeliveryRow> newest(int from, int most) {
        return mapper.newest(from, most);
    }

    public DeliveryRow get(String id) {
        DeliveryRow row = mapper.find(id);
        if (row == null) {
            throw new NotFoundException("That order no longer exists.");
        }
        return row;
    }

    public List<DeliveryLineRow> lines(String id) {
        return mapper.lines(get(id).id());
    }

    /** Forgets it and its files. */
    public void remove(String id) {
        get(id);
        if (mapper.remove(id) == 0) {
            throw new RefusedEditException("A part of this order is still being made. Stop it first.");
        }
    }
}
