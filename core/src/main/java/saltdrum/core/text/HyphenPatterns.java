package saltdrum.core.text;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Divides the words of one language by patterns (F. M. Liang, “Word Hy-phen-a-tion by Com-put-er”, Stanford 1983)
 * from the hyphenation files of free dictionaries. Patterns have numbers between letters; the greatest of all
 * matching patterns counts, and an odd one allows a hyphen.
 */
public final class HyphenPatterns {
    private final Map<String, int[]> patterns = new HashMap<>();
    private int longest;
    private int leastBefore = 2;
    private int leastAfter = 2;

    /** @param file its text; lines that say other things than patterns and least lengths are left out */
    public HyphenPatterns(String file) {
        file.lines().skip(1).forEach(this::read);
    }

    private void read(String raw) {
        String line = raw.strip();
        if (line.startsWith("LEFTHYPHENMIN")) {
            leastBefore = number(line, leastBefore);
        } else if (line.startsWith("RIGHTHYPHENMIN")) {
            leastAfter = number(line, leastAfter);
        } else if (!line.isEmpty() && !line.contains("/") && !line.matches("[A-Z#%].*")) {
            pattern(line);
        }
    }

    private static int number(String line, int otherwise) {
        String digits = line.replaceAll("\\D", "");
        return digits.isEmpty() ? otherwise : Math.max(1, Integer.parseInt(digits));
    }

    private void pattern(String line) {
        StringBuilder letters = new StringBuilder();
        List<Integer> weights = new ArrayList<>(List.of(0));
        for (char c : line.toCharArray()) {
            if (Character.isDigit(c)) {
                weights.set(weights.size() - 1, c - '0');
            } else {
                letters.append(c);
                weights.add(0);
            }
        }
        patterns.put(
                letters.toString(), weights.stream().mapToInt(Integer::intValue).toArray());
        longest = Math.max(longest, letters.length());
    }

    /** @return indexes into the word before which it may be divided, rising */
    public List<Integer> points(String word) {
        List<Integer> points = new ArrayList<>();
        int from = 0;
        while (from < word.length()) {
            if (!Character.isLetter(word.charAt(from))) {
                from++;
                continue;
            }
            int to = from;
            while (to < word.length() && Character.isLetter(word.charAt(to))) {
                to++;
            }
            within(word.substring(from, to), from, points);
            from = to;
        }
        return points;
    }

    private void within(String letters, int offset, List<Integer> points) {
        String framed = "." + letters.toLowerCase(Locale.ROOT) + ".";
        if (framed.length() != letters.length() + 2) {
            return;
        }
        int[] weights = new int[framed.length() + 1];
        for (int at = 0; at < framed.length(); at++) {
            for (int end = at + 1; end <= Math.min(framed.length(), at + longest); end++) {
                int[] pattern = patterns.get(framed.substring(at, end));
                for (int i = 0; pattern != null && i < pattern.length; i++) {
                    weights[at + i] = Math.max(weights[at + i], pattern[i]);
                }
            }
        }
        for (int i = leastBefore; i <= letters.length() - leastAfter; i++) {
            if (weights[i + 1] % 2 == 1) {
                points.add(offset + i);
            }
        }
    }
}
