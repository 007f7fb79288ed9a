package saltdrum.core.word;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.BreakIterator;
import com.ibm.icu.util.ULocale;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.Words;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;

/** Word boundaries are ICU's own (UAX #29 with dictionaries); here it is tested that every way in uses them. */
class ScriptsTest {
    @Test
    void everyWordStandsBetweenTwoBoundariesOfIcu() {
        List<String> texts = List.of(
                "潮が引いたら舟を出す", "海很平静", "ทะเลสงบในตอนเช้า", "សមុទ្រស្ងប់នៅពេលព្រឹក", "ທະເລສະຫງົບ", "ပင်လယ်ငြိမ်သည်");
        for (String text : texts) {
            BreakIterator icu = BreakIterator.getWordInstance(ULocale.ROOT);
            icu.setText(text);
            List<String> expected = new ArrayList<>();
            int from = icu.first();
            for (int to = icu.next(); to != BreakIterator.DONE; from = to, to = icu.next()) {
                expected.add(text.substring(from, to));
            }
            assertThat(Tokens.split(text)).as(text).isEqualTo(expected).hasSizeGreaterThan(1);
            assertThat(Scripts.joined(Tokens.split(text))).isEqualTo(text);
        }
    }

    @Test
    void marksGoWithTheirWord() {
        assertThat(Tokens.split("「舟」を出す。")).containsExactly("「舟」", "を", "出す。");
    }

    @Test
    void aMarkBetweenSpacesGoesWithItsWord() {
        assertThat(Tokens.split("Bonjour ! Ça va ?")).containsExactly("Bonjour\u00A0!", "Ça", "va\u00A0?");
        assertThat(Tokens.split("Il dit « bonjour » ! et part"))
                .containsExactly("Il", "dit", "«\u00A0bonjour\u00A0»\u00A0!", "et", "part");
        assertThat(Tokens.split("- Row — row 😀 & row")).containsExactly("-", "Row", "—", "row", "😀", "&", "row");
    }

    @Test
    void aSignOfMoneyGoesWithItsNumberAndASmallKanaBeginsNoWord() {
        assertThat(Tokens.split("例：£23")).containsExactly("例：", "£23");
        assertThat(Tokens.split("がぁ")).hasSize(1);
    }

    @Test
    void aSpaceBetweenThaiPhrasesIsKept() {
        List<String> words = Tokens.split("ทะเลสงบ เรือออก");
        assertThat(Scripts.joined(words)).isEqualTo("ทะเลสงบ\u00A0เรือออก");
        assertThat(Tokens.split(Scripts.joined(words))).isEqualTo(words);
    }

    @Test
    void languagesWithSpacesStayAsTheyWere() {
        assertThat(Tokens.split("Row the boat, don’t stop: 10\u00A0kg"))
                .containsExactly("Row", "the", "boat,", "don’t", "stop:", "10\u00A0kg");
        assertThat(Scripts.joined(List.of("Row", "the", "boat"))).isEqualTo("Row the boat");
        assertThat(Scripts.joined(List.of("舟", "Boat", "舟"))).isEqualTo("舟 Boat 舟");
    }

    @Test
    void oneWordAtATimeWorksThereToo() {
        String[] words = Tokens.split("潮が引いたら舟を出す").toArray(String[]::new);
        Track track = Track.of("ja", Recipe.ONE_WORD, "Mallet", Words.words(words));
        assertThat(track.cues()).hasSizeGreaterThan(4);
        Track phrase = Track.of("ja", Recipe.PHRASE, "Mallet", track.words().toList());
        assertThat(phrase.cues().get(0).text()).doesNotContain(" ");
    }

    @Test
    void rightToLeftIsToldByTheFirstStrongLetter() {
        assertThat(Scripts.rightToLeft("«البحر هادئ»")).isTrue();
        assertThat(Scripts.rightToLeft("12 הים")).isTrue();
        assertThat(Scripts.rightToLeft("The sea is البحر")).isFalse();
    }
}
