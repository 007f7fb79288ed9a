package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Track;
import saltdrum.core.look.Styling;

/** Edits of the style of the whole track and of its frame. */
public sealed interface FrameEdit extends Edit {
    /**
     * Changes the style of the whole track. Overrides of single cues and words are kept.
     *
     * @param version of the style; null or 0 for the newest
     * @param keep whether the overrides of the whole track are kept too; null for no
     */
    record Restyle(String style, @MayBeMissing Integer version, @MayBeMissing Boolean keep) implements FrameEdit {
        public Restyle(String style) {
            this(style, null, null);
        }

        public Restyle withVersion(int newVersion) {
            return new Restyle(style, newVersion, keep);
        }

        @Override
        public Track on(Track track) {
            Styling kept = Boolean.TRUE.equals(keep) ? track.styling() : Styling.PLAIN;
            return track.withStyle(style)
                    .withStyling(new Styling(version == null ? 0 : version, kept.all(), kept.roles()));
        }

        @Override
        public String said(Track before) {
            return "Style " + style + EditDescriptions.butLocked(before);
        }

        @Override
        public List<String> styles() {
            return List.of(String.valueOf(style));
        }
    }

    record Reframe(Frame frame) implements FrameEdit {
        @Override
        public Track on(Track track) {
            return track.withFrame(frame);
        }

        @Override
        public String said(Track before) {
            return "Frame " + frame.aspect().label;
        }
    }
}
