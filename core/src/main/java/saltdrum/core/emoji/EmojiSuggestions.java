package saltdrum.core.emoji;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;
import saltdrum.core.emphasis.WordSense;
import saltdrum.core.look.Facets;
import saltdrum.core.word.Word;

/** Suggests emoji for the words of a track: for one word of a cue, the one with the best match. */
public final class EmojiSuggestions {
    private static final int MOST = 6;
    /** A keyword alone is not enough: “back” is one of doors. */
    private static final double NEAR = 45;

    private EmojiSuggestions() {}

    /** @param emoji the nearest first, never empty */
    public record Suggested(long wordId, String text, List<NamedEmoji> emoji) {}

    /** @param cue its index */
    private record Candidate(int cue, double points, Suggested suggested) {}

    /**
     * In the order of the track, for at most one in two cues: of neighbours the better one. Nothing for a cue that is
     * locked, or that has one already, or whose neighbour has.
     */
    public static List<Suggested> of(Track track) {
        EmojiMatches matches = EmojiMatches.of(track.language());
        WordSense sense = new WordSense(track.words().toList(), track.language());
        Set<Integer> taken = new HashSet<>();
        List<Candidate> candidates = new ArrayList<>();
        for (int i = 0; i < track.cues().size(); i++) {
            Cue cue = track.cues().get(i);
            if (cue.words().stream().anyMatch(word -> word.look().get(Facets.EMOJI) != null)) {
                taken.add(i);
            } else if (!cue.locked()) {
                add(i, cue, sense, matches, candidates);
            }
        }
        candidates.sort(Comparator.comparingDouble(Candidate::points).reversed().thenComparingInt(Candidate::cue));
        List<Candidate> kept = new ArrayList<>();
        for (Candidate one : candidates) {
            if (!taken.contains(one.cue - 1) && !taken.contains(one.cue + 1)) {
                taken.add(one.cue);
                kept.add(one);
            }
        }
        return kept.stream()
                .sorted(Comparator.comparingInt(Candidate::cue))
                .map(Candidate::suggested)
                .toList();
    }

    private static void add(int index, Cue cue, WordSense sense, EmojiMatches matches, List<Candidate> all) {
        Word best = null;
        List<EmojiMatches.Match> found = List.of();
        for (Word word : cue.words()) {
            if (sense.kind(word) != WordSense.Kind.CONTENT) {
                continue;
            }
            List<EmojiMatches.Match> own = matches.of(WordSense.plain(word), MOST);
            // Of two, the later one: new information comes at the end of a sentence.
            boolean near = !own.isEmpty() && own.get(0).points() >= NEAR;
            if (near && (best == null || own.get(0).points() >= found.get(0).points())) {
                best = word;
                found = own;
            }
        }
        if (best != null) {
            List<NamedEmoji> emoji =
                    found.stream().map(EmojiMatches.Match::emoji).toList();
            all.add(new Candidate(index, found.get(0).points(), new Suggested(best.id(), best.text(), emoji)));
        }
    }
}
