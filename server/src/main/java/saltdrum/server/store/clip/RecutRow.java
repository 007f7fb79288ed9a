package saltdrum.server.store.clip;

import saltdrum.core.recut.CarryOver;
import saltdrum.core.recut.CarryOverResult;
import saltdrum.media.clip.ClipInfo;

/**
 * New footage for a clip.
 *
 * @param beforeId the archived copy of the old clip; null until the footage is in place, or if the copy was removed
 * @param carry new places of the words, and {@code carried} the report; null until the footage is in place
 */
public record RecutRow(
        String clipId,
        String mediaHash,
        ClipInfo info,
        String fileName,
        String beforeId,
        CarryOver carry,
        CarryOverResult carried) {}
