package saltdrum.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import saltdrum.core.BadInputException;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Breaker;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Ids;
import saltdrum.core.cue.Track;
import saltdrum.core.cue.TrackExtras.Unscripted;
import saltdrum.core.text.Quoted;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Scripts;
import saltdrum.core.word.Syllables;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/** Implements edits of script words that were not spoken, and of speech that is not in the script. */
final class FlaggedEdits {
    /** Placeholder for speech whose words are not known. */
    private static final String UNKNOWN = "…";

    private FlaggedEdits() {}

    /** Turns speech that the script lacks into new cues. Its words share its time and stay unsure. */
    static Track accept(Track track, List<Long> ids) {
        Track result = track;
        for (Unscripted heard : chosen(track, ids)) {
            result = accept(result, heard);
        }
        return without(result, ids);
    }

    private static Track accept(Track track, Unscripted heard) {
        int start = heard.startMs();
        int end = heard.endMs();
        for (Word word : track.words().toList()) {
            boolean overlaps = word.startMs() < end && word.endMs() > start;
            if (overlaps && word.startMs() <= start) {
                start = word.endMs();
            } else if (overlaps) {
                end = word.startMs();
            }
        }
        List<String> texts = Tokens.split(heard.text().isBlank() ? UNKNOWN : heard.text());
        if (end - start < texts.size()) {
            throw new RefusedEditException("There is no room for " + Quoted.of(Scripts.joined(texts))
                    + " any more: there are words at its place. Nothing was changed.");
        }
        Ids ids = new Ids(track.nextId());
        List<Cue> cues = placed(track, words(texts, start, end, ids), ids);
        return track.withCues(cues, ids.peek());
    }

    private static List<Word> words(List<String> texts, int start, int end, Ids ids) {
        int[] edges = Syllables.share(texts, start, end);
        List<Word> words = new ArrayList<>();
        for (int i = 0; i < texts.size(); i++) {
            words.add(new Word(
                    ids.next(), texts.get(i), edges[i], edges[i + 1], 0.4, WordSource.RECOGNISED, 0, Pin.FREE));
        }
        return words;
    }

    /** All cues with the words between them, or between the words of the cue they fall into. */
    private static List<Cue> placed(Track track, List<Word> words, Ids ids) {
        int start = words.get(0).startMs();
        int end = words.get(words.size() - 1).endMs();
        List<Cue> cues = new ArrayList<>();
        boolean placed = false;
        for (Cue cue : track.cues()) {
            if (!placed && cue.firstWordMs() >= end) {
                cues.addAll(Breaker.cues(words, track.recipe(), track.language(), ids));
                placed = true;
            }
            boolean inside = cue.firstWordMs() < start && cue.lastWordMs() > start;
            if (inside) {
                Edits.unlocked(cue);
                List<Word> head =
                        cue.words().stream().filter(w -> w.startMs() < start).toList();
                List<Word> tail =
                        cue.words().stream().filter(w -> w.startMs() >= start).toList();
                cues.add(Edits.set(track, cue.id(), head));
                cues.addAll(Breaker.cues(words, track.recipe(), track.language(), ids));
                cues.add(Edits.set(track, ids.next(), tail));
                placed = true;
            } else {
                cues.add(cue);
            }
        }
        if (!placed) {
            cues.addAll(Breaker.cues(words, track.recipe(), track.language(), ids));
        }
        return cues;
    }

    static Track drop(Track track, List<Long> ids) {
        chosen(track, ids);
        return without(track, ids);
    }

    private static List<Unscripted> chosen(Track track, List<Long> ids) {
        List<Unscripted> chosen = track.beside().unscripted().stream()
                .filter(heard -> ids.contains(heard.id()))
                .toList();
        if (chosen.size() < new HashSet<>(ids).size()) {
            throw new BadInputException("That piece of speech is no longer marked. Nothing was changed.");
        }
        return chosen;
    }

    private static Track without(Track track, List<Long> ids) {
        return track.withBeside(track.beside()
                .withUnscripted(track.beside().unscripted().stream()
                        .filter(heard -> !ids.contains(heard.id()))
                        .toList()));
    }

    /** Takes words out; a cue without words goes. The others keep their times. */
    static Track dropWords(Track track, List<Long> wordIds) {
        Set<Long> gone = new HashSet<>(wordIds);
        List<Cue> cues = new ArrayList<>();
        int found = 0;
        for (Cue cue : track.cues()) {
            List<Word> left =
                    cue.words().stream().filter(w -> !gone.contains(w.id())).toList();
            if (left.size() == cue.words().size()) {
                cues.add(cue);
                continue;
            }
            Edits.unlocked(cue);
            found += cue.words().size() - left.size();
            if (!left.isEmpty()) {
                cues.add(Edits.set(track, cue.id(), left));
            }
        }
        if (found < gone.size()) {
            throw new BadInputException("A word of this change no longer exists. Nothing was changed.");
        }
        return track.withCues(cues, track.nextId());
    }
}
