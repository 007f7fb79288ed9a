package saltdrum.speech.neural;

import java.util.LinkedList;
import java.util.List;

/**
 * A partial decoding of a piece.
 *
 * @param token the newest token; -1 at the beginning
 * @param log of this token alone
 * @param sure natural logarithm of the confidence among spoken tokens; whether a comma precedes a word does not
 * affect it
 * @param sum of all, natural logarithm
 * @param bonus for glossary terms that are complete
 * @param pending bonus for a term that is not complete yet
 * @param term node of the path in the glossary's tree
 * @param inTerm number of its newest tokens in that term
 * @param earned number of tokens before the newest one that form a term completed just there
 * @param fork where this token was chosen, stored for unsure words; null if not stored
 */
record Hypothesis(
        Hypothesis before,
        int token,
        double log,
        double sure,
        double sum,
        double bonus,
        double pending,
        TermTree.Node term,
        int inTerm,
        int earned,
        Fork fork,
        int length) {
    /** What the decoder said at one place, and which of its paths this one came from. */
    record Fork(SpeechModel.Step step, int path) {}

    static Hypothesis begin(TermTree terms) {
        return new Hypothesis(null, -1, 0, 0, 0, 0, 0, terms.root, 0, 0, null, 0);
    }

    Hypothesis at(Fork newFork) {
        return new Hypothesis(before, token, log, sure, sum, bonus, pending, term, inTerm, earned, newFork, length);
    }

    double score() {
        return sum + bonus + pending;
    }

    /** Its tokens, the oldest first. A term's bonus counts for how sure its tokens are. */
    List<Said> said() {
        LinkedList<Said> said = new LinkedList<>();
        int earning = 0;
        for (Hypothesis path = this; path.before != null; path = path.before) {
            double log = earning > 0 ? Math.min(0, path.sure + Decoder.BONUS) : path.sure;
            said.addFirst(new Said(path.token, log, path.fork));
            earning = Math.max(earning - 1, path.earned);
        }
        return said;
    }

    /** @param log natural logarithm of how sure the token is */
    record Said(int token, double log, Fork fork) {}

    /** Whether its newest tokens are the same run said over and over: five times, three for runs of many tokens. */
    boolean loops() {
        for (int run = 1; run <= 24; run++) {
            int times = run >= 8 ? 3 : 5;
            if (length >= run * times && repeats(run, times)) {
                return true;
            }
        }
        return false;
    }

    private boolean repeats(int run, int times) {
        int[] newest = new int[run * times];
        Hypothesis path = this;
        for (int i = 0; i < newest.length; i++) {
            newest[i] = path.token;
            path = path.before;
        }
        for (int i = run; i < newest.length; i++) {
            if (newest[i] != newest[i % run]) {
                return false;
            }
        }
        return true;
    }

    /** Without the repetitions at its end but one. */
    Hypothesis unlooped() {
        for (int run = 1; run <= 24; run++) {
            int times = run >= 8 ? 3 : 5;
            if (length >= run * times && repeats(run, times)) {
                Hypothesis path = this;
                for (int i = 0; i < run * (times - 1); i++) {
                    path = path.before;
                }
                return path;
            }
        }
        return this;
    }
}
