package saltdrum.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.ref.WeakReference;
import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Part;

class PartCacheTest {
    private final PartCache<String> kept = new PartCache<>();

    private static Part part() {
        return new Part(1, 0, 1000, 0, new Box(0, 0, 10, 10), 1, List.of());
    }

    @Test
    void whatIsKnownOfAPartIsNotMadeAgain() {
        Part part = part();
        assertThat(kept.of(part, "limits", () -> "first")).isEqualTo("first");
        assertThat(kept.of(part, "limits", () -> "again")).isEqualTo("first");
        assertThat(kept.of(part, "other limits", () -> "others")).isEqualTo("others");
        assertThat(kept.of(part(), "limits", () -> "of another")).isEqualTo("of another");
    }

    /** Sixteen thousand parts were held by what was known of them, long after the scenes had gone. */
    @Test
    void aPartThatNobodyElseHasIsLetGo() {
        WeakReference<Part> part = looked();
        for (int i = 0; i < 100 && part.get() != null; i++) {
            System.gc();
        }
        assertThat(part.get()).isNull();
    }

    private WeakReference<Part> looked() {
        Part part = part();
        kept.of(part, "limits", () -> "known");
        return new WeakReference<>(part);
    }
}
