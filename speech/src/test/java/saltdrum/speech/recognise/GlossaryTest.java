package saltdrum.speech.recognise;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.speech.Sound;

class GlossaryTest {
    @Test
    void eachWordOfATermIsKnownAsItIsWritten() {
        Glossary glossary = new Glossary(List.of(new Term("Gannet Point", null), new Term("Skarholm", "scar home")));
        assertThat(glossary.words()).isEqualTo("gannet point skarholm");
        assertThat(glossary.written("skarholm")).isEqualTo("Skarholm");
        assertThat(glossary.written("boat")).isEqualTo("boat");
    }

    @Test
    void howATermIsSaidComesFirstInTheDictionary() throws Exception {
        List<String> lines = Files.readAllLines(new Glossary(List.of(new Term("Skarholm", "scar home"))).dictionary());
        assertThat(lines).contains("skarholm S K AA R HH OW M").contains("boat B OW T");
        assertThat(lines).anyMatch(line -> line.startsWith("skarholm(2) "));
    }

    @Test
    void signsAndDigitsAreNoTerms() {
        assertThat(new Glossary(List.of(new Term("№ 5", null))).words()).isEmpty();
    }

    /** The demo voice says “thin as tea”; a workshop whose boat is the Thinnastie would want to read that. */
    @Test
    void aTermTheLanguageModelLacksIsHeard() {
        List<Term> terms = List.of(new Term("Thinnastie", "thin as tea"));
        List<String> without = texts(List.of());
        List<String> with = texts(terms);
        assertThat(without).doesNotContain("Thinnastie");
        assertThat(with).contains("Thinnastie");
    }

    private static List<String> texts(List<Term> terms) {
        return new Recogniser()
                .recognise(Sound.spoken(), 0, terms, heard -> {}, () -> false).stream()
                        .map(word -> word.text())
                        .toList();
    }
}
