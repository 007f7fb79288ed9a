package saltdrum.speech.align;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class TracebackTest {
    @Test
    void aPathIsToldFirstToLast() {
        Traceback traceback = new Traceback();
        int first = traceback.add(Traceback.NONE, new Traceback.Entry(Graph.SILENCE, 0, 0));
        traceback.add(first, new Traceback.Entry(7, 3, -1.5));
        int last = traceback.add(first, new Traceback.Entry(0, 5, -2.5));
        assertThat(traceback.path(last))
                .containsExactly(new Traceback.Entry(Graph.SILENCE, 0, 0), new Traceback.Entry(0, 5, -2.5));
        assertThat(traceback.path(Traceback.NONE)).isEmpty();
    }

    @Test
    void openPathsSurviveSweepingAndClosedOnesGo() {
        Traceback traceback = new Traceback();
        Random random = new Random(5);
        int[] states = {4, 0, 2};
        int[] last = {Traceback.NONE, 99, Traceback.NONE, 99, Traceback.NONE};
        List<List<Traceback.Entry>> expected =
                new ArrayList<>(List.of(new ArrayList<>(), new ArrayList<>(), new ArrayList<>()));
        for (int frame = 0; frame < 60_000; frame++) {
            int path = random.nextInt(3);
            Traceback.Entry entry = new Traceback.Entry(path, frame, -frame);
            if (frame % 100 == 0) {
                last[states[path]] = traceback.add(last[states[path]], entry);
                expected.get(path).add(entry);
            } else {
                traceback.add(last[states[path]], entry);
            }
            traceback.sweep(last, states, 3);
        }
        assertThat(traceback.size()).isLessThan(20_000);
        for (int path = 0; path < 3; path++) {
            assertThat(traceback.path(last[states[path]])).isEqualTo(expected.get(path));
        }
        assertThat(last[1]).isEqualTo(99);
    }
}
