package saltdrum.core.merge;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.word.Scripts;
import saltdrum.core.word.Tokens;

/** Merges two texts that were edited from the same text. */
public final class MergedText {
    private MergedText() {}

    /**
     * For each word of the old text its replacement, null if it was removed; and the words inserted before it and at
     * the end.
     */
    private record Became(List<String> words, List<List<String>> putIn) {
        static Became of(List<String> old, List<String> typed) {
            List<String> words = new ArrayList<>();
            List<List<String>> putIn = new ArrayList<>();
            putIn.add(new ArrayList<>());
            for (TokenAlignment.Pair pair : TokenAlignment.pairs(old, typed)) {
                if (pair.old() < 0) {
                    putIn.get(putIn.size() - 1).add(typed.get(pair.typed()));
                } else {
                    words.add(pair.typed() < 0 ? null : typed.get(pair.typed()));
                    putIn.add(new ArrayList<>());
                }
            }
            return new Became(words, putIn);
        }
    }

    /**
     * Applies both changes. If both changed a word differently, or inserted at the same place, theirs comes first,
     * then mine.
     */
    public static String of(String base, String mine, String theirs) {
        List<String> old = Tokens.split(base);
        Became me = Became.of(old, Tokens.split(mine));
        Became them = Became.of(old, Tokens.split(theirs));
        List<String> merged = new ArrayList<>();
        for (int i = 0; i <= old.size(); i++) {
            merged.addAll(them.putIn.get(i));
            if (!me.putIn.get(i).equals(them.putIn.get(i))) {
                merged.addAll(me.putIn.get(i));
            }
            if (i < old.size()) {
                addWord(merged, old.get(i), me.words.get(i), them.words.get(i));
            }
        }
        return Scripts.joined(merged);
    }

    private static void addWord(List<String> merged, String old, String mine, String theirs) {
        boolean mineIsNew = mine != null && !mine.equals(old);
        boolean theirsIsNew = theirs != null && !theirs.equals(old);
        if (theirsIsNew) {
            merged.add(theirs);
        }
        if (mineIsNew && !mine.equals(theirs)) {
            merged.add(mine);
        }
        if (!mineIsNew && !theirsIsNew && mine != null && theirs != null) {
            merged.add(old);
        }
    }
}
