package saltdrum.core.edit.speaker;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToIntFunction;
import saltdrum.core.BadInputException;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Breaker;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Ids;
import saltdrum.core.cue.Speakers;
import saltdrum.core.cue.Track;
import saltdrum.core.look.LookPatch;
import saltdrum.core.text.Quoted;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Word;

/** Implements edits of who speaks. Locked cues keep their speaker. */
public final class SpeakerWords {
    private SpeakerWords() {}

    /** The word from which on somebody speaks. */
    public record Turn(long wordId, int speaker) {}

    /** Says how many speak, and their names. Words of speakers who are gone are said by the first. */
    public static Track named(Track track, List<String> names) {
        Speakers before = track.beside().speakers();
        Speakers after = before.withNames(names);
        int count = after.names().size();
        Track spoken = spoken(
                track,
                word -> count == 0 ? 0 : word.speaker() == 0 || word.speaker() > count ? 1 : word.speaker(),
                true);
        List<LookPatch> looks = track.styling().speakers();
        Set<Long> gone = new HashSet<>();
        track.words().filter(word -> word.speaker() > count).forEach(word -> gone.add(word.id()));
        return spoken.withBeside(spoken.beside()
                        .withSpeakers(after.withGiven(before.given().stream()
                                .filter(id -> !gone.contains(id))
                                .toList())))
                .withStyling(track.styling().withSpeakers(looks.subList(0, Math.min(count, looks.size()))));
    }

    /** Words that a person gives to a speaker. @throws RefusedEditException where one is in a locked cue */
    public static Track given(Track track, List<Long> wordIds, int speaker) {
        there(track, speaker);
        Set<Long> wanted = new HashSet<>(wordIds);
        Set<Long> seen = new HashSet<>();
        for (Cue cue : track.cues()) {
            for (Word word : cue.words()) {
                if (wanted.contains(word.id())) {
                    seen.add(word.id());
                    if (cue.locked()) {
                        throw new RefusedEditException("The cue " + Quoted.of(cue.text())
                                + " is locked. Unlock it first; nothing was changed.");
                    }
                }
            }
        }
        if (wanted.isEmpty() || !seen.equals(wanted)) {
            throw new BadInputException("A word of this change no longer exists. Nothing was changed.");
        }
        Track spoken = spoken(track, word -> wanted.contains(word.id()) ? speaker : word.speaker(), false);
        List<Long> given = new ArrayList<>(track.beside().speakers().given());
        given.addAll(wanted);
        return spoken.withBeside(
                spoken.beside().withSpeakers(spoken.beside().speakers().withGiven(given)));
    }

    /** Who says the words that were not given to a speaker by hand. @param turns in any order; words before the first stay */
    public static Track found(Track track, List<Turn> turns) {
        Map<Long, Integer> from = new HashMap<>();
        for (Turn turn : turns) {
            there(track, turn.speaker());
            from.put(turn.wordId(), turn.speaker());
        }
        Set<Long> given = new HashSet<>(track.beside().speakers().given());
        Map<Long, Integer> speakers = new HashMap<>();
        int speaking = 0;
        for (Word word : track.words().toList()) {
            speaking = from.getOrDefault(word.id(), speaking);
            boolean stays = speaking == 0 || given.contains(word.id()) && word.speaker() > 0;
            speakers.put(word.id(), stays ? word.speaker() : speaking);
        }
        return spoken(track, word -> speakers.get(word.id()), false);
    }

    public static Track swapped(Track track, int first, int second) {
        there(track, first);
        there(track, second);
        return spoken(
                track,
                word -> word.speaker() == first ? second : word.speaker() == second ? first : word.speaker(),
                false);
    }

    /** One speaker was the other all along: the names and looks of those after it move up. */
    public static Track merged(Track track, int gone, int into) {
        there(track, gone);
        there(track, into);
        if (gone == into) {
            throw new BadInputException("A speaker cannot be merged into themselves. Nothing was changed.");
        }
        Track spoken = spoken(
                track,
                word -> {
                    int speaker = word.speaker() == gone ? into : word.speaker();
                    return speaker > gone ? speaker - 1 : speaker;
                },
                true);
        List<String> names = new ArrayList<>(track.beside().speakers().names());
        names.remove(gone - 1);
        List<LookPatch> looks = new ArrayList<>(track.styling().speakers());
        if (gone <= looks.size()) {
            looks.remove(gone - 1);
        }
        return spoken.withBeside(
                        spoken.beside().withSpeakers(spoken.beside().speakers().withNames(names)))
                .withStyling(track.styling().withSpeakers(looks));
    }

    /** @throws BadInputException where there is no speaker of that number */
    public static void there(Track track, int speaker) {
        int count = track.beside().speakers().names().size();
        if (speaker < 1 || speaker > count) {
            throw new BadInputException(
                    count == 0
                            ? "No speakers are named yet. Say how many speak; nothing was changed."
                            : "There is no speaker " + speaker + ": " + count + (count == 1 ? " speaks" : " speak")
                                    + ". Nothing was changed.");
        }
    }

    /**
     * Words with other speakers, in cues of one speaker each.
     *
     * @param locked whether locked cues get another speaker too, because the numbers of speakers change
     */
    private static Track spoken(Track track, ToIntFunction<Word> speaker, boolean locked) {
        Ids ids = new Ids(track.nextId());
        List<Cue> cues = new ArrayList<>();
        for (Cue cue : track.cues()) {
            if (cue.locked() && !locked) {
                cues.add(cue);
                continue;
            }
            List<Word> words = cue.words().stream()
                    .map(word -> word.withSpeaker(speaker.applyAsInt(word)))
                    .toList();
            split(track, cue, words, ids, cues);
        }
        return track.withCues(cues, ids.peek());
    }

    /** The first part keeps the cue's id. */
    private static void split(Track track, Cue cue, List<Word> words, Ids ids, List<Cue> cues) {
        int from = 0;
        for (int end = 1; end <= words.size(); end++) {
            boolean changes = end == words.size()
                    || !words.get(end).speaker().equals(words.get(end - 1).speaker());
            if (!changes) {
                continue;
            }
            if (from == 0 && end == words.size()) {
                cues.add(cue.withWords(words));
                return;
            }
            List<Word> part = new ArrayList<>(words.subList(from, end));
            if (from > 0) {
                part.set(0, part.get(0).withPin(Pin.FREE));
            }
            cues.add(new Cue(
                    from == 0 ? cue.id() : ids.next(),
                    part,
                    Breaker.lines(part, track.recipe(), track.language()),
                    false,
                    null,
                    cue.look()));
            from = end;
        }
    }
}
