package saltdrum.core.edit;

import static org.assertj.core.api.Assertions.fail;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import net.jqwik.api.Example;
import net.jqwik.api.RandomGenerator;
import net.jqwik.api.Shrinkable;
import saltdrum.core.edit.EditDice.Throw;

/**
 * The longer search with fresh seeds: {@code ./salt-drum test explore [minutes]}. It ends at the first broken promise and
 * prints the shortest sequence it can find, to be kept in {@link RandomEditsTest}. Not part of the tests.
 */
class RandomEditsExploration {
    @Example
    void searchForABrokenPromise() {
        double minutes = Double.parseDouble(System.getProperty("explore.minutes", "1"));
        long end = System.nanoTime() + (long) (minutes * 60e9);
        RandomGenerator<List<Throw>> generator = EditDice.sequences().generator(1000);
        Random random = new Random();
        long tried = 0;
        while (System.nanoTime() < end) {
            Shrinkable<List<Throw>> sequence = generator.next(random);
            tried++;
            if (broken(sequence.value()).isPresent()) {
                List<Throw> shortest = shortest(sequence);
                fail(
                        "Broken after %d sequences: %s%n%s",
                        tried, broken(shortest).orElseThrow(), asCode(shortest));
            }
        }
        System.out.println("explored " + tried + " sequences of edits; every promise was kept");
    }

    private static Optional<Throwable> broken(List<Throw> dice) {
        try {
            EditPromises.assertKept(dice);
            return Optional.empty();
        } catch (AssertionError | RuntimeException e) {
            return Optional.of(e);
        }
    }

    private static List<Throw> shortest(Shrinkable<List<Throw>> sequence) {
        Shrinkable<List<Throw>> best = sequence;
        for (int step = 0; step < 3000; step++) {
            Optional<Shrinkable<List<Throw>>> smaller =
                    best.shrink().filter(s -> broken(s.value()).isPresent()).findFirst();
            if (smaller.isEmpty()) {
                break;
            }
            best = smaller.get();
        }
        return best.value();
    }

    private static String asCode(List<Throw> dice) {
        return dice.stream()
                .map(d -> "new Throw(%d, %d, %d, %b, %d)".formatted(d.kind(), d.place(), d.other(), d.flag(), d.ms()))
                .collect(Collectors.joining(", ", "EditPromises.assertKept(List.of(", "));"));
    }
}
