package saltdrum.server.work.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

/** The remaining time that follows from the reported progress, on a test clock. */
class RenderProgressTest {
    private final AtomicLong now = new AtomicLong();

    private void later(double seconds) {
        now.addAndGet(Math.round(seconds * 1e9));
    }

    /**
     * A film that takes 20 s to make and the usual time to verify; the estimate is compared with the actual remaining
     * time.
     */
    @Test
    void theTimeLeftIsWhatIsLeft() {
        double megapixels = 1120;
        double look = 4 + 1.12;
        RenderProgress stages = new RenderProgress(megapixels, new RenderProgress.Looking(), now::get);
        double whole = 20 + look;
        for (int i = 1; i <= 20; i++) {
            later(1);
            double told = stages.making(i / 20.0);
            assertThat(i / told).as("length of the whole after " + i + " s").isCloseTo(whole, within(0.01));
        }
        stages.look();
        for (int i = 1; i <= 10; i++) {
            later(look / 10);
            double told = stages.looking(i / 10.0);
            assertThat(told).isCloseTo((20 + i * look / 10) / whole, within(0.001));
        }
        assertThat(stages.looking(1)).isEqualTo(1);
    }

    @Test
    void nothingIsToldBeforeAnythingIsDoneAndNeverMoreThanTheWhole() {
        RenderProgress stages = new RenderProgress(100, new RenderProgress.Looking(), now::get);
        later(3);
        assertThat(stages.making(0)).isZero();
        assertThat(stages.making(1.5)).isLessThan(1);
        stages.look();
        assertThat(stages.looking(0)).isBetween(0.3, 0.6);
        later(100);
        assertThat(stages.looking(0)).as("it takes longer than was thought").isEqualTo(1);
        assertThat(stages.looking(0.5)).isCloseTo(103.0 / 203, within(0.01));
    }

    @Test
    void whatLookingTookIsLearned() {
        RenderProgress.Looking looking = new RenderProgress.Looking();
        for (int i = 0; i < 12; i++) {
            RenderProgress film = new RenderProgress(1000, looking, now::get);
            film.look();
            later(10);
            film.learn();
        }
        RenderProgress next = new RenderProgress(1000, looking, now::get);
        later(10);
        assertThat(next.making(1))
                .as("ten seconds made, ten of looking to come")
                .isCloseTo(0.5, within(0.01));
    }
}
