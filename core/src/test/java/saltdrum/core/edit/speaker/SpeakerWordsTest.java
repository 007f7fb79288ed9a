package saltdrum.core.edit.speaker;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.RefusedEditException;
import saltdrum.core.Words;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.BreakEdit.JoinCues;
import saltdrum.core.edit.BreakEdit.MoveWord;
import saltdrum.core.edit.BreakEdit.Rebreak;
import saltdrum.core.edit.MarkEdit.GiveSpeaker;
import saltdrum.core.edit.MarkEdit.Lock;
import saltdrum.core.edit.MarkEdit.LookOfSpeaker;
import saltdrum.core.edit.MarkEdit.MergeSpeakers;
import saltdrum.core.edit.MarkEdit.NameSpeakers;
import saltdrum.core.edit.MarkEdit.PlaceSpeakers;
import saltdrum.core.edit.MarkEdit.SwapSpeakers;
import saltdrum.core.edit.TextEdit.AddCue;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.edit.TimingEdit.ShiftAfter;
import saltdrum.core.edit.speaker.SpeakerWords.Turn;
import saltdrum.core.format.CaptionFormats;
import saltdrum.core.format.ttml.Ttml;
import saltdrum.core.format.webvtt.WebVtt;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.LookPatch;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;
import saltdrum.core.word.Word;

/** Who says which words, by hand and found, in cues of one speaker each. */
class SpeakerWordsTest {
    private static final Track PLAIN =
            Words.track(Recipe.PHRASE, "What lives under this stone? Lift it slowly and look. A crab! It waves at me.");
    private static final Track TWO = new NameSpeakers(List.of("Mirela", "Thorvald")).on(PLAIN);

    private static long id(Track track, String text) {
        return track.words()
                .filter(word -> word.text().equals(text))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private static Track turns(Track track, Object... turns) {
        return new PlaceSpeakers(Stream.iterate(0, i -> i < turns.length, i -> i + 2)
                        .map(i -> new Turn(id(track, (String) turns[i]), (Integer) turns[i + 1]))
                        .toList())
                .on(track);
    }

    private static final Track TALK = turns(TWO, "What", 1, "Lift", 2, "A", 1);

    private static List<String> said(Track track, int speaker) {
        return track.cues().stream()
                .filter(cue -> cue.speaker() == speaker)
                .map(Cue::text)
                .toList();
    }

    private static void ofOneSpeakerEach(Track track) {
        assertThat(track.cues())
                .allSatisfy(
                        cue -> assertThat(cue.words()).extracting(Word::speaker).containsOnly(cue.speaker()));
    }

    @Test
    void aClipHasOneVoiceUntilSomebodySaysHowMany() {
        assertThat(PLAIN.words()).allMatch(word -> word.speaker() == 0);
        assertThat(TWO.words()).allMatch(word -> word.speaker() == 1);
        assertThat(TWO.cues())
                .extracting(Cue::text)
                .isEqualTo(PLAIN.cues().stream().map(Cue::text).toList());
        assertThat(new NameSpeakers(List.of()).on(TALK).words()).allMatch(word -> word.speaker() == 0);
        assertThatThrownBy(() -> new GiveSpeaker(List.of(id(PLAIN, "What")), 1).on(PLAIN))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("No speakers are named yet");
    }

    @Test
    void aSpeakerWithoutANameIsCalledByTheNumber() {
        assertThat(new NameSpeakers(List.of("", "Wren", " "))
                        .on(PLAIN)
                        .beside()
                        .speakers()
                        .names())
                .containsExactly("Speaker 1", "Wren", "Speaker 3");
    }

    @Test
    void cuesEndWhereTheSpeakerChanges() {
        ofOneSpeakerEach(TALK);
        assertThat(String.join(" ", said(TALK, 2))).isEqualTo("Lift it slowly and look.");
        Track again = new Rebreak(Recipe.TWO_LINES, true).on(TALK);
        ofOneSpeakerEach(again);
        assertThat(String.join(" ", said(again, 2))).isEqualTo("Lift it slowly and look.");
    }

    @Test
    void wordsGivenByHandStayWhenTheOthersAreFound() {
        Track given = new GiveSpeaker(List.of(id(TALK, "crab!")), 2).on(TALK);
        ofOneSpeakerEach(given);
        assertThat(said(given, 2)).contains("crab!");
        Track found = turns(given, "What", 2, "Lift", 1);
        assertThat(said(found, 2)).contains("crab!");
        assertThat(String.join(" ", said(found, 1))).contains("Lift it slowly and look.");
    }

    @Test
    void newWordsAreSaidByWhoSpeaksThere() {
        Cue second = TALK.cues().stream()
                .filter(cue -> cue.speaker() == 2)
                .findFirst()
                .orElseThrow();
        Track typed = new RetypeCue(second.id(), "Please lift all of it").on(TALK);
        ofOneSpeakerEach(typed);
        assertThat(String.join(" ", said(typed, 2))).startsWith("Please lift all of it");
        Track later = new ShiftAfter(TALK.cues().get(0).id(), 3000).on(TALK);
        Track begun = new AddCue(0, 2000, "Listen.").on(later);
        assertThat(begun.cues().get(0).text()).isEqualTo("Listen.");
        assertThat(begun.cues().get(0).speaker())
                .as("before the first, by who speaks next")
                .isEqualTo(1);
    }

    /** A word that goes to another's cue is said by them; of two cues that become one the longer part tells. */
    @Test
    void movedAndJoinedWordsAreSaidByOne() {
        Cue before = TALK.cues().get(0);
        Cue last = TALK.cues().stream()
                .filter(cue -> cue.speaker() == 1)
                .reduce((a, b) -> a)
                .orElseThrow();
        assertThat(last).isEqualTo(before);
        int index = 0;
        while (TALK.cues().get(index + 1).speaker() == 1) {
            index++;
        }
        Cue end = TALK.cues().get(index);
        Track moved = new MoveWord(end.words().get(end.words().size() - 1).id(), true).on(TALK);
        ofOneSpeakerEach(moved);
        assertThat(String.join(" ", said(moved, 2))).startsWith("stone? Lift");
        ofOneSpeakerEach(new JoinCues(end.id()).on(TALK));
    }

    @Test
    void speakersAreSwappedMergedAndFewer() {
        Track swapped = new SwapSpeakers(1, 2).on(TALK);
        assertThat(String.join(" ", said(swapped, 1))).isEqualTo("Lift it slowly and look.");
        assertThat(swapped.beside().speakers().names()).containsExactly("Mirela", "Thorvald");
        Track merged = new MergeSpeakers(1, 2).on(TALK);
        assertThat(merged.beside().speakers().names()).containsExactly("Thorvald");
        assertThat(merged.words()).allMatch(word -> word.speaker() == 1);
        Track fewer = new NameSpeakers(List.of("Mirela")).on(TALK);
        assertThat(fewer.words()).allMatch(word -> word.speaker() == 1);
        assertThatThrownBy(() -> new MergeSpeakers(2, 2).on(TALK)).isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> new SwapSpeakers(1, 3).on(TALK))
                .hasMessage("There is no speaker 3: 2 speak. Nothing was changed.");
    }

    @Test
    void aLockedCueKeepsItsSpeaker() {
        Cue first = TALK.cues().get(0);
        Track locked = new Lock(List.of(first.id()), true).on(TALK);
        assertThatThrownBy(() -> new GiveSpeaker(List.of(first.words().get(0).id()), 2).on(locked))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("is locked");
        assertThat(turns(locked, "What", 2).cues().get(0))
                .isEqualTo(locked.cues().get(0));
    }

    @Test
    void eachSpeakerMayHaveALook() {
        Ink gold = Ink.of("#ffd479");
        Track coloured = new LookOfSpeaker(2, LookPatch.of(Facets.FILL, gold), null).on(TALK);
        Cascade cascade = new Cascade(new ShippedStyles().get("Mallet"), coloured.styling());
        for (Cue cue : coloured.cues()) {
            assertThat(cascade.ofCue(cue).get(Facets.FILL).equals(gold)).isEqualTo(cue.speaker() == 2);
        }
        Track reset = new LookOfSpeaker(2, null, List.of("fill")).on(coloured);
        assertThat(reset.styling()).isEqualTo(TALK.styling());
    }

    @Test
    void aTrackGoesThroughJsonWithItsSpeakersAndOneWithoutIsWrittenAsBefore() {
        Track coloured = new LookOfSpeaker(1, LookPatch.of(Facets.FILL, Ink.of("#ffd479")), null).on(TALK);
        assertThat(Json.read(Json.write(coloured), Track.class, "track")).isEqualTo(coloured);
        assertThat(Json.write(PLAIN)).doesNotContain("speaker");
    }

    /** WebVTT voice spans, TTML agents (TTML 2, 14.1.3), and the Name field of ASS. */
    @Test
    void filesSayWhoSpeaks() {
        Track named = new NameSpeakers(List.of("Mirela <3", "Thor, vald")).on(TALK);
        assertThat(WebVtt.write(named)).contains("\n<v Mirela &lt;3>").contains("\n<v Thor, vald>");
        assertThat(Ttml.write(named))
                .contains(
                        "<ttm:agent xml:id=\"speaker2\" type=\"person\"><ttm:name type=\"full\">Thor, vald</ttm:name>")
                .contains("ttm:agent=\"speaker1\"");
        assertThat(Ttml.write(PLAIN)).doesNotContain("agent");
        Style style = new ShippedStyles().get("Mallet");
        assertThat(CaptionFormats.SRT.losses(named, style)).contains("who speaks");
        assertThat(CaptionFormats.SRT.losses(PLAIN, style)).doesNotContain("who speaks");
        assertThat(CaptionFormats.WEBVTT.losses(named, style)).doesNotContain("who speaks");
    }
}
