package saltdrum.server.store.track;

import saltdrum.core.look.LookPatch;

/** One word with its cue, as read back in order. */
public record WordRow(
        long cueId,
        String lineStarts,
        boolean locked,
        Integer showMs,
        Integer hideMs,
        String settings,
        LookPatch cueLook,
        long id,
        String text,
        int startMs,
        int endMs,
        double confidence,
        String source,
        int emphasis,
        String pin,
        LookPatch look,
        int speaker) {}
