package saltdrum.core.edit;

import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.ShrinkingMode;
import saltdrum.core.edit.EditPromises.Throw;

/**
 * The same 400 sequences of edits in every run. The search for others is {@link RandomEditsExploration}; what it finds is
 * kept here as an example.
 */
class RandomEditsTest {
    @Provide
    Arbitrary<List<Throw>> sequences() {
        return EditPromises.sequences();
    }

    @Property(tries = 400, seed = "20261126", shrinking = ShrinkingMode.BOUNDED)
    void everyStepKeepsItsPromises(@ForAll("sequences") List<Throw> dice) {
        EditPromises.assertKept(dice);
    }

    // EXAMPLES
}
