package saltdrum.speech.recognise;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class TermTest {
    @Test
    void oneALineAndAfterAnEqualsSignHowItIsSaid() {
        assertThat(Term.lines("Skarholm = scar home\n\n  Thorvald  \nGannet Point=\n= nothing\na = b = c"))
                .containsExactly(
                        new Term("Skarholm", "scar home"),
                        new Term("Thorvald", null),
                        new Term("Gannet Point", null),
                        new Term("a", "b = c"));
    }

    @Test
    void aTermIsReadAsItIsWritten() {
        for (Term term : new Term[] {new Term("Skarholm", "scar home"), new Term("Thorvald", null)}) {
            assertThat(Term.lines(term.line())).containsExactly(term);
        }
        assertThat(Term.lines("")).isEmpty();
    }
}
