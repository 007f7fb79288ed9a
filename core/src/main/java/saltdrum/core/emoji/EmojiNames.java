package saltdrum.core.emoji;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.zip.GZIPInputStream;

/**
 * The names and keywords of emoji in one language: Unicode CLDR's, as emojibase-data 17.0.0 has them. Eleven languages
 * ship. Safe for many threads.
 */
public final class EmojiNames {
    private static final String FILE = "names.tsv.gz";
    private static final EmojiNames NONE = new EmojiNames(List.of());

    private final List<NamedEmoji> all;

    private EmojiNames(List<NamedEmoji> all) {
        this.all = List.copyOf(all);
    }

    /** @param language as BCP 47 writes it; of one that does not ship there are none */
    public static EmojiNames of(String language) {
        return Shipped.BY_LANGUAGE.getOrDefault(base(language), NONE);
    }

    static String base(String language) {
        return Locale.forLanguageTag(language == null ? "" : language).getLanguage();
    }

    /** Loaded on first use. */
    private static final class Shipped {
        static final Map<String, EmojiNames> BY_LANGUAGE = read();

        private static Map<String, EmojiNames> read() {
            try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                    new GZIPInputStream(EmojiNames.class.getResourceAsStream(FILE)), StandardCharsets.UTF_8))) {
                return lines.lines()
                        .map(line -> line.split("\t", -1))
                        .collect(Collectors.groupingBy(
                                parts -> parts[0],
                                Collectors.collectingAndThen(
                                        Collectors.mapping(EmojiNames::named, Collectors.toList()), EmojiNames::new)));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    private static NamedEmoji named(String[] parts) {
        return new NamedEmoji(
                parts[1],
                Integer.parseInt(parts[2]),
                parts[3],
                parts[4].isEmpty() ? List.of() : List.of(parts[4].split("\\|")));
    }

    /** In the order in which Unicode lists them. */
    public List<NamedEmoji> all() {
        return all;
    }

    /** Those with every typed word at the beginning of one of their name or keywords; what the name has comes first. */
    public List<NamedEmoji> search(String typed, int most) {
        List<String> asked = List.of(typed.toLowerCase(Locale.ROOT).strip().split("\\s+"));
        record Found(NamedEmoji emoji, int rank) {}
        List<Found> found = new ArrayList<>();
        for (NamedEmoji one : all) {
            String name = one.name().toLowerCase(Locale.ROOT);
            int rank = name.equals(typed.toLowerCase(Locale.ROOT).strip())
                    ? 0
                    : asked.stream()
                            .mapToInt(word -> rank(word, name, one))
                            .max()
                            .orElse(3);
            if (rank < 3) {
                found.add(new Found(one, rank));
            }
        }
        return found.stream()
                .sorted(Comparator.comparingInt(Found::rank))
                .limit(most)
                .map(Found::emoji)
                .collect(Collectors.toList());
    }

    private static int rank(String word, String name, NamedEmoji one) {
        if ((" " + name).contains(" " + word)) {
            return 1;
        }
        return one.keywords().stream()
                        .anyMatch(keyword -> keyword.toLowerCase(Locale.ROOT).startsWith(word))
                ? 2
                : 3;
    }
}
