package saltdrum.server.store;

import saltdrum.core.recut.CarryOver;
import saltdrum.core.recut.CarryOverResult;
import saltdrum.media.clip.ClipInfo;

/**
 * Other footage of a clip.
 *
 * @param beforeId the clip as it was, in the archive; null until the footage is in its place, or when that is gone
 * @param carry where the words go, and {@code carried} what became of them; null until the footage is in its place
 */
public record RecutRow(
        String clipId,
        String mediaHash,
        ClipInfo info,
        String fileName,
        String beforeId,
        CarryOver carry,
        CarryOverResult carried) {}
