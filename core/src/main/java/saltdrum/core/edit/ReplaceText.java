package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Track;

/** Replaces a word or phrase at these places (by first word) or, if null, at all places that are not locked. */
public record ReplaceText(String find, String with, @MayBeMissing List<Long> wordIds) implements Edit {
    @Override
    public Track on(Track track) {
        return TextMatches.replace(track, this);
    }

    @Override
    public String said(Track before) {
        return "Replace “" + EditDescriptions.shortened(find) + "” with “"
                + EditDescriptions.shortened(with == null ? "" : with) + "”";
    }
}
