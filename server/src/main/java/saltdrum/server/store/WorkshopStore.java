package saltdrum.server.store;

import org.springframework.stereotype.Component;

/** The workshop's settings for all clips. */
@Component
public class WorkshopStore {
    private final WorkshopMapper mapper;

    WorkshopStore(WorkshopMapper mapper) {
        this.mapper = mapper;
    }

    /** Confidence below which words ask to be listened to again, 0 to 1. */
    public double unsureBelow() {
        return mapper.unsureBelow();
    }

    public void setUnsureBelow(double below) {
        mapper.setUnsureBelow(below);
    }
}
