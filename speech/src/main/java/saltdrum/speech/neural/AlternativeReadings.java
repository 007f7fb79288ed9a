package saltdrum.speech.neural;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import saltdrum.core.word.Tokens;

/** Other ways to hear a word: from its least sure token on, the decoder takes its next best choices to the word's end. */
final class AlternativeReadings {
    /** Above this confidence no alternatives are needed. */
    static final double SURE = 0.85;

    static final int MOST = 3;
    private static final int MOST_TOKENS = 8;
    private static final double LEAST_LOG = -6;

    private final Vocabulary vocabulary;

    AlternativeReadings(Vocabulary vocabulary) {
        this.vocabulary = vocabulary;
    }

    List<String> of(SpeechModel.Heard heard, Decoder.Text text, TextWords.TextWord word) {
        if (word.confidence() >= SURE) {
            return List.of();
        }
        int least = -1;
        for (int i = word.firstToken(); i < word.afterToken(); i++) {
            Hypothesis.Said said = text.said().get(i);
            boolean asked = said.fork() != null && !vocabulary.isPunctuation(said.token());
            if (asked && (least < 0 || said.log() < text.said().get(least).log())) {
                least = i;
            }
        }
        if (least < 0) {
            return List.of();
        }
        Hypothesis.Fork fork = text.said().get(least).fork();
        int[] best = java.util.Arrays.stream(fork.step().best(fork.path(), 3 * MOST))
                .filter(token -> !vocabulary.isPunctuation(token))
                .limit(MOST + 1L)
                .toArray();
        List<Integer> head = text.tokens(word.firstToken(), least);
        Set<String> readings = new LinkedHashSet<>();
        for (int i = 0; i < best.length; i++) {
            boolean likely = fork.step().log(fork.path(), best[i]) > LEAST_LOG;
            if (likely && best[i] != text.said().get(least).token() && best[i] != Vocabulary.END) {
                List<Integer> reading = new ArrayList<>(head);
                reading.add(best[i]);
                reading.addAll(rest(heard, fork, best[i]));
                String said = bare(vocabulary.text(reading).text());
                boolean other = !Tokens.normalised(said).equals(Tokens.normalised(word.text()));
                if (other && said.codePoints().anyMatch(Character::isLetterOrDigit)) {
                    readings.add(said);
                }
            }
        }
        return List.copyOf(readings);
    }

    /** Without the punctuation after it. */
    static String bare(String said) {
        return said.strip().replaceAll("[\\p{P}&&[^'’-]]+$", "");
    }

    /** What follows a choice until the word is over. */
    private List<Integer> rest(SpeechModel.Heard heard, Hypothesis.Fork fork, int choice) {
        List<Integer> rest = new ArrayList<>();
        SpeechModel.Step step = heard.next(fork.step(), new int[] {fork.path()}, new int[] {choice});
        for (int n = 0; n < MOST_TOKENS; n++) {
            int token = step.best(0, 1)[0];
            if (token == Vocabulary.END || vocabulary.opensWord(token) || vocabulary.isPunctuation(token)) {
                break;
            }
            rest.add(token);
            SpeechModel.Step next = heard.next(step, new int[] {0}, new int[] {token});
            step.close();
            step = next;
        }
        step.close();
        return rest;
    }
}
