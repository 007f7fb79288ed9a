package saltdrum.cli.bench.burn;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;

class BenchStylesTest {
    @Test
    void theHeaviestStyleIsMeasuredBesideAllThatShip() {
        List<Style> all = BenchStyles.all(List.of());
        assertThat(all).hasSize(new ShippedStyles().all().size() + 1);
        assertThat(BenchStyles.all(List.of("mallet"))).extracting(Style::name).containsExactly("Mallet");
    }
}
