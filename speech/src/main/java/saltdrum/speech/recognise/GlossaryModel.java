package saltdrum.speech.recognise;

import edu.cmu.sphinx.linguist.WordSequence;
import edu.cmu.sphinx.linguist.language.ngram.LanguageModel;
import edu.cmu.sphinx.util.LogMath;
import edu.cmu.sphinx.util.props.PropertyException;
import edu.cmu.sphinx.util.props.PropertySheet;
import edu.cmu.sphinx.util.props.S4Component;
import edu.cmu.sphinx.util.props.S4String;
import java.io.IOException;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Set;

/**
 * A language model in which the glossary's words are at least so likely, wherever they stand, and which knows those that
 * the model below lacks. What follows such a word begins anew, as after a pause.
 */
public final class GlossaryModel implements LanguageModel {
    @S4Component(type = LanguageModel.class)
    public static final String PROP_MODEL = "languageModel";

    @S4String(defaultValue = "")
    public static final String PROP_TERMS = "terms";

    /** As likely as a word that fills one place in a thousand of ordinary text: chosen, not tuned. */
    private static final double LIKELY = 1e-3;

    private LanguageModel below;
    private Set<String> terms = Set.of();
    private Set<String> fresh = Set.of();
    private Set<String> vocabulary = Set.of();
    private float likely;

    @Override
    public void newProperties(PropertySheet sheet) throws PropertyException {
        below = (LanguageModel) sheet.getComponent(PROP_MODEL);
        terms = new HashSet<>(Arrays.asList(sheet.getString(PROP_TERMS).split(" ")));
        terms.remove("");
        likely = LogMath.getLogMath().linearToLog(LIKELY);
    }

    @Override
    public void allocate() throws IOException {
        below.allocate();
        fresh = new HashSet<>(terms);
        fresh.removeAll(below.getVocabulary());
        vocabulary = new HashSet<>(below.getVocabulary());
        vocabulary.addAll(fresh);
    }

    @Override
    public void deallocate() throws IOException {
        below.deallocate();
    }

    @Override
    public float getProbability(WordSequence words) {
        int last = words.size() - 1;
        String word = words.getWord(last).getSpelling();
        if (fresh.contains(word)) {
            return likely;
        }
        float known = below.getProbability(afterFresh(words));
        return terms.contains(word) ? Math.max(known, likely) : known;
    }

    @Override
    public float getSmear(WordSequence words) {
        WordSequence known = afterFresh(words);
        return known.size() == 0 ? LogMath.LOG_ONE : below.getSmear(known);
    }

    /** The end of the sequence behind the last word that the model below does not know. */
    private WordSequence afterFresh(WordSequence words) {
        for (int i = words.size() - 1; i >= 0; i--) {
            if (fresh.contains(words.getWord(i).getSpelling())) {
                return words.getSubSequence(i + 1, words.size());
            }
        }
        return words;
    }

    @Override
    public Set<String> getVocabulary() {
        return vocabulary;
    }

    @Override
    public int getMaxDepth() {
        return below.getMaxDepth();
    }

    @Override
    public void onUtteranceEnd() {
        below.onUtteranceEnd();
    }
}
