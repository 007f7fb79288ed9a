package saltdrum.core.style;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import saltdrum.core.look.Facet;
import saltdrum.core.look.Facets;

class LookBookTest {
    static java.util.List<Facet<?>> facets() {
        return Facets.ALL;
    }

    @ParameterizedTest
    @MethodSource("facets")
    void everyFacetStandsOnAPage(Facet<?> facet) {
        assertThat(LookBook.shows(facet)).as(facet.name()).isTrue();
    }

    @Test
    void everyPageIsAStyleFile() {
        assertThat(LookBook.pages()).allSatisfy(style -> assertThat(StyleFile.read(StyleFile.write(style)))
                .isEqualTo(style));
    }
}
