package saltdrum.core.word;

import java.text.Normalizer;
import java.util.Locale;

/**
 * How much room a word takes in speech, from its spelling alone: the measure by which time is shared when nothing was
 * heard. Common practice, no source.
 */
public final class Syllables {
    private Syllables() {}

    /** Relative speaking time, at least 1: groups of vowels, digits and ideographs, and a half for a sentence's end. */
    public static double weight(String word) {
        String plain = Normalizer.normalize(word, Normalizer.Form.NFD).toLowerCase(Locale.ROOT);
        int groups = 0;
        boolean inGroup = false;
        boolean anyLetter = false;
        int phrased = 0;
        for (int i = 0; i < plain.length(); ) {
            int c = plain.codePointAt(i);
            i += Character.charCount(c);
            Character.UnicodeScript script = Character.UnicodeScript.of(c);
            boolean kana = script == Character.UnicodeScript.HIRAGANA || script == Character.UnicodeScript.KATAKANA;
            if (Character.isDigit(c) || Character.isIdeographic(c) || kana && Character.isLetter(c)) {
                groups++;
                inGroup = false;
            } else if (isVowel(c)) {
                groups += inGroup ? 0 : 1;
                inGroup = true;
            } else {
                inGroup = false;
            }
            anyLetter |= Character.isLetter(c);
            phrased += Scripts.phrased(c) && Character.isLetter(c) ? 1 : 0;
        }
        // About two letters a syllable in the scripts of South-East Asia; common practice, no source.
        groups += phrased / 2;
        if (anyLetter && groups > 1 && plain.matches(".*[^aeiouyl]e[^\\p{L}]*")) {
            groups--;
        }
        double pause = plain.matches(".*[.!?;:…]+[\"'”’)]*$") ? 0.5 : 0;
        return Math.max(1, groups) + pause;
    }

    private static boolean isVowel(int c) {
        return "aeiouyæœøαεηιουωаеёиоуыэюяіїє".indexOf(c) >= 0;
    }

    /**
     * Shares {@code startMs..endMs} between words by weight; every word gets at least 1 ms. Returns the n + 1 edges.
     *
     * @throws IllegalArgumentException if there are more words than milliseconds
     */
    public static int[] share(java.util.List<String> words, int startMs, int endMs) {
        int count = words.size();
        if (endMs - startMs < count) {
            throw new IllegalArgumentException(count + " words do not fit " + (endMs - startMs) + " ms");
        }
        double total = words.stream().mapToDouble(Syllables::weight).sum();
        int[] edges = new int[count + 1];
        edges[0] = startMs;
        double sum = 0;
        for (int i = 0; i < count; i++) {
            sum += weight(words.get(i));
            int ideal = startMs + (int) Math.round((endMs - startMs) * sum / total);
            edges[i + 1] = Math.min(endMs - (count - 1 - i), Math.max(edges[i] + 1, ideal));
        }
        edges[count] = endMs;
        return edges;
    }
}
