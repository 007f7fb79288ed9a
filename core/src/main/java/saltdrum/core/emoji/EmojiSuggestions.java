package saltdrum.core.emoji;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;
import saltdrum.core.emphasis.WordSense;
import saltdrum.core.look.Facets;
import saltdrum.core.word.Word;

/** Suggests emoji for the words of a track: at most one word of a cue, the one with the best match. */
public final class EmojiSuggestions {
    private static final int MOST = 6;
    /** A keyword alone is not enough: “back” is one of doors. */
    private static final double NEAR = 45;

    private EmojiSuggestions() {}

    /** @param emoji the nearest first, never empty */
    public record Suggested(long wordId, String text, List<NamedEmoji> emoji) {}

    /** In the order of the track; nothing for a cue that is locked or has one already. */
    public static List<Suggested> of(Track track) {
        EmojiMatches matches = EmojiMatches.of(track.language());
        WordSense sense = new WordSense(track.words().toList(), track.language());
        List<Suggested> all = new ArrayList<>();
        for (Cue cue : track.cues()) {
            boolean has = cue.words().stream().anyMatch(word -> word.look().get(Facets.EMOJI) != null);
            if (!cue.locked() && !has) {
                add(cue, sense, matches, all);
            }
        }
        return all;
    }

    private static void add(Cue cue, WordSense sense, EmojiMatches matches, List<Suggested> all) {
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
            all.add(new Suggested(
                    best.id(),
                    best.text(),
                    found.stream().map(EmojiMatches.Match::emoji).toList()));
        }
    }
}
