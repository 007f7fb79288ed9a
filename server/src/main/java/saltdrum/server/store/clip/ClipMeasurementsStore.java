package saltdrum.server.store.clip;

import org.springframework.stereotype.Component;
import saltdrum.core.check.Onsets;

/** Stores the measurements of clips for their checks. */
@Component
public class ClipMeasurementsStore {
    private final ClipMeasurementsMapper mapper;

    ClipMeasurementsStore(ClipMeasurementsMapper mapper) {
        this.mapper = mapper;
    }

    public ClipMeasurements of(String clipId) {
        ClipMeasurements measured = mapper.find(clipId);
        return measured == null ? ClipMeasurements.NOTHING : measured;
    }

    public void light(String clipId, String hash) {
        mapper.light(clipId, hash);
    }

    /** @param onsets null where they are not known any more */
    public void onsets(String clipId, Onsets onsets) {
        mapper.onsets(clipId, onsets);
    }
}
