package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Track;

/** Edits of how long cues are shown before and after their words. */
public sealed interface ShowingEdit extends Edit {
    /** Sets when a cue is shown and hidden. Null keeps a time; a negative time lets it follow the words again. */
    record SetCueTime(long cueId, @MayBeMissing Integer showMs, @MayBeMissing Integer hideMs) implements ShowingEdit {
        @Override
        public Track on(Track track) {
            return ShowingEdits.set(track, this);
        }

        @Override
        public String said(Track before) {
            return "Set the " + (showMs == null ? "end" : hideMs == null ? "start" : "times") + " of “"
                    + EditDescriptions.cue(before, cueId) + "”";
        }
    }

    /** Gaps up to this length are closed. No cue ids: the track. */
    record BridgeGaps(@MayBeMissing List<Long> cueIds, int upToMs) implements ShowingEdit {
        @Override
        public Track on(Track track) {
            return ShowingEdits.bridge(track, this);
        }

        @Override
        public String said(Track before) {
            return "Bridge gaps up to " + upToMs + " ms" + EditDescriptions.of(cueIds);
        }
    }

    /** Cues go when their last word is over. No cue ids: the track. */
    record TrimToSpeech(@MayBeMissing List<Long> cueIds) implements ShowingEdit {
        @Override
        public Track on(Track track) {
            return ShowingEdits.trim(track, this);
        }

        @Override
        public String said(Track before) {
            return "Trim to speech" + EditDescriptions.of(cueIds);
        }
    }

    /** Cues are shown at least this long, where there is room. No cue ids: the track. */
    record HoldAtLeast(@MayBeMissing List<Long> cueIds, int leastMs) implements ShowingEdit {
        @Override
        public Track on(Track track) {
            return ShowingEdits.hold(track, this);
        }

        @Override
        public String said(Track before) {
            return "Show at least " + leastMs + " ms" + EditDescriptions.of(cueIds);
        }
    }
}
