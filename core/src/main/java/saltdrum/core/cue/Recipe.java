package saltdrum.core.cue;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import saltdrum.core.BadInputException;
import saltdrum.core.MayBeMissing;
import saltdrum.core.text.Quoted;

/**
 * The rules that break words into cues and lines, and say how long a cue stays. Lengths in characters as a reader
 * counts them (grapheme clusters), times in milliseconds.
 *
 * @param lineCharacters most characters a line, 1 to 200
 * @param lines most lines a cue, 1 to 4
 * @param words most words a cue, 1 to 100
 * @param longestMs a cue's words span at most this, where a break can be had
 * @param shortestMs a cue is shown at least this long, where its neighbours leave room
 * @param pauseMs a silence this long always breaks
 * @param bridgeMs a shorter gap between two cues is closed
 * @param holdMs a cue stays this long after its last word
 * @param leadInMs a cue shows this long before its first word
 * @param fitted lines are also no longer than the look has room for at full size, and may be longer in wide frames
 */
public record Recipe(
        String name,
        int lineCharacters,
        int lines,
        int words,
        int longestMs,
        int shortestMs,
        int pauseMs,
        int bridgeMs,
        int holdMs,
        int leadInMs,
        @MayBeMissing Boolean fitted) {

    /** About 40 characters fit a wide frame where 22 fit a tall one: common practice, no source. */
    private static final float WIDE = 40f / 22;

    /** A line that holds less than this part of its characters cannot hold a phrase. */
    private static final double NARROW = 0.7;

    // Character counts are common practice in portrait frames, no source.
    public static final Recipe ONE_WORD = new Recipe("one word", 30, 1, 1, 3000, 120, 400, 250, 120, 30, true);
    public static final Recipe PHRASE = new Recipe("phrase", 22, 1, 100, 4000, 500, 450, 300, 250, 40, true);
    public static final Recipe TWO_LINES = new Recipe("two lines", 22, 2, 100, 6000, 700, 600, 350, 300, 40, true);

    public static final List<Recipe> BUILT_IN = List.of(ONE_WORD, PHRASE, TWO_LINES);

    /** Of characters only. */
    public Recipe(
            String name,
            int lineCharacters,
            int lines,
            int words,
            int longestMs,
            int shortestMs,
            int pauseMs,
            int bridgeMs,
            int holdMs,
            int leadInMs) {
        this(name, lineCharacters, lines, words, longestMs, shortestMs, pauseMs, bridgeMs, holdMs, leadInMs, null);
    }

    public Recipe {
        if (name == null || name.isBlank()) {
            throw new BadInputException("A recipe needs a name.");
        }
        within("lineCharacters", lineCharacters, 1, 200);
        within("lines", lines, 1, 4);
        within("words", words, 1, 100);
        within("longestMs", longestMs, 100, 60_000);
        within("shortestMs", shortestMs, 0, longestMs);
        within("pauseMs", pauseMs, 50, 60_000);
        within("bridgeMs", bridgeMs, 0, 10_000);
        within("holdMs", holdMs, 0, 10_000);
        within("leadInMs", leadInMs, 0, 1_000);
        // Recipes from before lines were measured say nothing of it.
        fitted = fitted == null ? Boolean.FALSE : fitted;
    }

    public Recipe asFitted(boolean is) {
        return new Recipe(
                name, lineCharacters, lines, words, longestMs, shortestMs, pauseMs, bridgeMs, holdMs, leadInMs, is);
    }

    /**
     * The same recipe for a look. Where lines are fitted, the characters of its lines are those of a tall frame, and
     * wide frames take the more; large letters take a second line for what would not fill a cue.
     *
     * @param fit the typical number of characters that fit in a line
     */
    Recipe inLook(boolean tall, double fit) {
        int characters = fitted && !tall ? Math.min(200, Math.round(lineCharacters * WIDE)) : lineCharacters;
        boolean narrow = fitted && words > 1 && lines == 1 && fit < NARROW * lineCharacters;
        return new Recipe(
                name,
                characters,
                narrow ? 2 : lines,
                words,
                longestMs,
                shortestMs,
                pauseMs,
                bridgeMs,
                holdMs,
                leadInMs,
                fitted);
    }

    private static void within(String what, int value, int least, int most) {
        if (value < least || value > most) {
            throw new BadInputException(
                    "The recipe's " + what + " must lie between " + least + " and " + most + ", not " + value + ".");
        }
    }

    /**
     * Reads {@code "phrase"}, or {@code "lineCharacters=18,lines=2"} (what is not named is as in the phrase recipe), or
     * {@code "two lines,words=4"}.
     */
    public static Recipe parse(String text) {
        Recipe base = PHRASE;
        Map<String, Integer> changes = new LinkedHashMap<>();
        for (String part : text.split(",")) {
            String item = part.trim();
            int equals = item.indexOf('=');
            if (equals < 0) {
                base = named(item);
            } else {
                String value = item.substring(equals + 1).trim();
                try {
                    changes.put(item.substring(0, equals).trim(), Integer.parseInt(value));
                } catch (NumberFormatException e) {
                    throw new BadInputException(
                            Quoted.of(value) + " in the recipe " + Quoted.of(text) + " is not a whole number.", e);
                }
            }
        }
        for (String key : changes.keySet()) {
            if (!KEYS.contains(key)) {
                throw new BadInputException(
                        "A recipe has no " + Quoted.of(key) + ". It has: " + String.join(", ", KEYS) + ".");
            }
        }
        return new Recipe(
                changes.isEmpty() ? base.name : "own",
                changes.getOrDefault("lineCharacters", base.lineCharacters),
                changes.getOrDefault("lines", base.lines),
                changes.getOrDefault("words", base.words),
                changes.getOrDefault("longestMs", base.longestMs),
                changes.getOrDefault("shortestMs", base.shortestMs),
                changes.getOrDefault("pauseMs", base.pauseMs),
                changes.getOrDefault("bridgeMs", base.bridgeMs),
                changes.getOrDefault("holdMs", base.holdMs),
                changes.getOrDefault("leadInMs", base.leadInMs),
                base.fitted);
    }

    private static final List<String> KEYS = List.of(
            "lineCharacters", "lines", "words", "longestMs", "shortestMs", "pauseMs", "bridgeMs", "holdMs", "leadInMs");

    private static Recipe named(String name) {
        String wanted = name.replace('-', ' ');
        return BUILT_IN.stream()
                .filter(recipe -> recipe.name.equalsIgnoreCase(wanted))
                .findFirst()
                .orElseThrow(() -> new BadInputException("There is no recipe " + Quoted.of(name) + ". There are: "
                        + BUILT_IN.stream().map(Recipe::name).collect(Collectors.joining(", ")) + "."));
    }
}
