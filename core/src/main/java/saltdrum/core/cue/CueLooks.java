package saltdrum.core.cue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Keeps the look of cues that are split, joined or rebuilt: overrides of a cue follow its words. */
final class CueLooks {
    private CueLooks() {}

    /** @return the cues, those of them that are new or have other words with the look of the cue their words came from */
    static List<Cue> carried(List<Cue> before, List<Cue> after) {
        if (before.stream().allMatch(cue -> cue.look().isEmpty())) {
            return after;
        }
        Map<Long, Cue> byWord = new HashMap<>();
        Map<Long, Cue> byId = new HashMap<>();
        for (Cue cue : before) {
            byId.put(cue.id(), cue);
            cue.words().forEach(word -> byWord.put(word.id(), cue));
        }
        return after.stream().map(cue -> carried(cue, byWord, byId)).toList();
    }

    private static Cue carried(Cue cue, Map<Long, Cue> byWord, Map<Long, Cue> byId) {
        Cue same = byId.get(cue.id());
        if (!cue.look().isEmpty() || same != null && sameWords(same, cue)) {
            return cue;
        }
        return cue.words().stream()
                .map(word -> byWord.get(word.id()))
                .filter(from -> from != null)
                .findFirst()
                .map(from -> cue.withLook(from.look()))
                .orElse(cue);
    }

    private static boolean sameWords(Cue a, Cue b) {
        if (a.words().size() != b.words().size()) {
            return false;
        }
        for (int i = 0; i < a.words().size(); i++) {
            if (a.words().get(i).id() != b.words().get(i).id()) {
                return false;
            }
        }
        return true;
    }
}
