package saltdrum.speech.neural;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.speech.recognise.HeardWord;
import saltdrum.speech.recognise.Term;

class PieceJoinerTest {
    private static List<HeardWord> piece(int fromMs, String text) {
        List<HeardWord> words = new ArrayList<>();
        for (String token : text.split(" ")) {
            int start = fromMs + words.size() * 300;
            words.add(new HeardWord(
                    Word.of(words.size() + 1L, token, start, start + 300, WordSource.RECOGNISED), List.of()));
        }
        return words;
    }

    private static String joined(int pauseMs, String first, String second, Term... terms) {
        PieceJoiner seams = new PieceJoiner(List.of(terms));
        List<HeardWord> before = piece(0, first);
        seams.add(before);
        seams.add(piece(before.size() * 300 + pauseMs, second));
        return seams.words().stream().map(w -> w.word().text()).collect(Collectors.joining(" "));
    }

    @Test
    void aSentenceThatGoesOnOverACutIsOne() {
        assertThat(joined(50, "Row the boat.", "And keep the tarpaulin dry."))
                .isEqualTo("Row the boat and keep the tarpaulin dry.");
    }

    @Test
    void afterAPauseASentenceEnds() {
        assertThat(joined(600, "Row the boat.", "And keep it dry.")).isEqualTo("Row the boat. And keep it dry.");
    }

    @Test
    void whatMayBeANameKeepsItsCapital() {
        assertThat(joined(50, "Row to.", "Skarholm at dawn.")).isEqualTo("Row to. Skarholm at dawn.");
        assertThat(joined(50, "Row to.", "The Point.", new Term("The Point", null)))
                .isEqualTo("Row to. The Point.");
        assertThat(joined(50, "Row on!", "The boat is dry.")).isEqualTo("Row on! The boat is dry.");
    }

    @Test
    void timesNeverRunBackOverACut() {
        PieceJoiner seams = new PieceJoiner(List.of());
        seams.add(piece(0, "row the boat"));
        seams.add(piece(700, "and keep"));
        int before = 0;
        for (HeardWord heard : seams.words()) {
            assertThat(heard.word().startMs()).isGreaterThanOrEqualTo(before);
            before = heard.word().endMs();
        }
        assertThat(seams.words()).extracting(w -> w.word().id()).containsExactly(1L, 2L, 3L, 4L, 5L);
    }
}
