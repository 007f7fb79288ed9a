package saltdrum.server.store.clip;

import saltdrum.core.check.Onsets;

/**
 * The measurements of a clip for its checks.
 *
 * @param lightHash how light its picture is; null until measured
 * @param onsets when its words are heard; null until measured
 */
public record ClipMeasurements(String lightHash, Onsets onsets) {
    public static final ClipMeasurements NOTHING = new ClipMeasurements(null, null);
}
