package saltdrum.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Word;

/** Moves words to where they are heard, as far as their neighbours allow. */
public record FollowVoice(List<Heard> words) implements Edit {
    private static final int SHORTEST_MS = 20;

    public record Heard(long wordId, int startMs, int endMs) implements FromOutside {
        public Heard {
            if (startMs < 0 || endMs <= startMs) {
                throw new BadInputException("A word must end after it starts.");
            }
        }
    }

    public FollowVoice {
        words = List.copyOf(words);
        if (words.isEmpty()) {
            throw new BadInputException("No word was named.");
        }
    }

    /** Merges several edits whose words are placed together, so that they do not block one another. */
    static FollowVoice together(List<FollowVoice> edits) {
        return new FollowVoice(
                edits.stream().flatMap(edit -> edit.words.stream()).toList());
    }

    @Override
    public Track on(Track track) {
        Map<Long, Heard> heard = new HashMap<>();
        words.forEach(word -> heard.put(word.wordId, word));
        List<Word> all = new ArrayList<>();
        List<Boolean> free = new ArrayList<>();
        for (Cue cue : track.cues()) {
            for (Word word : cue.words()) {
                all.add(word);
                free.add(heard.containsKey(word.id()) && !cue.locked());
            }
        }
        List<Word> placed = new ArrayList<>();
        int before = 0;
        for (int i = 0; i < all.size(); i++) {
            Word word = all.get(i);
            int room = nextFixed(all, free, i, track.endMs());
            if (free.get(i)) {
                Heard to = heard.get(word.id());
                int start = Math.max(before, to.startMs);
                int end = Math.min(room, to.endMs);
                if (end - start < SHORTEST_MS) {
                    start = Math.max(before, Math.min(word.startMs(), room - SHORTEST_MS));
                    end = Math.min(room, Math.max(start + SHORTEST_MS, Math.min(word.endMs(), room)));
                }
                if (end <= start) {
                    throw new RefusedEditException(
                            "There is no room for “" + word.text() + "” where it is heard. Move its neighbours first.");
                }
                word = word.withTime(start, end);
            }
            placed.add(word);
            before = word.endMs();
        }
        if (placed.equals(all)) {
            throw new RefusedEditException("These words are already in place, are locked, or no longer exist.");
        }
        Map<Long, Word> byId = new HashMap<>();
        placed.forEach(word -> byId.put(word.id(), word));
        List<Cue> cues = track.cues().stream()
                .map(cue -> cue.withWords(
                        cue.words().stream().map(word -> byId.get(word.id())).toList()))
                .toList();
        return track.withCues(cues, track.nextId());
    }

    private static int nextFixed(List<Word> all, List<Boolean> free, int index, int endMs) {
        for (int i = index + 1; i < all.size(); i++) {
            if (!free.get(i)) {
                return all.get(i).startMs();
            }
        }
        return Math.max(endMs, all.get(all.size() - 1).endMs());
    }

    @Override
    public String said(Track before) {
        return "Place " + EditDescriptions.count(words.size(), "word") + " on the voice";
    }

    static Stream<FollowVoice> among(List<Edit> edits) {
        return edits.stream().filter(FollowVoice.class::isInstance).map(FollowVoice.class::cast);
    }
}
