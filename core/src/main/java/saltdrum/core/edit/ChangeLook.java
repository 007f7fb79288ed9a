package saltdrum.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import saltdrum.core.BadInputException;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.OverlayEdit.DropHeadline;
import saltdrum.core.look.Facet;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;
import saltdrum.core.look.Styling;
import saltdrum.core.text.Quoted;

/**
 * Sets facets of the look of words, cues, an emphasis role, a headline or the whole track. At most one of the four
 * targets is given; none means the track.
 *
 * @param wordIds null for no words
 * @param cueIds null for no cues
 * @param role emphasis 1 to 4; null for none
 * @param headlineId null for none
 * @param look values to set; null for none
 * @param reset names of facets whose overrides are removed; null for none
 */
public record ChangeLook(
        @MayBeMissing List<Long> wordIds,
        @MayBeMissing List<Long> cueIds,
        @MayBeMissing Integer role,
        @MayBeMissing Long headlineId,
        @MayBeMissing LookPatch look,
        @MayBeMissing List<String> reset)
        implements Edit {
    private static final int MOST_SAID = 3;

    public ChangeLook {
        look = look == null ? LookPatch.NONE : look;
        reset = reset == null ? List.of() : List.copyOf(reset);
        if (Stream.of(wordIds, cueIds, role, headlineId)
                        .filter(target -> target != null)
                        .count()
                > 1) {
            throw new BadInputException(
                    "A look is changed for words, cues, a role, a headline or the track, and for only one of "
                            + "these at once.");
        }
        if (look.isEmpty() && reset.isEmpty()) {
            throw new BadInputException("A change of the look needs at least one facet.");
        }
        reset.forEach(Facets::named);
        if (wordIds != null || role != null) {
            for (Facet<?> facet : look.facets()) {
                if (facet.scope() == Facet.Scope.CUE) {
                    throw new BadInputException(Quoted.of(facet.label())
                            + " applies to whole cues, not to single words. Choose the cue or the track.");
                }
            }
        }
    }

    public static ChangeLook ofTrack(LookPatch look) {
        return new ChangeLook(null, null, null, null, look, null);
    }

    public static ChangeLook ofCues(List<Long> cueIds, LookPatch look) {
        return new ChangeLook(null, cueIds, null, null, look, null);
    }

    public static ChangeLook ofWords(List<Long> wordIds, LookPatch look) {
        return new ChangeLook(wordIds, null, null, null, look, null);
    }

    @Override
    public Track on(Track track) {
        if (wordIds != null) {
            return Edits.eachWord(track, wordIds, word -> word.withLook(changed(word.look())));
        }
        if (cueIds != null) {
            var chosen = Edits.existing(track, cueIds);
            return Edits.eachCue(track, cue -> chosen.contains(cue.id()) ? bent(cue) : cue);
        }
        if (headlineId != null) {
            List<Headline> headlines = new ArrayList<>(track.beside().headlines());
            int index = DropHeadline.index(track, headlineId);
            headlines.set(
                    index,
                    headlines.get(index).withLook(changed(headlines.get(index).look())));
            return track.withBeside(track.beside().withHeadlines(headlines));
        }
        Styling styling = track.styling();
        return track.withStyling(
                role == null
                        ? styling.withAll(changed(styling.all()))
                        : styling.withRole(role, changed(styling.role(role))));
    }

    private Cue bent(Cue cue) {
        Edits.unlocked(cue);
        return cue.withLook(changed(cue.look()));
    }

    private LookPatch changed(LookPatch own) {
        return look.over(own.without(reset.stream().map(Facets::named).toList()));
    }

    @Override
    public String said(Track before) {
        List<String> labels = new ArrayList<>();
        look.facets().forEach(facet -> labels.add(facet.label()));
        reset.forEach(name -> labels.add(Facets.named(name).label()));
        String what =
                labels.size() > MOST_SAID ? "Look" : labels.stream().distinct().collect(Collectors.joining(", "));
        return what + " of " + target(before) + (look.isEmpty() ? " as before" : "");
    }

    String target(Track before) {
        if (wordIds != null) {
            return wordIds.size() == 1
                    ? "“" + EditDescriptions.word(before, wordIds.get(0)) + "”"
                    : EditDescriptions.count(wordIds.size(), "word");
        }
        if (cueIds != null) {
            return EditDescriptions.count(cueIds.size(), "cue");
        }
        if (headlineId != null) {
            return "the headline “" + DropHeadline.said(before, headlineId) + "”";
        }
        return (role == null ? "the track" : "emphasis " + role) + EditDescriptions.butLocked(before);
    }
}
