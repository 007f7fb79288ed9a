package saltdrum.core.translation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import saltdrum.core.RefusedEditException;
import saltdrum.core.Words;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.BreakEdit.JoinCues;
import saltdrum.core.edit.BreakEdit.Rebreak;
import saltdrum.core.edit.BreakEdit.SplitCue;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.edit.MarkEdit.ConfirmWords;
import saltdrum.core.edit.MarkEdit.Lock;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

class TranslationTest {
    private Track first;
    private Track spanish;

    @BeforeEach
    void translate() {
        first = Words.track(Recipe.PHRASE, "Sand it first or you will be back by Friday. Three coats thin as tea.");
        Map<Long, String> texts =
                first.cues().stream().collect(Collectors.toMap(Cue::id, cue -> "La marea número " + cue.id()));
        spanish = Translation.filled(first, Translation.empty(first, "es"), texts);
    }

    @Test
    void everyCueHasTheFirstTracksIdAndTimes() {
        assertThat(spanish.cues()).extracting(Cue::id).isEqualTo(ids(first));
        assertThat(CueTime.of(spanish)).isEqualTo(CueTime.of(first));
        for (int i = 0; i < first.cues().size(); i++) {
            assertThat(spanish.cues().get(i).firstWordMs())
                    .isEqualTo(first.cues().get(i).firstWordMs());
            assertThat(spanish.cues().get(i).lastWordMs())
                    .isEqualTo(first.cues().get(i).lastWordMs());
        }
    }

    @Test
    void theTextsOfAFileGoToTheCuesTheyAreShownWith() {
        Cue one = first.cues().get(0);
        Cue two = first.cues().get(1);
        int middle = (one.firstWordMs() + one.lastWordMs()) / 2;
        List<Cue> file = List.of(
                cue(1, "Lija", one.firstWordMs(), middle),
                cue(2, "primero", middle, one.lastWordMs()),
                cue(3, "volverás", two.firstWordMs() - 50, two.lastWordMs() - 50),
                cue(4, "nadie", 3_600_000, 3_601_000));
        Map<Long, String> texts = Translation.placed(first, file);
        assertThat(texts).containsExactly(Map.entry(one.id(), "Lija primero"), Map.entry(two.id(), "volverás"));
        Track locked = new Lock(List.of(two.id()), true).on(spanish);
        Track after = Translation.broughtIn(first, locked, texts);
        assertThat(after.cues().get(0).text()).isEqualTo("Lija primero");
        assertThat(after.cues().get(1).text()).isEqualTo(spanish.cues().get(1).text());
        assertThat(Translation.open(first, after)).extracting(Cue::id).doesNotContain(one.id(), two.id());
    }

    private static Cue cue(long id, String text, int fromMs, int toMs) {
        return new Cue(
                id, List.of(new Word(id, text, fromMs, toMs, 1, WordSource.IMPORTED, 0, Pin.FREE)), List.of(), false);
    }

    @Test
    void itLooksAsTheFirstTrackDoes() {
        LookPatch big = LookPatch.of(Facets.SIZE, 150d);
        long cue = first.cues().get(1).id();
        Track bent = ChangeLook.ofTrack(LookPatch.of(Facets.Y, 0.2))
                .on(ChangeLook.ofCues(List.of(cue), big).on(first));
        Track over = Translation.over(bent, spanish);
        assertThat(over.styling()).isEqualTo(bent.styling());
        assertThat(over.cues())
                .extracting(Cue::look)
                .isEqualTo(bent.cues().stream().map(Cue::look).toList());
    }

    @Test
    void wordsShareACuesSpeechBySyllables() {
        Cue source = first.cues().get(0);
        Track typed = TranslationEdits.apply(first, spanish, new RetypeCue(source.id(), "va número"));
        List<Word> words = typed.cues().get(0).words();
        int span = source.lastWordMs() - source.firstWordMs();
        assertThat(words.get(0).endMs() - source.firstWordMs()).isEqualTo(Math.round(span / 4f));
        assertThat(words.get(1).startMs()).isEqualTo(words.get(0).endMs());
    }

    @Test
    void translatingAgainLeavesWhatAHandTyped() {
        long id = first.cues().get(1).id();
        Track typed = TranslationEdits.apply(first, spanish, new RetypeCue(id, "hecho a mano"));
        assertThat(Translation.open(first, typed)).extracting(Cue::id).doesNotContain(id);
        Track again = Translation.filled(
                first, typed, first.cues().stream().collect(Collectors.toMap(Cue::id, cue -> "otra vez")));
        assertThat(again.cues().get(0).text()).isEqualTo("otra vez");
        assertThat(again.cues().get(1).text()).isEqualTo("hecho a mano");
    }

    @Test
    void whatAHandConfirmedOrLockedStaysToo() {
        Cue confirmed = spanish.cues().get(0);
        Track marked = TranslationEdits.apply(
                first,
                spanish,
                new ConfirmWords(List.of(confirmed.words().get(0).id())));
        marked = TranslationEdits.apply(
                first, marked, new Lock(List.of(spanish.cues().get(1).id()), true));
        assertThat(Translation.open(first, marked))
                .extracting(Cue::id)
                .doesNotContain(confirmed.id(), spanish.cues().get(1).id())
                .hasSize(first.cues().size() - 2);
    }

    @Test
    void followsAFirstTrackThatIsRetimedSplitAndBrokenAnew() {
        Track typed = TranslationEdits.apply(
                first, spanish, new RetypeCue(first.cues().get(0).id(), "uno dos"));
        Track split = new SplitCue(first.cues().get(0).words().get(1).id()).on(first);
        assertThat(Translation.over(split, typed).cues().get(0).text()).isEqualTo("uno dos");
        assertThat(Translation.open(split, typed))
                .extracting(Cue::id)
                .contains(split.cues().get(1).id());

        Track words = new Rebreak(Recipe.TWO_LINES, true).on(first);
        Track followed = Translation.over(words, typed);
        assertThat(followed.words().map(Word::text).toList())
                .containsExactlyElementsOf(typed.words().map(Word::text).toList());
        assertThat(ids(words)).containsAll(ids(followed));
        assertThat(followed.cues().get(0).text()).startsWith("uno dos");
    }

    @Test
    void aClearedTextIsOpenAgain() {
        long id = first.cues().get(0).id();
        Track cleared = TranslationEdits.apply(first, spanish, new RetypeCue(id, "  "));
        assertThat(cleared.cues()).hasSize(first.cues().size() - 1);
        assertThat(Translation.open(first, cleared)).extracting(Cue::id).contains(id);
    }

    @Test
    void cuesAndTimesCannotBeChangedHere() {
        assertThatThrownBy(() -> TranslationEdits.apply(
                        first, spanish, new JoinCues(spanish.cues().get(0).id())))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("keeps the cues and times");
    }

    @Test
    void aLockedTextCannotBeTyped() {
        long id = first.cues().get(0).id();
        Track locked = TranslationEdits.apply(first, spanish, new Lock(List.of(id), true));
        assertThatThrownBy(() -> TranslationEdits.apply(first, locked, new RetypeCue(id, "no")))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("locked");
    }

    @Test
    void moreWordsThanMillisecondsStandAsOne() {
        Track tiny = Track.of("en", Recipe.ONE_WORD, "Mallet", List.of(Word.of(1, "a", 10, 12, WordSource.TYPED)));
        Track filled = Translation.filled(
                tiny, Translation.empty(tiny, "es"), Map.of(tiny.cues().get(0).id(), "uno dos tres"));
        assertThat(filled.cues().get(0).text()).isEqualTo("uno\u00a0dos\u00a0tres");
    }

    private static List<Long> ids(Track track) {
        return track.cues().stream().map(Cue::id).toList();
    }
}
