package saltdrum.speech.neural;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import saltdrum.core.merge.TokenAlignment;
import saltdrum.core.sound.Sound;
import saltdrum.core.spoken.SpokenForm;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;
import saltdrum.speech.neural.Listener.Said;

/**
 * Hears a piece once more, a little slower, along one path: where the second text differs, the first is likely wrong.
 * How likely is a logistic regression over 2,570 words of people and synthesisers, measured here.
 */
final class SecondHearing {
    private static final double SPEED = 0.9;

    /** A piece whose words are all surer than this is not heard again. */
    private static final double SURE = Word.UNSURE_BELOW;

    private static final double ALONE = -1.25;
    private static final double FIRST = -0.41;
    private static final double SECOND = -0.32;

    /** A word that is wrong more often than this is unsure. */
    private static final double OFTEN_WRONG = 0.15;

    private final SpokenForm spoken = new SpokenForm();
    private final SpeechModel model;
    private final Vocabulary vocabulary;

    SecondHearing(SpeechModel model, Vocabulary vocabulary) {
        this.model = model;
        this.vocabulary = vocabulary;
    }

    static boolean isNeeded(List<Said> words) {
        return words.stream().anyMatch(word -> word.confidence() < SURE);
    }

    /** The words of a piece, as sure as both hearings make them; as they are where the second one did not end by itself. */
    List<Said> weighed(List<Said> words, Sound piece, BooleanSupplier stopped) {
        Sound slow = slowed(piece);
        TermTree none = new TermTree(List.of(), vocabulary);
        try (SpeechModel.Heard heard = model.hear(slow);
                Decoder.Text text = new Decoder(vocabulary).text(heard, none, 1, slow.seconds(), stopped)) {
            return text.whole() && text.meanLog() > Listener.NOBODY_LOG
                    ? weighed(words, TextWords.spoken(text, vocabulary))
                    : words;
        }
    }

    /** @param again what was heard of the same piece the second time */
    List<Said> weighed(List<Said> words, List<TextWords.TextWord> again) {
        List<TokenAlignment.Pair> pairs = TokenAlignment.pairs(
                words.stream().map(Said::text).toList(),
                again.stream().map(TextWords.TextWord::text).toList());
        List<Said> weighed = new ArrayList<>();
        for (int i = 0; i < pairs.size(); ) {
            int end = i + 1;
            if (same(pairs.get(i), words, again)) {
                Said word = words.get(pairs.get(i).old());
                double second = again.get(pairs.get(i).typed()).confidence();
                weighed.add(word.as(sure(word.confidence(), second), word.readings()));
            } else {
                while (end < pairs.size() && !same(pairs.get(end), words, again)) {
                    end++;
                }
                differing(pairs.subList(i, end), words, again, weighed);
            }
            i = end;
        }
        return weighed;
    }

    private void differing(
            List<TokenAlignment.Pair> run, List<Said> words, List<TextWords.TextWord> again, List<Said> weighed) {
        // One word may have been heard as several.
        boolean one = run.stream().filter(pair -> pair.old() >= 0).count() == 1;
        for (TokenAlignment.Pair pair : run) {
            if (pair.old() >= 0) {
                Said word = words.get(pair.old());
                String other = (one ? run.stream() : Stream.of(pair))
                        .filter(there -> there.typed() >= 0)
                        .map(there -> again.get(there.typed()).text())
                        .collect(Collectors.joining(" "));
                weighed.add(word.as(sure(word.confidence(), 0), withFirst(AlternativeReadings.bare(other), word)));
            }
        }
    }

    private boolean same(TokenAlignment.Pair pair, List<Said> words, List<TextWords.TextWord> again) {
        return pair.old() >= 0
                && pair.typed() >= 0
                && same(words.get(pair.old()).text(), again.get(pair.typed()).text());
    }

    private boolean same(String one, String other) {
        return Tokens.normalised(one).equals(Tokens.normalised(other))
                || spoken.of(one).equals(spoken.of(other));
    }

    private static List<String> withFirst(String other, Said word) {
        Set<String> readings = new LinkedHashSet<>();
        if (!other.isEmpty()) {
            readings.add(other);
        }
        readings.addAll(word.readings());
        return readings.stream().limit(AlternativeReadings.MOST).toList();
    }

    /**
     * How sure a word is, on the scale of confidence: words that are wrong as often as the limit of unsure ones allows
     * have the confidence of that limit.
     *
     * @param first its own confidence in the first hearing
     * @param second that of the same word in the second; 0 where it differs
     */
    static double sure(double first, double second) {
        double wrong = 1 / (1 + Math.exp(-(ALONE + FIRST * logit(first) + SECOND * logit(second))));
        return wrong <= OFTEN_WRONG ? 1 - (1 - SURE) * wrong / OFTEN_WRONG : SURE * (1 - wrong) / (1 - OFTEN_WRONG);
    }

    private static double logit(double confidence) {
        return Math.log((confidence + 0.002) / (1.002 - confidence));
    }

    /** Lower and longer, as a tape that runs slower. */
    private static Sound slowed(Sound piece) {
        short[] samples = piece.samples();
        short[] slow = new short[(int) (samples.length / SPEED)];
        for (int i = 0; i < slow.length; i++) {
            double at = i * SPEED;
            int before = (int) at;
            int after = Math.min(samples.length - 1, before + 1);
            slow[i] = (short) Math.round(samples[before] + (at - before) * (samples[after] - samples[before]));
        }
        return Sound.of(slow);
    }
}
