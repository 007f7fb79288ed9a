package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Track;
import saltdrum.core.look.Facet;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;
import saltdrum.core.look.Styling;
import saltdrum.core.text.Quoted;

/** Edits of the style of the track or a part of it, and of its frame. */
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
            return track.withStyle(style).withStyling(kept.withVersion(version == null ? 0 : version));
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

    /**
     * Makes words, cues, an emphasis role or a headline look as a style does. Exactly one of the four is given.
     *
     * @param look what the part needs to look so, see {@link saltdrum.core.edit.styled.StyledPart}; null in a request
     */
    record StyleOfPart(
            @MayBeMissing List<Long> wordIds,
            @MayBeMissing List<Long> cueIds,
            @MayBeMissing Integer role,
            @MayBeMissing Long headlineId,
            String style,
            @MayBeMissing LookPatch look)
            implements FrameEdit {
        public StyleOfPart {
            boolean none = wordIds == null && cueIds == null && role == null && headlineId == null;
            if (none || wordIds != null && wordIds.isEmpty() || cueIds != null && cueIds.isEmpty()) {
                throw new BadInputException("Name the words, cues, role or headline that get the style.");
            }
        }

        public StyleOfPart withLook(LookPatch newLook) {
            return new StyleOfPart(wordIds, cueIds, role, headlineId, style, newLook);
        }

        public StyleOfPart withStyle(String newStyle) {
            return new StyleOfPart(wordIds, cueIds, role, headlineId, newStyle, look);
        }

        private ChangeLook change() {
            List<String> all = Facets.ALL.stream().<String>map(Facet::name).toList();
            return new ChangeLook(wordIds, cueIds, role, headlineId, look, all);
        }

        @Override
        public Track on(Track track) {
            if (look == null) {
                throw new BadInputException("What " + Quoted.of(style) + " looks like is not known here.");
            }
            return change().on(track);
        }

        @Override
        public String said(Track before) {
            return "Style " + style + " for " + change().target(before);
        }

        @Override
        public List<String> styles() {
            return List.of(String.valueOf(style));
        }
    }

    record Reframe(Frame frame) implements FrameEdit {
        @Override
        public Track on(Track track) {
            // What a phone covers is the client's to say.
            return track.withFrame(
                    frame.zones() == null ? frame.withZones(track.frame().zones()) : frame);
        }

        @Override
        public String said(Track before) {
            return "Frame " + frame.aspect().label;
        }
    }
}
