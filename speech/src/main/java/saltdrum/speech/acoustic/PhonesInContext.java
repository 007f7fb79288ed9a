package saltdrum.speech.acoustic;

import edu.cmu.sphinx.linguist.acoustic.HMM;
import edu.cmu.sphinx.linguist.acoustic.HMMPosition;
import edu.cmu.sphinx.linguist.acoustic.LeftRightContext;
import edu.cmu.sphinx.linguist.acoustic.Unit;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.HMMManager;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.SenoneHMM;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import saltdrum.speech.prepared.SortedLines;

/** The phones of a model in the context of their neighbours, created on first use. */
final class PhonesInContext extends HMMManager {
    private final SortedLines triphones;
    private final Function<Wanted, SenoneHMM> maker;

    PhonesInContext(SortedLines triphones, Function<Wanted, SenoneHMM> maker) {
        this.triphones = triphones;
        this.maker = maker;
    }

    /**
     * @param transitions number of its transition matrix
     * @param states numbers of its senones
     */
    record Wanted(Unit unit, HMMPosition position, int transitions, int[] states) {}

    /** By what a phone in its context is found: three phones and a position. */
    static String key(String phone, String left, String right, HMMPosition position) {
        return phone + " " + left + " " + right + " " + position.name();
    }

    @Override
    public HMM get(HMMPosition position, Unit unit) {
        HMM known = super.get(position, unit);
        if (known != null || !(unit.getContext() instanceof LeftRightContext context) || !unit.isContextDependent()) {
            return known;
        }
        Unit[] left = context.getLeftContext();
        Unit[] right = context.getRightContext();
        if (left == null || right == null || left.length != 1 || right.length != 1) {
            return null;
        }
        List<String> found = triphones.of(key(unit.getName(), left[0].getName(), right[0].getName(), position));
        if (found.isEmpty()) {
            return null;
        }
        int[] numbers =
                Stream.of(found.get(0).split(" ")).mapToInt(Integer::parseInt).toArray();
        int[] states = java.util.Arrays.copyOfRange(numbers, 1, numbers.length);
        SenoneHMM made = maker.apply(new Wanted(unit, position, numbers[0], states));
        put(made);
        return made;
    }
}
