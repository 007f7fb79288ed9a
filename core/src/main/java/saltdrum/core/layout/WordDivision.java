package saltdrum.core.layout;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.look.FacetChoices;
import saltdrum.core.look.Facets;

/** Divides a line whose words are too long: each such word is hyphenated at its syllables, onto lines of its own. */
final class WordDivision {
    private static final String HYPHEN = "-";

    private WordDivision() {}

    /** Returns the line unchanged if every word fits, or if hyphenation is not available for the language. */
    static List<List<MeasuredWord>> of(List<MeasuredWord> line, double room, LineLayout.Setting setting) {
        List<List<MeasuredWord>> lines = new ArrayList<>();
        List<MeasuredWord> open = new ArrayList<>();
        for (MeasuredWord word : line) {
            List<MeasuredWord> parts = word.width() > room ? parts(word, room, setting) : List.of(word);
            if (parts.size() > 1 && !open.isEmpty()) {
                // What is divided begins a line.
                lines.add(List.copyOf(open));
                open.clear();
            }
            for (int i = 0; i < parts.size(); i++) {
                open.add(open.isEmpty() ? parts.get(i).withGap(0) : parts.get(i));
                if (i + 1 < parts.size()) {
                    lines.add(List.copyOf(open));
                    open.clear();
                }
            }
        }
        lines.add(List.copyOf(open));
        return lines;
    }

    /** As few parts as fit the room; a part that has no point early enough is as short as its syllables let it be. */
    private static List<MeasuredWord> parts(MeasuredWord word, double room, LineLayout.Setting setting) {
        String text = word.word().text();
        List<Integer> points = setting.hyphens().points(text, setting.language());
        List<MeasuredWord> parts = new ArrayList<>();
        int from = 0;
        while (true) {
            MeasuredWord rest = word.part(text.substring(from), setting.language(), setting.typesetter());
            int to = rest.width() <= room ? -1 : next(word, text, from, points, room, setting);
            if (to < 0) {
                parts.add(rest);
                // An emoji read after the word is at its end.
                int at = word.look().get(Facets.EMOJI_AT) == FacetChoices.EmojiPosition.AFTER ? parts.size() - 1 : 0;
                parts.set(at, parts.get(at).withEmoji(word.emoji()));
                return parts;
            }
            parts.add(word.part(text.substring(from, to) + HYPHEN, setting.language(), setting.typesetter()));
            from = to;
        }
    }

    /** The last point up to which it fits, else the first there is; −1 for none. */
    private static int next(
            MeasuredWord word, String text, int from, List<Integer> points, double room, LineLayout.Setting setting) {
        int best = -1;
        for (int point : points) {
            if (point > from) {
                boolean fits = word.part(text.substring(from, point) + HYPHEN, setting.language(), setting.typesetter())
                                .width()
                        <= room;
                if (best < 0 || fits) {
                    best = point;
                }
            }
        }
        return best;
    }
}
