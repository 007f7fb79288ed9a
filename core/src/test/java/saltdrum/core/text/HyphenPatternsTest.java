package saltdrum.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class HyphenPatternsTest {
    /** The patterns that Liang's thesis shows for “hyphenation” (chapter 1). */
    private static final String THESIS =
            """
            UTF-8
            LEFTHYPHENMIN 2
            RIGHTHYPHENMIN 2
            hy3ph
            he2n
            hena4
            hen5at
            1na
            n2at
            1tio
            2io
            o2n
            """;

    @Test
    void theThesisDividesItsOwnWord() {
        HyphenPatterns patterns = new HyphenPatterns(THESIS);
        assertThat(patterns.points("hyphenation")).isEqualTo(List.of(2, 6));
        assertThat(patterns.points("“Hyphenation,”")).isEqualTo(List.of(3, 7));
        assertThat(patterns.points("hyp")).isEmpty();
        assertThat(patterns.points("")).isEmpty();
    }

    @Test
    void linesThatAreNoPatternsAreLeftOut() {
        HyphenPatterns patterns = new HyphenPatterns("UTF-8\n% a note\nNOHYPHEN ',-\na1b/x=y,1,2\nNEXTLEVEL\nc1d\n");
        assertThat(patterns.points("aabb")).isEmpty();
        assertThat(patterns.points("cccddd")).isEqualTo(List.of(3));
    }
}
