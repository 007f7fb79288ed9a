package saltdrum.speech.script;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import saltdrum.core.spoken.SpokenForm;
import saltdrum.core.word.Tokens;
import saltdrum.speech.acoustic.Pronunciations;
import saltdrum.speech.recognise.Term;

/**
 * Finds glossary terms that sound like a heard word. They are suggestions for a person and never applied
 * automatically.
 */
public final class SimilarSoundingTerms {
    /** Beyond this distance words are not confused. Found on the corpus, see docs/benchmarks.md. */
    private static final double LIKE = 0.5;

    private static final int MOST = 3;

    private final List<Term> terms;
    private final SpokenForm spokenForm = new SpokenForm();

    public SimilarSoundingTerms(List<Term> terms) {
        this.terms = terms;
    }

    private record Near(String written, double distance) {}

    /** @param heard one or more written words */
    public List<String> like(String heard) {
        List<String> spoken = spoken(heard);
        Map<String, List<List<String>>> ways = Pronunciations.of(
                Stream.concat(spoken.stream(), terms.stream().flatMap(term -> spoken(said(term)).stream()))
                        .distinct()
                        .toList());
        List<List<String>> sound = sounds(spoken, ways);
        if (sound.get(0).isEmpty()) {
            return List.of();
        }
        return terms.stream()
                .filter(term -> !Tokens.normalised(term.written()).equals(Tokens.normalised(heard)))
                .map(term ->
                        new Near(term.written(), PhoneticDistance.distance(sound, sounds(spoken(said(term)), ways))))
                .filter(near -> near.distance() <= LIKE)
                .sorted(Comparator.comparingDouble(Near::distance))
                .map(Near::written)
                .distinct()
                .limit(MOST)
                .toList();
    }

    private static String said(Term term) {
        return term.sayAs() == null || term.sayAs().isBlank() ? term.written() : term.sayAs();
    }

    private List<String> spoken(String text) {
        return Tokens.split(text).stream()
                .flatMap(token -> spokenForm.of(token).stream())
                .toList();
    }

    private static List<List<String>> sounds(List<String> spoken, Map<String, List<List<String>>> ways) {
        return PhoneticDistance.joined(
                spoken.stream().filter(ways::containsKey).map(ways::get).toList());
    }
}
