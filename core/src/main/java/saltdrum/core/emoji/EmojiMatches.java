package saltdrum.core.emoji;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Finds emoji for a word, the best match first: those with that name, those whose name is about it, those that have
 * it as a keyword. The points that rank them are our own, tried on plain words; no source. Safe for many threads.
 */
public final class EmojiMatches {
    private static final Map<String, EmojiMatches> MADE = new ConcurrentHashMap<>();
    private static final double CALLED_SO = 100;
    private static final double ABOUT_IT = 60;
    private static final double PART_OF_NAME = 58;
    private static final double BESIDE_IT = 35;
    private static final double KEYWORD = 30;
    private static final double EACH_WORD_MORE = 5;
    private static final double EACH_KEYWORD_MORE = 0.5;
    private static final double LEAST = 26;
    /** A keyword of more emoji than this says little. */
    private static final int VAGUE = 12;

    /** Of a word with which the name of an emoji begins. */
    private static final int SHORTEST_BEGINNING = 4;

    private static final int SIGNS = 8;
    private static final Map<Integer, Double> OF_GROUP =
            Map.of(0, -8d, 1, -15d, 3, 4d, 4, 4d, 5, 4d, 6, 4d, 7, 5d, SIGNS, -20d, 9, -30d);
    /** A magnifying glass tilted left is no emoji of the left. */
    private static final Set<String> DIRECTIONS = Set.of("left", "right", "up", "down");
    /** Languages whose compound names end with the main noun; in others it comes first. */
    private static final Set<String> HEAD_LAST = Set.of("en", "de", "nl");

    /** @param points how near it is, 100 for one that is called so */
    public record Match(NamedEmoji emoji, double points) {}

    private static final EmojiMatches NONE = new EmojiMatches("");

    private final Stems stems;
    private final boolean headLast;
    private final Map<String, List<Match>> byStem = new HashMap<>();
    private final List<Match> compounds = new ArrayList<>();

    private EmojiMatches(String language) {
        this.stems = new Stems(language);
        this.headLast = HEAD_LAST.contains(language);
        for (NamedEmoji one : EmojiNames.of(language).all()) {
            if (one.group() != SIGNS && one.name().matches("\\p{Ll}+")) {
                compounds.add(new Match(one, PART_OF_NAME + OF_GROUP.getOrDefault(one.group(), 0d)));
            }
            points(one).forEach((stem, points) -> byStem.computeIfAbsent(stem, key -> new ArrayList<>())
                    .add(new Match(one, points)));
        }
        byStem.values()
                .forEach(list ->
                        list.sort(Comparator.comparingDouble(Match::points).reversed()));
    }

    /** @param language as BCP 47 writes it; of one that has no names there are no matches */
    public static EmojiMatches of(String language) {
        String base = EmojiNames.base(language);
        return EmojiNames.of(base).all().isEmpty() ? NONE : MADE.computeIfAbsent(base, EmojiMatches::new);
    }

    /** @return empty where none is near, or where too many are equally near */
    public List<Match> of(String word, int most) {
        String small = word.toLowerCase(Locale.ROOT);
        List<Match> found = byStem.getOrDefault(stems.of(small), List.of());
        if (found.isEmpty()) {
            found = begunBy(small);
        }
        if (found.isEmpty() || found.get(0).points() < BESIDE_IT && found.size() > VAGUE) {
            return List.of();
        }
        return found.stream()
                .filter(match -> match.points() >= LEAST)
                .limit(most)
                .toList();
    }

    /** “boat” in “sailboat”, not “sea” in “seal”: the rest is long enough for a word of its own. */
    private static boolean compound(String name, String part) {
        return part.length() > 2 && name.length() - part.length() > 2 && (name.endsWith(part) || name.startsWith(part));
    }

    /** Emoji whose name begins with the word, as the picker finds them: “paint” in “paintbrush”. */
    private List<Match> begunBy(String word) {
        return word.length() < SHORTEST_BEGINNING
                ? List.of()
                : compounds.stream()
                        .filter(match -> match.emoji().name().startsWith(word)
                                && compound(match.emoji().name(), word))
                        .toList();
    }

    private Map<String, Double> points(NamedEmoji one) {
        Map<String, Double> points = new HashMap<>();
        double group = OF_GROUP.getOrDefault(one.group(), 0d);
        String[] name = one.name().toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+");
        for (String keyword : one.keywords()) {
            String stem = stems.of(keyword.toLowerCase(Locale.ROOT));
            // “boat” in “sailboat”.
            boolean part = name.length == 1 && compound(name[0], stem);
            double near = part
                    ? PART_OF_NAME
                    : KEYWORD - EACH_KEYWORD_MORE * one.keywords().size();
            points.merge(stem, near + group, Math::max);
        }
        int head = headLast ? name.length - 1 : 0;
        for (int i = 0; i < name.length; i++) {
            boolean about = i == head && !DIRECTIONS.contains(name[i]);
            double near = (about ? ABOUT_IT : BESIDE_IT) - EACH_WORD_MORE * (name.length - 1);
            points.merge(stems.of(name[i]), near + group, Math::max);
        }
        if (one.group() == SIGNS) {
            points.clear();
        }
        points.put(stems.of(one.name().toLowerCase(Locale.ROOT)), CALLED_SO);
        return points;
    }
}
