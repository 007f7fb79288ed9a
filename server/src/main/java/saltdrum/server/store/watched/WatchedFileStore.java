package saltdrum.server.store.watched;

import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

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

    @Transactional
    public void became(WatchedFile file, String clipId) {
        mapper.became(file, clipId);
        mapper.forgetFaults(file.path());
    }

    /** It can be no clip as it is. */
    public void refused(WatchedFile file, String fault) {
        mapper.fault(file, fault, true);
    }

    /** It is tried again in half an hour. */
    public void failed(WatchedFile file, String fault) {
        mapper.fault(file, fault, false);
    }

    /** The newest first. */
    public List<WatchedFault> faults() {
        return mapper.faults(MOST_FAULTS);
    }

    public int taken() {
        return mapper.taken();
    }
}
