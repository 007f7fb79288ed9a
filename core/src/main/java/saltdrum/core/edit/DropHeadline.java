package saltdrum.core.edit;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Track;

public record DropHeadline(long id) implements Edit {
    @Override
    public Track on(Track track) {
        List<Headline> headlines = new ArrayList<>(track.beside().headlines());
        headlines.remove(index(track, id));
        return track.withBeside(track.beside().withHeadlines(headlines));
    }

    static int index(Track track, long id) {
        return track.beside().headlines().indexOf(track.beside().headline(id));
    }

    /** Its text, shortened. */
    static String said(Track track, long id) {
        return EditDescriptions.shortened(track.beside().headline(id).text());
    }

    @Override
    public String said(Track before) {
        return "Delete the headline “" + said(before, id) + "”";
    }
}
