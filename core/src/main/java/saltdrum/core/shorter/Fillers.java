package saltdrum.core.shorter;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * Words that fill a pause, by language. Those that are sure mean nothing anywhere; the others mean something in other
 * places. Common practice, no source; other languages than these have their hesitations only.
 *
 * @param sounds hesitations
 * @param phrases what may be a filler, words in lower case
 * @param openings how speakers get going, at the beginning of a clip or after a rest
 */
record Fillers(Set<String> sounds, List<List<String>> phrases, List<List<String>> openings) {
    private static final Set<String> ANYWHERE =
            Set.of("um", "umm", "uh", "uhh", "uhm", "er", "erm", "hm", "hmm", "mm", "mmm", "mhm", "ahem");

    private static final Map<String, Fillers> BY_LANGUAGE = Map.of(
            "en",
            new Fillers(
                    ANYWHERE,
                    phrases(
                            "you know",
                            "i mean",
                            "sort of",
                            "kind of",
                            "basically",
                            "literally",
                            "actually",
                            "or something",
                            "and stuff",
                            "like"),
                    phrases("okay so", "ok so", "alright so", "right so", "so yeah", "well", "okay", "anyway")),
            "de",
            new Fillers(
                    Set.of("äh", "ähm", "hm", "hmm", "öh", "öhm", "um"),
                    phrases("sozusagen", "quasi", "irgendwie", "halt", "ich meine"),
                    phrases("also", "na ja", "naja", "okay also")),
            "es",
            new Fillers(
                    Set.of("eh", "em", "mm", "hmm"),
                    phrases("o sea", "es decir", "en plan", "digamos"),
                    phrases("bueno", "pues", "a ver")),
            "fr",
            new Fillers(
                    Set.of("euh", "heu", "hum", "mm"),
                    phrases("tu vois", "en fait", "du coup", "genre", "je veux dire"),
                    phrases("bon", "ben", "alors", "bah")));

    private static List<List<String>> phrases(String... all) {
        return java.util.Arrays.stream(all)
                .map(text -> List.of(text.split(" ")))
                .toList();
    }

    static Fillers of(String languageTag) {
        return BY_LANGUAGE.getOrDefault(
                Locale.forLanguageTag(languageTag).getLanguage(), new Fillers(ANYWHERE, List.of(), List.of()));
    }
}
