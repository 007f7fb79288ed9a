package saltdrum.core.language;

import com.ibm.icu.lang.UScript;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import saltdrum.core.word.Tokens;

/**
 * Suggests the language of a text; the user decides. A script that only one language commonly uses is decisive; among
 * languages of one script the most common words decide. The word lists are common knowledge, no source.
 */
public final class LanguageGuess {
    private static final Map<Integer, String> BY_SCRIPT = Map.ofEntries(
            Map.entry(UScript.HIRAGANA, "ja"),
            Map.entry(UScript.KATAKANA, "ja"),
            Map.entry(UScript.HANGUL, "ko"),
            Map.entry(UScript.HAN, "zh"),
            Map.entry(UScript.THAI, "th"),
            Map.entry(UScript.LAO, "lo"),
            Map.entry(UScript.KHMER, "km"),
            Map.entry(UScript.MYANMAR, "my"),
            Map.entry(UScript.GREEK, "el"),
            Map.entry(UScript.HEBREW, "he"),
            Map.entry(UScript.ARMENIAN, "hy"),
            Map.entry(UScript.GEORGIAN, "ka"),
            Map.entry(UScript.DEVANAGARI, "hi"),
            Map.entry(UScript.BENGALI, "bn"),
            Map.entry(UScript.TAMIL, "ta"),
            Map.entry(UScript.TELUGU, "te"),
            Map.entry(UScript.GUJARATI, "gu"),
            Map.entry(UScript.ETHIOPIC, "am"));

    /** Commonest words, and for scripts that several languages share letters that only one of them has. */
    private static final Map<String, String> WORDS = new LinkedHashMap<>(Map.ofEntries(
            Map.entry(
                    "en",
                    "the and of to is you that it he was for on are with they this have from we by not but what all"
                            + " were when your can there an each which she do how their if will up about out them then"),
            Map.entry(
                    "de",
                    "der die das und ist nicht ein eine ich sie es zu den mit auf für von dem sich auch wir du er im"
                            + " so als aber wie noch nach bei nur oder kann wenn werden haben hat sind war"),
            Map.entry(
                    "fr",
                    "le la les et est un une des de que qui dans pour pas vous nous je il elle ne ce sur avec au plus"
                            + " par mais ou sont on tout du en à été c'est être cette"),
            Map.entry(
                    "es",
                    "el la los las y es un una de que en no se por con para su al lo como más pero sus le ya o este sí"
                            + " porque esta entre cuando muy sin sobre también me hay está"),
            Map.entry(
                    "it",
                    "il la i le e è un una di che in non si per con sono da del della al lo come più ma gli ha anche"
                            + " se nel dei questo mi ci era o alla perché"),
            Map.entry(
                    "pt",
                    "o a os as e é um uma de que em não se por com para do da no na mais como mas foi ao ele das tem à"
                            + " seu sua ou quando muito nos já está eu também pelo"),
            Map.entry(
                    "nl",
                    "de het een en is van dat niet ik je in op te zijn met voor er maar die aan ook als bij nog om dan"
                            + " zo uit heeft hij naar kan wij was worden geen"),
            Map.entry(
                    "sv",
                    "och det att är en som på för jag inte med den har av till vi ett om så var men kan du när från"
                            + " han de där ska eller nu"),
            Map.entry(
                    "da",
                    "og det at er en som på for jeg ikke med den har af til vi et om så var men kan du når fra han de"
                            + " der skal eller nu hvad blev meget"),
            Map.entry(
                    "nb",
                    "og det å er en som på for jeg ikke med den har av til vi et om så var men kan du når fra han de"
                            + " der skal eller nå hva ble mye"),
            Map.entry(
                    "fi",
                    "ja on ei se että hän oli mutta niin kun en ovat tämä olla mitä myös joka sen ne jos minä kuin ole"),
            Map.entry(
                    "pl",
                    "i w nie na się to z do jest że jak o ale po co tak za od go już tylko czy jego przez dla być są"),
            Map.entry(
                    "cs",
                    "a je se v na to že s z do o ale jak tak by i jsem co pro po když už jsou nebo podle byl není"),
            Map.entry(
                    "tr",
                    "bir ve bu da de için çok ne o ben daha gibi ama var mı değil kadar sonra olan olarak en her"),
            Map.entry("hu", "a az és hogy nem is egy ez meg de van volt csak ha már mint vagy el én lesz ki még"),
            Map.entry("ro", "și de la în a nu o un că este cu pe din care mai să se ce sau pentru dar sunt au fost"),
            Map.entry("cy", "y yr yn ac a i o mae ar am ei eu ni ti fi chi nhw oedd gan wedi bod fel hyn sydd"),
            Map.entry("vi", "và là của có không được cho một người các những trong đã với này khi để ra anh tôi"),
            Map.entry(
                    "id", "yang dan di ini itu dengan untuk tidak dari dalam akan pada juga saya ke karena ada adalah"),
            Map.entry("ru", "и в не на что я с он а как это по но они мы она из у за то все вы так же от было"),
            Map.entry(
                    "uk", "і в не на що я з він а як це по але вони ми вона із у за то все ви так же від було є та її"),
            Map.entry("bg", "и в не на че с той а как това по но те ние тя от за то все ще се да са съм"),
            Map.entry("ar", "في من على أن إلى هذا التي عن لا ما مع هو كان هذه كل بعد قد أو ذلك هي"),
            Map.entry("fa", "و در به از که این را با است آن برای یک های خود تا بر هم نیز می شود"),
            Map.entry("ur", "کے میں ہے کی اور سے کا کو نے پر یہ ہیں کہ بھی اس ایک تھا نہیں")));

    private static final Map<String, Set<String>> SETS = sets();

    /** Below this number of known words there is no suggestion. */
    private static final int FEWEST_KNOWN = 2;

    private LanguageGuess() {}

    private static Map<String, Set<String>> sets() {
        Map<String, Set<String>> sets = new LinkedHashMap<>();
        WORDS.forEach((tag, words) -> sets.put(tag, new HashSet<>(List.of(words.split(" ")))));
        return sets;
    }

    /** BCP 47 tag of the likely language; empty if unclear. */
    public static Optional<String> of(String text) {
        Map<Integer, Integer> scripts = new HashMap<>();
        text.codePoints()
                .filter(Character::isLetter)
                .limit(5_000)
                .forEach(c -> scripts.merge(UScript.getScript(c), 1, Integer::sum));
        int letters = scripts.values().stream().mapToInt(n -> n).sum();
        if (letters < 3) {
            return Optional.empty();
        }
        // Japanese is written mostly in Han, as Chinese is: a tenth of kana identifies it.
        int kana = scripts.getOrDefault(UScript.HIRAGANA, 0) + scripts.getOrDefault(UScript.KATAKANA, 0);
        if (kana * 10 > letters) {
            return Optional.of("ja");
        }
        int commonest = scripts.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey();
        if (BY_SCRIPT.containsKey(commonest)) {
            return Optional.of(BY_SCRIPT.get(commonest));
        }
        return byWords(text);
    }

    private static Optional<String> byWords(String text) {
        List<String> words = Tokens.split(text).stream()
                .limit(400)
                .map(word -> word.toLowerCase(Locale.ROOT).replaceAll("^[^\\p{L}]+|[^\\p{L}]+$", ""))
                .toList();
        String best = null;
        int most = 0;
        int second = 0;
        for (Map.Entry<String, Set<String>> language : SETS.entrySet()) {
            int known =
                    (int) words.stream().filter(language.getValue()::contains).count();
            if (known > most) {
                second = most;
                most = known;
                best = language.getKey();
            } else {
                second = Math.max(second, known);
            }
        }
        return most >= FEWEST_KNOWN && most > second ? Optional.ofNullable(best) : Optional.empty();
    }
}
