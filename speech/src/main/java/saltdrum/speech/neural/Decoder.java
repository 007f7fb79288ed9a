package saltdrum.speech.neural;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.BooleanSupplier;

/**
 * Finds the likeliest text of a piece: one path without a glossary, four side by side with one. Words of the glossary are
 * helped by a bonus a token that is taken back when the word is not said in full.
 */
final class Decoder {
    /** More paths find no more terms. */
    private static final int PATHS = 4;

    /** Nats a token. 4 runs into loops; measured, see docs/benchmarks.md. */
    static final double BONUS = 2.5;

    /** A term's token is tried above this log probability, however many others are likelier. */
    private static final double LEAST_LOG = -9;

    private static final double MOST_TOKENS_A_SECOND = 10;
    private static final int MORE_TOKENS = 8;

    /** Where a choice is less sure, what else might be said is kept at hand. */
    private static final double UNSURE_LOG = Math.log(AlternativeReadings.SURE);

    private static final int MOST_KEPT = 24;

    /** Below this mean logarithm one path is not enough: noise, a hard voice. Found on the corpus. */
    private static final double DOUBTFUL_LOG = -0.12;

    /** Of the tokens that one path says. */
    private static final double LEAST_OF_ONE = 0.7;

    private final Vocabulary vocabulary;
    private final TermTree none;

    Decoder(Vocabulary vocabulary) {
        this.vocabulary = vocabulary;
        this.none = new TermTree(List.of(), vocabulary);
    }

    /**
     * What was heard; has to be closed.
     *
     * @param said without start and end tokens
     * @param whole whether the decoder ended by itself
     */
    record Text(List<Hypothesis.Said> said, boolean whole, List<SpeechModel.Step> kept) implements AutoCloseable {
        double meanLog() {
            return said.stream().mapToDouble(Hypothesis.Said::log).average().orElse(0);
        }

        List<Integer> tokens(int from, int to) {
            return said.subList(from, to).stream().map(Hypothesis.Said::token).toList();
        }

        @Override
        public void close() {
            kept.forEach(SpeechModel.Step::close);
        }
    }

    static int mostTokens(double seconds) {
        return (int) (seconds * MOST_TOKENS_A_SECOND) + MORE_TOKENS;
    }

    /**
     * What was most likely said: along one path, or along several where there is a glossary or the one is not sure.
     *
     * @param seconds of the piece; at least one token is said
     */
    Text text(SpeechModel.Heard heard, TermTree terms, double seconds, BooleanSupplier stopped) {
        if (!terms.isEmpty()) {
            Text helped = text(heard, terms, PATHS, seconds, stopped);
            return sure(helped) ? helped : longer(text(heard, none, 1, seconds, stopped), helped);
        }
        Text quick = text(heard, terms, 1, seconds, stopped);
        return sure(quick) || nobody(quick) ? quick : longer(quick, text(heard, terms, PATHS, seconds, stopped));
    }

    /** There is no speech: several paths would continue until they find something to say. */
    private static boolean nobody(Text text) {
        return text.whole() && text.meanLog() < Listener.NOBODY_LOG;
    }

    private static boolean sure(Text text) {
        return text.whole() && text.meanLog() > DOUBTFUL_LOG;
    }

    /**
     * Prefers the text of several paths, unless it is much shorter: on a difficult voice a text that stops after a word can
     * score better than the whole one, and speech would be lost. Closes the other text.
     */
    private static Text longer(Text one, Text several) {
        boolean cut = nobody(one)
                || one.whole()
                        && several.said().size() < LEAST_OF_ONE * one.said().size();
        (cut ? several : one).close();
        return cut ? one : several;
    }

    Text text(SpeechModel.Heard heard, TermTree terms, int paths, double seconds, BooleanSupplier stopped) {
        int most = mostTokens(seconds);
        List<Hypothesis> open = List.of(Hypothesis.begin(terms));
        Hypothesis best = null;
        List<SpeechModel.Step> kept = new ArrayList<>();
        SpeechModel.Step step = heard.begin(List.of(Vocabulary.BEGIN));
        try {
            for (int n = 0; n < most && !open.isEmpty() && !stopped.getAsBoolean(); n++) {
                List<Candidate> candidates = candidates(step, open, terms, paths, n == 0);
                boolean keep =
                        kept.size() < MOST_KEPT && candidates.get(0).hypothesis.sure() < UNSURE_LOG;
                List<Candidate> going = new ArrayList<>();
                for (Candidate candidate : candidates) {
                    if (candidate.hypothesis.token() == Vocabulary.END) {
                        best = best == null || normalised(candidate.hypothesis) > normalised(best)
                                ? candidate.hypothesis
                                : best;
                    } else if (candidate.hypothesis.loops()) {
                        best = best == null ? candidate.hypothesis.unlooped() : best;
                    } else if (going.size() < paths) {
                        going.add(keep ? candidate.at(step) : candidate);
                    }
                }
                if (going.isEmpty() || best != null && outlived(best, going)) {
                    break;
                }
                open = going.stream().map(c -> c.hypothesis).toList();
                SpeechModel.Step before = step;
                step = heard.next(
                        step,
                        going.stream().mapToInt(c -> c.parent).toArray(),
                        going.stream().mapToInt(c -> c.hypothesis.token()).toArray());
                if (keep) {
                    kept.add(before);
                } else {
                    before.close();
                }
            }
        } finally {
            step.close();
        }
        return new Text(said(best == null ? open.get(0) : best), best != null, kept);
    }

    /** Without the mark of the end. */
    private static List<Hypothesis.Said> said(Hypothesis chosen) {
        List<Hypothesis.Said> said = chosen.said();
        if (!said.isEmpty() && said.get(said.size() - 1).token() == Vocabulary.END) {
            return said.subList(0, said.size() - 1);
        }
        return said;
    }

    private record Candidate(Hypothesis hypothesis, int parent) {
        Candidate at(SpeechModel.Step step) {
            return new Candidate(hypothesis.at(new Hypothesis.Fork(step, parent)), parent);
        }
    }

    /** Long texts have lower sums; their ends are compared by the score a token. */
    private static double normalised(Hypothesis path) {
        return path.score() / Math.max(1, path.length());
    }

    /** Whether a path that ended is better than all that go on: by the token, as ends are compared with each other. */
    private static boolean outlived(Hypothesis best, List<Candidate> going) {
        return going.stream().allMatch(c -> normalised(c.hypothesis) < normalised(best));
    }

    private List<Candidate> candidates(
            SpeechModel.Step step, List<Hypothesis> open, TermTree terms, int paths, boolean first) {
        List<Candidate> all = new ArrayList<>();
        for (int p = 0; p < open.size(); p++) {
            Hypothesis path = open.get(p);
            int[] likeliest = step.best(p, paths + 1);
            for (int token : likeliest) {
                // Activity says that there is speech: nothing at all is no answer.
                if (token >= 0 && !(first && token == Vocabulary.END)) {
                    all.add(new Candidate(on(path, step, p, token, terms), p));
                }
            }
            for (int token : path.term().next.keySet()) {
                tryTerm(all, step, path, p, token, likeliest, terms);
            }
            if (path.term() != terms.root) {
                for (int token : terms.root.next.keySet()) {
                    tryTerm(all, step, path, p, token, likeliest, terms);
                }
            }
        }
        all.sort(Comparator.comparingDouble((Candidate c) -> c.hypothesis.score())
                .reversed());
        return paths == 1 ? all.subList(0, 1) : all;
    }

    private void tryTerm(
            List<Candidate> all,
            SpeechModel.Step step,
            Hypothesis path,
            int p,
            int token,
            int[] likeliest,
            TermTree terms) {
        float log = step.log(p, token);
        if (log > LEAST_LOG && java.util.Arrays.stream(likeliest).noneMatch(t -> t == token)) {
            all.add(new Candidate(on(path, step, p, token, terms), p));
        }
    }

    /** The path with one token more; what a term has earned stays when the term is over, else it is taken back. */
    private Hypothesis on(Hypothesis path, SpeechModel.Step step, int p, int token, TermTree terms) {
        double log = step.log(p, token);
        double sure = log;
        if (log < UNSURE_LOG && !vocabulary.isPunctuation(token)) {
            sure = Math.min(0, log - Math.log1p(-Math.min(1 - 1e-9, step.share(p, vocabulary::isPunctuation))));
        }
        double bonus = path.bonus();
        double pending = path.pending();
        TermTree.Node at = path.term();
        TermTree.Node next = at.next.get(token);
        int inTerm = path.inTerm();
        int earned = 0;
        boolean goesOn = token != Vocabulary.END && !vocabulary.opensWord(token) && !vocabulary.isPunctuation(token);
        if (next == null) {
            if (at.ends && !goesOn) {
                bonus += pending;
                earned = inTerm;
            }
            pending = 0;
            inTerm = 0;
            next = terms.root.next.get(token);
        }
        if (next == null) {
            next = terms.root;
        } else {
            pending += BONUS;
            inTerm++;
        }
        return new Hypothesis(
                path,
                token,
                log,
                sure,
                path.sum() + log,
                bonus,
                pending,
                next,
                inTerm,
                earned,
                null,
                path.length() + 1);
    }
}
