package saltdrum.speech.recognise;

import edu.cmu.sphinx.result.Edge;
import edu.cmu.sphinx.result.Lattice;
import edu.cmu.sphinx.result.LatticeOptimizer;
import edu.cmu.sphinx.result.Node;
import edu.cmu.sphinx.result.Result;
import edu.cmu.sphinx.result.WordResult;
import edu.cmu.sphinx.util.LogMath;
import java.util.List;

/**
 * How likely a recognised word is right: the share of all ways to hear the stretch that have the same word at the same
 * time, with their scores drawn together. As they are, the best way is next to certain against any other.
 */
final class Confidence {
    /** Scores divided by this gave shares nearest to how often words were right. docs/decisions/0011-confidence.md. */
    private static final double DRAWN_TOGETHER = 20;

    /** How often a word is right that no other way of hearing competes with. Measured, the same place. */
    private static final double WITHOUT_RIVAL = 0.82;

    private final Lattice lattice;

    Confidence(Result result) {
        lattice = new Lattice(result);
        new LatticeOptimizer(lattice).optimize();
        for (Edge edge : lattice.getEdges()) {
            edge.setAcousticScore(edge.getAcousticScore() / DRAWN_TOGETHER);
            edge.setLMScore(edge.getLMScore() / DRAWN_TOGETHER);
        }
        lattice.computeNodePosteriors(1);
    }

    List<WordResult> words() {
        return lattice.getWordResultPath();
    }

    /** From 0 to {@value #WITHOUT_RIVAL}. */
    double of(WordResult word) {
        double share = 0;
        for (Node node : lattice.getNodes()) {
            if (node.getWord().getSpelling().equals(word.getWord().getSpelling())
                    && node.getBeginTime() < word.getTimeFrame().getEnd()
                    && node.getEndTime() > word.getTimeFrame().getStart()) {
                share += LogMath.getLogMath().logToLinear((float) node.getPosterior());
            }
        }
        return WITHOUT_RIVAL * Math.min(1, share);
    }
}
