package saltdrum.server.store.watched;

import java.util.List;
import org.springframework.stereotype.Component;

/** Remembers which files of the watched folder were taken, so that each becomes a clip once. */
@Component
public class WatchedFileStore {
    private static final int MOST_FAULTS = 20;

    private final WatchedFileMapper mapper;

    WatchedFileStore(WatchedFileMapper mapper) {
        this.mapper = mapper;
    }

    /** @return false where it was taken before, here or by another server of the workshop */
    public boolean claim(WatchedFile file) {
        return mapper.claim(file) == 1;
    }

    public void became(WatchedFile file, String clipId) {
        mapper.done(file, clipId, null);
    }

    public void refused(WatchedFile file, String fault) {
        mapper.done(file, null, fault);
    }

    /** It is tried again later. */
    public void giveBack(WatchedFile file) {
        mapper.giveBack(file);
    }

    /** The newest first. */
    public List<WatchedFault> faults() {
        return mapper.faults(MOST_FAULTS);
    }

    public int taken() {
        return mapper.taken();
    }
}
