package saltdrum.speech.neural;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.word.Tokens;

/** A decoder's text in words, each with its tokens. */
final class TextWords {
    private TextWords() {}

    /**
     * @param firstToken index of its first token, which may be shared with the word before
     * @param afterToken index after its last
     * @param confidence product of the probabilities of its tokens, punctuation left out
     */
    record TextWord(String text, int firstToken, int afterToken, double confidence) {}

    /** Without what is only punctuation. */
    static List<TextWord> spoken(Decoder.Text text, Vocabulary vocabulary) {
        return of(text, vocabulary).stream()
                .filter(word -> word.text().codePoints().anyMatch(Character::isLetterOrDigit))
                .toList();
    }

    static List<TextWord> of(Decoder.Text text, Vocabulary vocabulary) {
        Vocabulary.Text whole = vocabulary.text(text.tokens(0, text.said().size()));
        List<TextWord> words = new ArrayList<>();
        int at = 0;
        int token = 0;
        for (String word : Tokens.split(whole.text())) {
            int from = whole.text().indexOf(word, at);
            int to = from + word.length();
            at = to;
            while (token < whole.ends().length && whole.ends()[token] <= from) {
                token++;
            }
            int first = token;
            int after = first;
            double log = 0;
            while (after < whole.ends().length && (after == first || whole.ends()[after - 1] < to)) {
                if (!vocabulary.isPunctuation(text.said().get(after).token())) {
                    log += text.said().get(after).log();
                }
                after++;
            }
            words.add(new TextWord(word, first, after, Math.exp(log)));
        }
        return words;
    }
}
