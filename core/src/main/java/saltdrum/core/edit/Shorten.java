package saltdrum.core.edit;

import com.ibm.icu.lang.UCharacter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Word;

/**
 * Leaves words out so that the text stays correct: a sentence still begins with a capital and ends with its
 * punctuation mark, and commas around the omission are removed. All other words keep their times; the freed time
 * becomes a rest or goes to the neighbours, as the recipe says.
 */
public record Shorten(List<Long> wordIds) implements Edit {
    public Shorten {
        wordIds = List.copyOf(wordIds);
    }

    @Override
    public Track on(Track track) {
        Set<Long> gone = new HashSet<>(wordIds);
        List<Word> all = track.words().toList();
        Map<Long, String> texts = new HashMap<>();
        for (int i = 0; i < all.size(); i++) {
            if (gone.contains(all.get(i).id())
                    && (i == 0 || !gone.contains(all.get(i - 1).id()))) {
                int end = i;
                while (end < all.size() && gone.contains(all.get(end).id())) {
                    end++;
                }
                mend(all, i, end, track.language(), texts);
            }
        }
        Track shorter = FlaggedEdits.dropWords(track, wordIds);
        if (texts.isEmpty()) {
            return shorter;
        }
        List<Cue> cues = new ArrayList<>();
        for (Cue cue : shorter.cues()) {
            cues.add(
                    cue.locked()
                            ? cue
                            : cue.withWords(cue.words().stream()
                                    .map(word ->
                                            texts.containsKey(word.id()) ? word.rewritten(texts.get(word.id())) : word)
                                    .toList()));
        }
        return shorter.withCues(cues, shorter.nextId());
    }

    /** The words before and after a run that goes. */
    private static void mend(List<Word> all, int from, int to, String language, Map<Long, String> texts) {
        Word first = all.get(from);
        String last = all.get(to - 1).text();
        if (from > 0) {
            Word before = all.get(from - 1);
            String text = texts.getOrDefault(before.id(), before.text());
            if (last.matches(".*[.!?…]$") && !text.matches(".*[.!?…]$")) {
                texts.put(before.id(), text.replaceAll("[,;:]$", "") + last.charAt(last.length() - 1));
            } else if (text.endsWith(",")
                    && text.length() > 1
                    && all.subList(from, to).stream()
                            .anyMatch(word -> word.text().endsWith(","))) {
                texts.put(before.id(), text.substring(0, text.length() - 1));
            }
        }
        if (to < all.size() && Character.isUpperCase(first.text().codePointAt(0))) {
            Word after = all.get(to);
            boolean began = from == 0 || all.get(from - 1).text().matches(".*[.!?…]$");
            if (began && Character.isLowerCase(after.text().codePointAt(0))) {
                int head = after.text().offsetByCodePoints(0, 1);
                texts.put(
                        after.id(),
                        UCharacter.toUpperCase(
                                        Locale.forLanguageTag(language),
                                        after.text().substring(0, head))
                                + after.text().substring(head));
            }
        }
    }

    @Override
    public String said(Track before) {
        return "Leave out " + EditDescriptions.words(before, wordIds);
    }
}
