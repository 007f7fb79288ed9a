package saltdrum.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.Words;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.MarkEdit.Lock;
import saltdrum.core.edit.TextEdit.ReplaceText;
import saltdrum.core.edit.TextMatches.Place;
import saltdrum.core.word.Word;

class TextMatchesTest {
    private final Track track =
            Words.track(Recipe.TWO_LINES, "The scar home ferry waits. SCAR HOME sleeps, says scar home, “scar” alone.");

    @Test
    void everyPlaceIsShownAsItWouldBecome() {
        List<Place> places = TextMatches.of(track, "scar home", "Skarholm");
        assertThat(places).hasSize(3);
        assertThat(String.join(" ", places.stream().map(Place::after).toList()))
                .contains("The Skarholm ferry", "SKARHOLM sleeps", "says Skarholm,");
    }

    @Test
    void punctuationAroundAWordStays() {
        assertThat(TextMatches.of(track, "scar", "rib").stream().map(Place::after))
                .anyMatch(text -> text.contains("“rib”"));
    }

    @Test
    void twoWordsForOneTakeTheirUnion() {
        Track replaced = new ReplaceText("scar home", "Skarholm", null).on(track);
        Word word = replaced.words()
                .filter(w -> w.text().equals("Skarholm"))
                .findFirst()
                .orElseThrow();
        assertThat(word.startMs()).isEqualTo(1400);
        assertThat(word.endMs()).isEqualTo(2100);
        assertThat(replaced.words()
                        .filter(w -> w.text().equals("ferry"))
                        .findFirst()
                        .orElseThrow()
                        .startMs())
                .isEqualTo(2200);
    }

    @Test
    void onlyTheChosenPlacesAreReplaced() {
        long second = TextMatches.of(track, "scar home", "x").get(1).wordId();
        Track replaced = new ReplaceText("scar home", "Skarholm", List.of(second)).on(track);
        assertThat(replaced.words().map(Word::text)).contains("SKARHOLM").doesNotContain("Skarholm");
    }

    @Test
    void aCapitalAtTheBeginningIsKept() {
        Track harbour = Words.track(Recipe.PHRASE, "Boats rest. some boats leak.");
        Track replaced = new ReplaceText("boats", "rafts", null).on(harbour);
        assertThat(String.join(" ", Words.texts(replaced))).isEqualTo("Rafts rest. some rafts leak.");
    }

    @Test
    void aPhraseIsFoundOverTheEndsOfCues() {
        Track single = Words.track(Recipe.ONE_WORD, "The scar home ferry waits.");
        List<Place> places = TextMatches.of(single, "scar home", "Skarholm");
        assertThat(places).extracting(Place::before).containsExactly("scar / home");
        assertThat(places).extracting(Place::after).containsExactly("Skarholm");
        Track replaced = new ReplaceText("scar home", "Skarholm", null).on(single);
        assertThat(Words.texts(replaced)).containsExactly("The", "Skarholm", "ferry", "waits.");
        Word word = replaced.cues().get(1).words().get(0);
        assertThat(word.startMs()).isEqualTo(1400);
        assertThat(word.endMs()).isEqualTo(2100);
        assertThat(replaced.cues().get(1).id()).isEqualTo(single.cues().get(1).id());
    }

    @Test
    void wordForWordEachCueKeepsItsOwn() {
        Track single = Words.track(Recipe.ONE_WORD, "The scar home ferry waits.");
        Track replaced = new ReplaceText("scar home ferry", "late night boat", null).on(single);
        assertThat(Words.texts(replaced)).containsExactly("The", "late", "night", "boat", "waits.");
        assertThat(replaced.words().map(Word::startMs))
                .containsExactlyElementsOf(single.words().map(Word::startMs).toList());
        Track gone = new ReplaceText("scar home", "", null).on(single);
        assertThat(Words.texts(gone)).containsExactly("The", "ferry", "waits.");
    }

    @Test
    void aPlaceThatReachesIntoALockedCueIsLocked() {
        Track single = Words.track(Recipe.ONE_WORD, "The scar home ferry waits.");
        Track locked = new Lock(List.of(single.cues().get(2).id()), true).on(single);
        assertThat(TextMatches.of(locked, "scar home", "x")).allMatch(Place::locked);
        assertThatThrownBy(() -> new ReplaceText("scar home", "x", null).on(locked))
                .hasMessageContaining("only in locked cues");
    }

    @Test
    void lockedCuesAreLeftAndSaidSo() {
        Track locked = new Lock(track.cues().stream().map(Cue::id).toList(), true).on(track);
        assertThat(TextMatches.of(locked, "scar home", "x")).allMatch(Place::locked);
        assertThatThrownBy(() -> new ReplaceText("scar home", "x", null).on(locked))
                .hasMessageContaining("only in locked cues");
    }

    @Test
    void nothingForAWordTakesItOut() {
        Track replaced = new ReplaceText("scar home", "", null).on(track);
        assertThat(replaced.words().map(Word::text))
                .doesNotContain("scar", "home,", "HOME")
                .contains("“scar”");
    }
}
