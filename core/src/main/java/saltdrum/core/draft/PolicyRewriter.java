package saltdrum.core.draft;

import java.util.List;
import saltdrum.core.word.Word;

/**
 * Applies a writing policy to words. Pure: the same words give the same text; times are kept, joined words take their
 * union.
 */
public final class PolicyRewriter {
    private PolicyRewriter() {}

    /** By one policy after the other. */
    public static List<Word> write(List<Word> words, List<WritingPolicy> policies) {
        List<Word> written = words;
        for (WritingPolicy policy : policies) {
            written = write(written, policy);
        }
        return written;
    }

    public static List<Word> write(List<Word> words, WritingPolicy policy) {
        return switch (policy) {
            case SENTENCES -> Sentences.of(words);
            case FIGURES -> WordsToFigures.of(words);
            case NUMBERS_IN_WORDS -> words.stream().map(FiguresToWords::of).toList();
            case NO_PUNCTUATION -> words.stream().map(PolicyRewriter::bare).toList();
        };
    }

    private static Word bare(Word word) {
        // Outer punctuation; signs that are read aloud stay.
        String text = word.text().replaceAll("^[\\p{Ps}\\p{Pi}\\p{Pf}\"'¿¡]+|[\\p{Pe}\\p{Pi}\\p{Pf}\"'.,;:!?…]+$", "");
        return text.isEmpty() ? word : rewritten(word, text);
    }

    static Word rewritten(Word word, String text) {
        return word.text().equals(text) ? word : word.rewritten(text);
    }
}
