package saltdrum.core.cue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import saltdrum.core.BadInputException;
import saltdrum.core.text.Characters;
import saltdrum.core.text.Quoted;
import saltdrum.core.word.Word;

/**
 * Who speaks in a clip. Each word says which of them says it; a cue is said by one of them.
 *
 * @param names the first is speaker 1; none where no speakers are named; a blank one becomes “Speaker 1” and so on
 * @param given ids of words that a person gave to their speaker: these stay when the others are found
 */
public record Speakers(List<String> names, List<Long> given) {
    public static final Speakers NONE = new Speakers(List.of(), List.of());

    /** Characters (UTF-16) of the longest name. */
    public static final int MOST_CHARACTERS = 60;

    public Speakers {
        names = names == null ? List.of() : named(names);
        given = given == null ? List.of() : given.stream().distinct().sorted().toList();
        if (names.size() > Word.MOST_SPEAKERS) {
            throw new BadInputException(
                    "A clip has at most " + Word.MOST_SPEAKERS + " speakers, not " + names.size() + ".");
        }
    }

    /** Not written where no speakers are named. */
    static final class Nobody {
        @Override
        public boolean equals(Object other) {
            return other == null || other.equals(NONE);
        }

        @Override
        public int hashCode() {
            return 0;
        }
    }

    private static List<String> named(List<String> names) {
        List<String> named = new ArrayList<>();
        for (String name : names) {
            String kept = name(name);
            named.add(kept.isEmpty() ? "Speaker " + (named.size() + 1) : kept);
        }
        return List.copyOf(named);
    }

    private static String name(String name) {
        String kept = Characters.kept(name == null ? "" : name).strip();
        if (kept.length() > MOST_CHARACTERS || kept.codePoints().anyMatch(Character::isISOControl)) {
            throw new BadInputException(
                    "A speaker's name has at most " + MOST_CHARACTERS + " characters, not " + Quoted.of(kept) + ".");
        }
        return kept;
    }

    /** @param speaker from 1 on; empty for 0 and for those who are not there */
    public String name(int speaker) {
        return speaker >= 1 && speaker <= names.size() ? names.get(speaker - 1) : "";
    }

    public Speakers withNames(List<String> newNames) {
        return new Speakers(newNames, given);
    }

    public Speakers withGiven(List<Long> wordIds) {
        return new Speakers(names, wordIds);
    }

    /**
     * Cues as edits made them, each said by one speaker: the one who says most of its words. Words that are new are said
     * by the speaker of the words before them, or else of those after.
     */
    static List<Cue> carried(List<Cue> before, List<Cue> after) {
        boolean any =
                before.stream().anyMatch(Speakers::named) || after.stream().anyMatch(Speakers::named);
        if (!any) {
            return after;
        }
        List<Cue> carried = new ArrayList<>();
        int last = after.stream()
                .filter(Speakers::named)
                .findFirst()
                .map(cue -> ofOne(cue, 0).speaker())
                .orElse(0);
        for (Cue cue : after) {
            Cue one = ofOne(cue, last);
            carried.add(one);
            last = one.speaker();
        }
        return carried;
    }

    private static boolean named(Cue cue) {
        return cue.words().stream().anyMatch(word -> word.speaker() > 0);
    }

    private static Cue ofOne(Cue cue, int otherwise) {
        Map<Integer, Integer> counts = new HashMap<>();
        int most = 0;
        for (Word word : cue.words()) {
            int count = word.speaker() == 0 ? 0 : counts.merge(word.speaker(), 1, Integer::sum);
            most = count > counts.getOrDefault(most, 0) ? word.speaker() : most;
        }
        int speaker = most == 0 ? otherwise : most;
        if (cue.words().stream().allMatch(word -> word.speaker() == speaker)) {
            return cue;
        }
        return cue.withWords(
                cue.words().stream().map(word -> word.withSpeaker(speaker)).toList());
    }
}
