package saltdrum.core.edit;

import java.util.Locale;
import saltdrum.core.cue.Track;

/** The language that the words are in, BCP 47; they stay as they are. */
public record SetLanguage(String language) implements Edit {
    @Override
    public Track on(Track track) {
        return track.withLanguage(Edits.language(language));
    }

    @Override
    public String said(Track before) {
        return "Language " + Locale.forLanguageTag(language).getDisplayLanguage(Locale.ENGLISH);
    }
}
