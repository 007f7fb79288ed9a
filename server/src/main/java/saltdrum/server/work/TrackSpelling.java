package saltdrum.server.work;

import java.util.Set;
import org.springframework.stereotype.Component;
import saltdrum.core.cue.Track;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.GlossaryStore;
import saltdrum.server.work.speech.Dictionaries;
import saltdrum.server.work.speech.SpellingSuggestions;

/** Checks the spelling of a track against the dictionary of its language and the terms of its client. */
@Component
class TrackSpelling {
    private final GlossaryStore glossary;
    private final Dictionaries dictionaries;
    private final SpellingSuggestions likely;

    TrackSpelling(GlossaryStore glossary, Dictionaries dictionaries, SpellingSuggestions likely) {
        this.glossary = glossary;
        this.dictionaries = dictionaries;
        this.likely = likely;
    }

    /** Ids of words that are in neither. */
    Set<Long> misspelt(ClipRow clip, Track track) {
        return dictionaries.misspelt(track, glossary.termsFor(clip.clientId())).orElse(Set.of());
    }

    /** What may have been meant by unknown words, as far as it is known. */
    SpellingSuggestions.Look suggestions(Track track) {
        return likely.look(track.language());
    }
}
