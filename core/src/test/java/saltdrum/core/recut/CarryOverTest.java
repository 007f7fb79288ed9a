package saltdrum.core.recut;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueOverrides;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

class CarryOverTest {
    private static Word word(long id, int startMs) {
        return Word.of(id, "w" + id, startMs, startMs + 400, WordSource.ALIGNED);
    }

    private static Cue cue(long id, Word... words) {
        return new Cue(id, List.of(words), words.length > 2 ? List.of(2) : List.of(), false);
    }

    /** Words 1 to 9, half a second each, in three cues of two lines. */
    private static Track track() {
        return new Track(
                        "en",
                        Recipe.PHRASE,
                        "Mallet",
                        Frame.OWN,
                        List.of(
                                cue(11, word(1, 0), word(2, 500), word(3, 1000)),
                                cue(12, word(4, 1500), word(5, 2000), word(6, 2500)),
                                cue(13, word(7, 3000), word(8, 3500), word(9, 4000))),
                        20)
                .withLength(5000);
    }

    private static PlacedWord at(long id, int startMs) {
        return new PlacedWord(id, startMs, startMs + 400);
    }

    private static List<String> said(Track track) {
        return track.cues().stream()
                .map(cue -> cue.id() + ":"
                        + cue.words().stream()
                                .map(w -> w.id() + "@" + w.startMs())
                                .toList())
                .toList();
    }

    @Test
    void whatIsSaidNoMoreGoesAndTheRestFollows() {
        Track after = new CarryOver(
                        List.of(at(1, 0), at(2, 500), at(7, 1000), at(8, 1500), at(9, 2000)),
                        List.of(3L, 4L, 5L, 6L),
                        2500)
                .on(track());
        assertThat(said(after)).containsExactly("11:[1@0, 2@500]", "13:[7@1000, 8@1500, 9@2000]");
        assertThat(after.cues().get(0).lineStarts()).isEmpty();
        assertThat(after.cues().get(1).lineStarts()).containsExactly(2);
        assertThat(after.lengthMs()).isEqualTo(2500);
    }

    @Test
    void aCueThatIsCutApartBecomesTwo() {
        Track after = new CarryOver(
                        List.of(at(1, 2000), at(2, 2500), at(3, 0), at(4, 500), at(5, 1000), at(6, 1500)),
                        List.of(7L, 8L, 9L),
                        3000)
                .on(track());
        assertThat(said(after)).containsExactly("11:[3@0]", "12:[4@500, 5@1000, 6@1500]", "20:[1@2000, 2@2500]");
        assertThat(after.nextId()).isEqualTo(21);
    }

    @Test
    void aWordThatNobodyLookedForStaysBetweenItsNeighbours() {
        Track after =
                new CarryOver(List.of(at(4, 3500), at(6, 4500)), List.of(1L, 2L, 3L, 7L, 8L, 9L), 5000).on(track());
        assertThat(said(after)).containsExactly("12:[4@3500, 5@4000, 6@4500]");
    }

    @Test
    void whatOverlapsOrReachesBeyondTheEndGivesWay() {
        Track after = new CarryOver(
                        List.of(new PlacedWord(1, 0, 600), at(2, 500), at(3, 4900), at(4, 5100)), List.of(), 5000)
                .on(track());
        List<Word> words = after.words().toList();
        assertThat(words.get(0).endMs()).isEqualTo(500);
        assertThat(words).noneMatch(word -> word.endMs() > 5000);
        assertThat(words.stream().map(Word::id)).contains(3L).doesNotContain(4L);
    }

    @Test
    void twiceIsOnce() {
        CarryOver carry = new CarryOver(
                List.of(at(1, 300), at(2, 800), at(7, 1300), at(8, 1800), at(9, 2300)), List.of(3L, 4L, 5L, 6L), 2700);
        Track once = carry.on(track());
        assertThat(carry.on(once)).isEqualTo(once);
    }

    @Test
    void timesThatWereGivenGoWithAWholeCueOnly() {
        Cue given = track().cues().get(0).withGiven(new CueOverrides(0, 1450, null));
        Cue other = track().cues().get(1).withGiven(new CueOverrides(1480, 2950, "align:start"));
        Track track = track().withCues(List.of(given, other), 20);
        Track after = new CarryOver(
                        List.of(at(1, 700), at(2, 1200), at(3, 1700), at(4, 2500), at(6, 3000)), List.of(5L), 4000)
                .on(track);
        assertThat(after.cues().get(0).given()).isEqualTo(new CueOverrides(700, 2150, null));
        assertThat(after.cues().get(1).given()).isEqualTo(new CueOverrides(null, null, "align:start"));
    }

    @Test
    void headlinesAndTheFrameFollowTheWordsAroundThem() {
        Track track = track().withBeside(track().beside()
                        .withHeadlines(List.of(
                                new Headline(0, "All of it", 0, null, Headline.Place.ABOVE, null).withId(15),
                                new Headline(16, "The end", 3100, 4200, Headline.Place.OVER, null))))
                .withFrame(new Frame(
                        Frame.Aspect.SQUARE,
                        Frame.Sit.FILL,
                        "#000000",
                        null,
                        0,
                        List.of(new Frame.Focus(100, 0.2, 0.5), new Frame.Focus(3600, 0.8, 0.5)),
                        null));
        Track after = new CarryOver(
                        List.of(at(1, 0), at(2, 500), at(7, 1000), at(8, 1500), at(9, 2000)),
                        List.of(3L, 4L, 5L, 6L),
                        2500)
                .on(track);
        assertThat(after.beside().headlines()).extracting(Headline::fromMs).containsExactly(0, 1100);
        assertThat(after.beside().headlines().get(1).toMs()).isEqualTo(2200);
        assertThat(after.frame().focus()).extracting(Frame.Focus::ms).containsExactly(100, 1600);
    }

    @Test
    void whatBecameOfTheWordsIsTold() {
        List<Word> words = track().words().toList();
        CarryOverResult carried = CarryOverResult.of(
                words, List.of(at(1, 10), at(2, 500), at(7, 3000 + 2000), at(8, 5500), at(9, 6000)), 5000, 8000);
        assertThat(carried.kept()).isEqualTo(2);
        assertThat(carried.moved()).isEqualTo(3);
        assertThat(carried.lost()).extracting(CarryOverResult.Lost::text).containsExactly("w3", "w4", "w5", "w6");
        assertThat(carried.fresh())
                .as("longer rests than there were")
                .containsExactly(new Range(900, 5000), new Range(6400, 8000));
        assertThat(new CarryOver(List.of(at(1, 0)), List.of(2L), 100).said())
                .isEqualTo("Carry one word over, 1 is lost");
    }
}
