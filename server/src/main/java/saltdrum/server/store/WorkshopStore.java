package saltdrum.server.store;

import org.springframework.stereotype.Component;

/** What the workshop has settled for every clip. */
@Component
public class WorkshopStore {
    private final WorkshopMapper mapper;

    WorkshopStore(WorkshopMapper mapper) {
        this.mapper = mapper;
    }

    /** Confidence below which words ask to be listened to again, 0 to 1. */
    public double unsureBelow() {
        // Kept as four bytes: 0.6 is to come back as 0.6.
        return Math.round(mapper.unsureBelow() * 1e4) / 1e4;
    }

    public void setUnsureBelow(double below) {
        mapper.setUnsureBelow(below);
    }
}
