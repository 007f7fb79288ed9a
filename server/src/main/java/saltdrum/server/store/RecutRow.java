package saltdrum.server.store;

import saltdrum.media.clip.ClipInfo;

/**
 * Other footage of a clip.
 *
 * @param beforeId the clip as it was, in the archive; null until the footage is in its place, or when that is gone
 * @param carry where the words go ({@code CarryOver} as JSON), and {@code carried} what became of them ({@code Carried}); null
 *     until the footage is in its place
 */
public record RecutRow(
        String clipId,
        String mediaHash,
        ClipInfo info,
        String fileName,
        String beforeId,
        String carry,
        String carried) {}
