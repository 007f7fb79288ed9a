package saltdrum.core.cue;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import saltdrum.core.word.Tokens;

/**
 * Words that lean on the next one: articles, prepositions, conjunctions, pronouns, auxiliaries and numbers. A line or cue
 * does not end with them where another break costs little (common practice in subtitling, no single source). Languages
 * that are not listed know figures only.
 */
final class Leaning {
    private static final Pattern FIGURES = Pattern.compile("[\\p{Sc}]?\\d[\\d.,:]*");
    private static final Set<String> ON_THE_LAST = Set.of("one", "ones", "not", "else", "ago", "o'clock");
    /** Articles, possessives and numbers belong to a noun; the others to a phrase. */
    private static final Map<String, Set<String>> OF_A_NOUN = new HashMap<>();

    private static final Map<String, Set<String>> OF_A_PHRASE = new HashMap<>();
    private static final double LESS = 0.6;
    private static final double EITHER = 0.4;

    static {
        put(
                OF_A_NOUN,
                "en",
                "a an the my your his her its our their this these those each every some any no two three four",
                "five six seven eight nine ten eleven twelve fifteen twenty thirty forty fifty sixty seventy",
                "eighty ninety hundred thousand half another both own other same");
        put(
                OF_A_PHRASE,
                "en",
                "of to in on at by for from with into onto over under about after before between through past",
                "and or but nor if as than that because so when while until where which who whose all not",
                "very too is are was were be been am i we you he she they it will would can could should must",
                "may might do does did don't doesn't didn't have has had i'm you're we're they're it's i'll",
                "you'll we'll");
        put(
                OF_A_NOUN,
                "de",
                "der die das den dem des ein eine einen einem einer eines kein keine keinen mein dein sein unser",
                "euer ihre diese dieser dieses jede jeder zwei drei vier fünf sechs sieben acht neun zehn zwölf",
                "hundert tausend");
        put(
                OF_A_PHRASE,
                "de",
                "und oder aber weil wenn dass als in im an am auf aus bei beim mit nach von vom vor zu zum zur",
                "über unter für durch ohne um ich du er sie es wir ihr nicht sehr ist sind war waren hat haben",
                "wird werden kann können muss");
        put(
                OF_A_NOUN,
                "fr",
                "le la les un une des du l mon ton son ma ta sa mes tes ses notre votre leur leurs ce cet cette",
                "ces deux trois quatre cinq six sept huit neuf dix cent mille");
        put(
                OF_A_PHRASE,
                "fr",
                "de d à au aux en dans sur sous par pour avec sans chez et ou mais si que qui car je tu il elle",
                "on nous vous ils elles ne pas très est sont était ont a");
        put(
                OF_A_NOUN,
                "es",
                "el la los las un una unos unas mi tu su mis tus sus nuestro nuestra este esta estos estas cada",
                "dos tres cuatro cinco seis siete ocho nueve diez cien mil");
        put(
                OF_A_PHRASE,
                "es",
                "de del a al en con por para sin sobre entre desde hasta y e o u pero que si como porque muy no",
                "es son era ha han yo él ella nosotros");
        put(
                OF_A_NOUN,
                "it",
                "il lo la i gli le un uno una mio tuo suo mia tua sua questo questa ogni due tre quattro cinque",
                "sei sette otto nove dieci cento mille");
        put(
                OF_A_PHRASE,
                "it",
                "di del della dei delle a al alla da dal in nel nella con su sul per tra fra e o ma che se come",
                "perché molto non è sono era ha hanno io lui lei noi");
        put(
                OF_A_NOUN,
                "pt",
                "o a os as um uma uns umas meu teu seu minha tua sua este esta cada dois duas três quatro cinco",
                "seis sete oito nove dez cem mil");
        put(
                OF_A_PHRASE,
                "pt",
                "de do da dos das em no na nos nas com por para sem sobre entre até e ou mas que se como porque",
                "muito não é são era tem têm eu ele ela nós");
        put(
                OF_A_NOUN,
                "nl",
                "de het een mijn jouw zijn haar ons onze hun dit deze die elke twee drie vier vijf zes zeven",
                "acht negen tien honderd duizend");
        put(
                OF_A_PHRASE,
                "nl",
                "en of maar omdat als dat in op aan bij met naar van voor uit over onder door zonder om te ik je",
                "hij zij ze we wij jullie niet heel is was waren heeft hebben wordt kan moet");
    }

    private Leaning() {}

    private static void put(Map<String, Set<String>> of, String language, String... lines) {
        of.put(language, Set.copyOf(List.of(String.join(" ", lines).split(" "))));
    }

    /**
     * How much a word leans on the next one, 0 to 1.
     *
     * @param language BCP 47 tag
     */
    static double onNext(String text, String language) {
        if (FIGURES.matcher(text).matches()) {
            return 1;
        }
        String tag = Locale.forLanguageTag(language).getLanguage();
        String word = Tokens.normalised(text);
        if (tag.equals("en") && word.equals("one")) {
            // “one window”, but “each one”.
            return EITHER;
        }
        return OF_A_NOUN.getOrDefault(tag, Set.of()).contains(word)
                ? 1
                : OF_A_PHRASE.getOrDefault(tag, Set.of()).contains(word) ? LESS : 0;
    }

    /** As {@link #onNext}, on the word before. English only: {@code the red one, does not}. */
    static double onLast(String text, String language) {
        return Locale.forLanguageTag(language).getLanguage().equals("en")
                        && ON_THE_LAST.contains(Tokens.normalised(text))
                ? LESS
                : 0;
    }
}
