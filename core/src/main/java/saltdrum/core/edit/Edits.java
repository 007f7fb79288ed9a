package saltdrum.core.edit;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import saltdrum.core.BadInputException;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Breaker;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;
import saltdrum.core.look.LookPatch;
import saltdrum.core.text.Quoted;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/** Operations on words and cues that several edits share. */
final class Edits {
    private Edits() {}

    static long nextOf(Track track, long cueId) {
        int index = track.indexOfCue(cueId);
        if (index + 1 == track.cues().size()) {
            throw new RefusedEditException("There is no cue after this one to join.");
        }
        return track.cues().get(index + 1).id();
    }

    static Track delete(Track track, List<Long> cueIds) {
        Set<Long> gone = existing(track, cueIds);
        track.cues().stream().filter(cue -> gone.contains(cue.id())).forEach(Edits::unlocked);
        return track.withCues(
                track.cues().stream().filter(cue -> !gone.contains(cue.id())).toList(), track.nextId());
    }

    static Track confirmSure(Track track, double least) {
        Track confirmed = eachCue(
                track,
                cue -> cue.locked()
                        ? cue
                        : cue.withWords(cue.words().stream()
                                .map(word -> word.unsure(least) || word.source() != WordSource.RECOGNISED
                                        ? word
                                        : word.confirmed())
                                .toList()));
        if (confirmed.equals(track)) {
            throw new RefusedEditException("No unconfirmed word is sure enough. Nothing was changed.");
        }
        return confirmed;
    }

    static String language(String tag) {
        String language = Locale.forLanguageTag(String.valueOf(tag)).getLanguage();
        if (language.isEmpty()) {
            throw new BadInputException(Quoted.of(tag) + " is not a language tag. Choose a language from the list.");
        }
        return tag;
    }

    static Track eachWord(Track track, List<Long> wordIds, UnaryOperator<Word> change) {
        Set<Long> wanted = new HashSet<>(wordIds);
        Set<Long> seen = new HashSet<>();
        Track changed = eachCue(track, cue -> {
            if (cue.words().stream().noneMatch(word -> wanted.contains(word.id()))) {
                return cue;
            }
            unlocked(cue);
            return cue.withWords(cue.words().stream()
                    .map(word -> wanted.contains(word.id()) && seen.add(word.id()) ? change.apply(word) : word)
                    .toList());
        });
        if (seen.size() < wanted.size()) {
            throw new BadInputException("A word of this change no longer exists. Nothing was changed.");
        }
        return changed;
    }

    static Track eachCue(Track track, UnaryOperator<Cue> change) {
        return track.withCues(track.cues().stream().map(change).toList(), track.nextId());
    }

    static Set<Long> existing(Track track, List<Long> cueIds) {
        cueIds.forEach(track::indexOfCue);
        return new HashSet<>(cueIds);
    }

    static Cue unlocked(Cue cue) {
        if (cue.locked()) {
            throw new RefusedEditException(
                    "The cue " + Quoted.of(cue.text()) + " is locked. Unlock it first; nothing was changed.");
        }
        return cue;
    }

    /** A cue of these words, with lines by the recipe, and the look that the cue of this id has, if there is one. */
    static Cue set(Track track, long id, List<Word> words) {
        LookPatch look = track.cues().stream()
                .filter(cue -> cue.id() == id)
                .findFirst()
                .map(Cue::look)
                .orElse(LookPatch.NONE);
        return new Cue(id, words, Breaker.lines(words, track.recipe(), track.language()), false, null, look);
    }

    static Track replace(Track track, int from, int count, List<Cue> with, long nextId) {
        return track.withCues(
                Stream.of(
                                track.cues().subList(0, from),
                                with,
                                track.cues().subList(from + count, track.cues().size()))
                        .flatMap(List::stream)
                        .toList(),
                nextId);
    }
}
