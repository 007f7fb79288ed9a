package saltdrum.core.emphasis;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import saltdrum.core.word.Word;

/**
 * What a word means for emphasis, from its text alone: function words carry little, numbers, negations and what is set
 * against something else carry much, and so do words that a clip says only once. The word lists are common knowledge, no
 * source.
 */
public final class WordSense {
    public enum Kind {
        FUNCTION,
        CONTENT,
        NUMBER,
        NEGATION,
        /** Set against something else, or the only one of its kind: “only”, “every”, “but”. */
        CONTRAST
    }

    private static final Map<String, Set<String>> FUNCTION = Map.of(
            "en",
            words(
                    "the a an and or but of to in on at for from with by as is are was were be been am do does did have has"
                            + " had it its he she they we you i me him her them us my your his our their this that these those"
                            + " there here if then than so will would can could shall should may might must who which what when"
                            + " where how why into over under about up down out off again once while because until just also too"
                            + " very more most some any all each both such own same go goes going get got come comes came one"),
            "de",
            words(
                    "der die das den dem des ein eine einen einem einer und oder aber von zu in im an am auf für mit bei aus"
                            + " ist sind war waren sein hat haben hatte es er sie wir ihr ich du mich dich sich uns euch mein dein"
                            + " unser dies diese dieser das dass wenn dann als so wird werden kann muss soll will wer was wo wie"
                            + " auch noch schon nur sehr mehr man"),
            "fr",
            words(
                    "le la les un une des du de et ou mais dans en à au aux pour par avec sur sous est sont était être a ont"
                            + " avait il elle on nous vous ils elles je tu me te se lui leur mon ton son notre votre ce cet cette"
                            + " ces que qui quoi où si comme plus très y ne"),
            "es",
            words(
                    "el la los las un una unos unas y o pero de del a al en con por para sobre es son era ser ha han había"
                            + " lo él ella nosotros ellos yo tú me te se le les mi tu su nuestro este esta estos que quien cuando"
                            + " donde como si más muy ya"));

    private static final Set<String> NEGATIONS =
            words("not no never nothing nobody none nowhere neither nor cannot without nicht nie"
                    + " kein keine keinen nichts niemand niemals ohne pas jamais rien personne aucun sans nunca nada nadie ningún"
                    + " sin don’t don't won’t won't can’t can't isn’t isn't didn’t didn't doesn’t doesn't");

    private static final Set<String> CONTRASTS =
            words("only every first last best worst always all whole alone instead even twice"
                    + " once seulement toujours jeder jede immer nur erste letzte siempre sólo todo primero último");

    private static final Set<String> NUMBERS = words(
            "two three four five six seven eight nine ten eleven twelve thirteen fourteen"
                    + " fifteen sixteen seventeen eighteen nineteen twenty thirty forty fifty sixty seventy eighty ninety hundred"
                    + " thousand million half zwei drei vier fünf sechs sieben acht neun zehn elf zwölf hundert tausend deux trois"
                    + " quatre cinq six sept huit neuf dix cent mille dos tres cuatro cinco seis siete ocho nueve diez cien mil");

    private final Set<String> function;
    private final Map<String, Integer> said = new HashMap<>();

    public WordSense(List<Word> words, String language) {
        String base = language == null ? "en" : language.split("-")[0];
        this.function = FUNCTION.getOrDefault(base, Set.of());
        words.forEach(word -> said.merge(plain(word), 1, Integer::sum));
    }

    private static Set<String> words(String list) {
        return new HashSet<>(List.of(list.split(" ")));
    }

    public static String plain(Word word) {
        return word.text().toLowerCase(Locale.ROOT).replaceAll("^[^\\p{L}\\p{N}]+|[^\\p{L}\\p{N}]+$", "");
    }

    public Kind kind(Word word) {
        String plain = plain(word);
        if (plain.chars().anyMatch(Character::isDigit) || NUMBERS.contains(plain)) {
            return Kind.NUMBER;
        } else if (NEGATIONS.contains(plain)) {
            return Kind.NEGATION;
        } else if (CONTRASTS.contains(plain)) {
            return Kind.CONTRAST;
        }
        return function.contains(plain) || plain.length() < 3 ? Kind.FUNCTION : Kind.CONTENT;
    }

    /** Whether the clip says it only once; every word of a list of function words is common. */
    boolean rare(Word word) {
        return kind(word) == Kind.CONTENT && said.getOrDefault(plain(word), 0) == 1;
    }
}
