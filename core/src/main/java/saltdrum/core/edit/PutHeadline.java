package saltdrum.core.edit;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Track;
import saltdrum.core.look.LookPatch;

/**
 * Adds a headline, or changes one: missing parts keep their values.
 *
 * @param id of the one that is changed; null for a new one, which needs at least a text
 * @param toMs end time; 0 for the end of the clip
 */
public record PutHeadline(
        @MayBeMissing Long id,
        @MayBeMissing String text,
        @MayBeMissing Integer fromMs,
        @MayBeMissing Integer toMs,
        @MayBeMissing Headline.Place place)
        implements Edit {
    static final int MOST = 20;

    @Override
    public Track on(Track track) {
        List<Headline> headlines = new ArrayList<>(track.beside().headlines());
        if (id == null) {
            if (headlines.size() >= MOST) {
                throw new BadInputException("A clip has at most " + MOST + " headlines.");
            }
            headlines.add(changed(new Headline(
                    track.nextId(), text == null ? "" : text, 0, null, Headline.Place.ABOVE, LookPatch.NONE)));
            return track.withCues(track.cues(), track.nextId() + 1)
                    .withBeside(track.beside().withHeadlines(headlines));
        }
        int index = DropHeadline.index(track, id);
        headlines.set(index, changed(headlines.get(index)));
        return track.withBeside(track.beside().withHeadlines(headlines));
    }

    private Headline changed(Headline old) {
        Integer until = toMs == null ? old.toMs() : toMs == 0 ? null : toMs;
        return new Headline(
                old.id(),
                text == null ? old.text() : text,
                fromMs == null ? old.fromMs() : fromMs,
                until,
                place == null ? old.place() : place,
                old.look());
    }

    @Override
    public String said(Track before) {
        return id == null
                ? "Headline “" + EditDescriptions.shortened(text == null ? "" : text) + "”"
                : "Change the headline “" + DropHeadline.said(before, id) + "”";
    }
}
