package saltdrum.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import saltdrum.core.Words;
import saltdrum.core.check.CheckInput.Translated;
import saltdrum.core.check.rule.Checker;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Headline.Place;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ApplyRemedies;
import saltdrum.core.edit.BreakEdit.BreakLine;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.edit.DismissFinding;
import saltdrum.core.edit.MarkEdit.DeleteCues;
import saltdrum.core.edit.MarkEdit.SetEmphasis;
import saltdrum.core.edit.OverlayEdit.PutHeadline;
import saltdrum.core.edit.ShowingEdit.SetCueTime;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.edit.TimingEdit.ShiftCues;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Scene;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/** Each check has a track made to have exactly its fault, and one that has not. */
class ChecksTest {
    /** Nothing is wrong with it: 300 ms a word, 100 ms apart, from one second on. */
    private final Track good = Words.track(Recipe.PHRASE, "Sand the plank. Paint it thin.")
            .withStyle("Lantern")
            .withLength(8000);

    private static Track of(Word... words) {
        return Track.of("en", Recipe.PHRASE, "Mallet", List.of(words)).withLength(20_000);
    }

    private static Word word(String text, int from, int to) {
        return Words.word(1, text, from, to);
    }

    private static long first(Track track) {
        return track.cues().get(0).id();
    }

    /** The track with the first remedy of each finding made. */
    private static Track mended(Track track, List<Finding> findings) {
        return new ApplyRemedies(findings.stream()
                        .map(finding -> finding.remedies().get(0).edit())
                        .toList())
                .on(track);
    }

    private static void mendsItself(Track faulty, CheckKind kind, UnaryOperator<CheckInput.Builder> more) {
        List<Finding> findings = Checked.findings(faulty, kind, more);
        assertThat(findings).isNotEmpty().allSatisfy(finding -> {
            assertThat(finding.remedies()).isNotEmpty();
            assertThat(finding.said()).endsWith(".");
        });
        assertThat(Checked.findings(mended(faulty, findings), kind, more)).isEmpty();
    }

    @Test
    void aGoodTrackHasNoFindings() {
        Onsets heard = Onsets.of(good.words().toList());
        assertThat(Checked.findings(good, subject -> subject.onsets(heard).light(Checked.grey(good, 40))))
                .isEmpty();
    }

    @Test
    void readingSpeedByScript() {
        Track fast =
                of(word("Weatherboard", 1000, 1100), word("repairs", 1100, 1150).withPin(Pin.TOGETHER));
        Track there = new SetCueTime(first(fast), null, 1200).on(fast);
        List<Finding> findings = Checked.findings(there, CheckKind.SPEED);
        assertThat(findings).hasSize(1);
        assertThat(findings.get(0).measured()).isGreaterThan(60);
        assertThat(findings.get(0).limit()).isEqualTo(20);
        mendsItself(there, CheckKind.SPEED, UnaryOperator.identity());
        Track signs = of(word("船の修理", 1000, 1200), word("工房です", 1200, 1500));
        assertThat(Checked.findings(new SetCueTime(first(signs), null, 1600).on(signs), CheckKind.SPEED))
                .as("8 signs in 640 ms, and 9 a second can be read")
                .hasSize(1)
                .allSatisfy(finding -> assertThat(finding.limit()).isEqualTo(9));
        assertThat(Checked.findings(of(word("Weatherboarding", 1000, 1200)), CheckKind.SPEED))
                .as("one word is seen at a glance")
                .isEmpty();
    }

    @Test
    void tooShortAndTooLong() {
        Track brief = new SetCueTime(first(good), null, 2300).on(good);
        Track shown = of(word("Row", 1000, 1050), word("on", 1050, 1100));
        Track flash = new SetCueTime(first(shown), null, 1110).on(shown);
        mendsItself(flash, CheckKind.SHORT, UnaryOperator.identity());
        assertThat(Checked.findings(brief, CheckKind.SHORT)).isEmpty();
        Track endless = new SetCueTime(first(flash), null, 15_000).on(flash);
        mendsItself(endless, CheckKind.LONG, UnaryOperator.identity());
        assertThat(Checked.findings(good, CheckKind.LONG)).isEmpty();
    }

    @Test
    void linesTooLongTooManyAndALetterAlone() {
        Recipe wide = Recipe.parse("lineCharacters=60,lines=1");
        Track longLine =
                Words.track(wide, "The workshop mends old rowing boats here").withLength(9000);
        assertThat(Checked.findings(longLine, CheckKind.LINE_LENGTH))
                .singleElement()
                .satisfies(finding -> assertThat(finding.measured()).isEqualTo(40));
        mendsItself(longLine, CheckKind.LINE_LENGTH, UnaryOperator.identity());

        Track three = Words.track(Recipe.TWO_LINES, "Sand it well").withLength(9000);
        three = new BreakLine(three.cues().get(0).words().get(1).id(), true).on(three);
        three = new BreakLine(three.cues().get(0).words().get(2).id(), true).on(three);
        mendsItself(three, CheckKind.LINES, UnaryOperator.identity());

        Track alone = Words.track(Recipe.TWO_LINES, "So then I").withLength(9000);
        alone = new BreakLine(alone.cues().get(0).words().get(2).id(), true).on(alone);
        assertThat(Checked.findings(alone, CheckKind.LETTER))
                .singleElement()
                .satisfies(finding -> assertThat(finding.said()).contains("“I”"));
        mendsItself(alone, CheckKind.LETTER, UnaryOperator.identity());
        for (CheckKind kind : List.of(CheckKind.LINE_LENGTH, CheckKind.LINES, CheckKind.LETTER)) {
            assertThat(Checked.findings(good, kind)).isEmpty();
        }
    }

    @Test
    void lettersTooSmall() {
        Track small = ChangeLook.ofTrack(LookPatch.of(Facets.SIZE, 20d)).on(good);
        assertThat(Checked.findings(small, CheckKind.SIZE))
                .hasSameSizeAs(small.cues())
                .allSatisfy(finding -> assertThat(finding.measured()).isEqualTo(20));
        mendsItself(small, CheckKind.SIZE, UnaryOperator.identity());
    }

    @Test
    void placesUnderAPhoneOutsideTheFrameAndOverAHeadline() {
        Track low = ChangeLook.ofTrack(LookPatch.of(Facets.Y, 0.95)).on(good);
        mendsItself(low, CheckKind.SAFE, UnaryOperator.identity());
        Track out = ChangeLook.ofTrack(LookPatch.of(Facets.X, 0.98).with(Facets.Y, 0.6))
                .on(good);
        mendsItself(out, CheckKind.FRAME, UnaryOperator.identity());
        Track titled = new PutHeadline(null, "Low tide", null, null, Place.OVER).on(good);
        Track over = ChangeLook.ofTrack(LookPatch.of(Facets.Y, 0.45)).on(titled);
        mendsItself(over, CheckKind.HEADLINE, UnaryOperator.identity());
        Track apart = new PutHeadline(null, "Low tide", null, null, Place.ABOVE).on(good);
        for (CheckKind kind : List.of(CheckKind.SAFE, CheckKind.FRAME, CheckKind.HEADLINE)) {
            assertThat(Checked.findings(apart, kind)).isEmpty();
        }
    }

    @Test
    void laterAndEarlierThanTheVoiceAndOverSilence() {
        Onsets heard = Onsets.of(good.words().toList());
        UnaryOperator<CheckInput.Builder> voice = subject -> subject.onsets(heard);
        List<Long> all = good.cues().stream().map(cue -> cue.id()).toList();
        Track late = new ShiftCues(all, 200).on(good);
        assertThat(Checked.findings(late, CheckKind.LATE, voice))
                .hasSameSizeAs(all)
                .allSatisfy(finding -> assertThat(finding.measured()).isEqualTo(200));
        assertThat(Checked.findings(late, CheckKind.LATE)).as("not measured").isEmpty();
        mendsItself(late, CheckKind.LATE, voice);
        Track early = new ShiftCues(all, -200).on(good);
        mendsItself(early, CheckKind.EARLY, voice);
        assertThat(mended(early, Checked.findings(early, CheckKind.EARLY, voice))
                        .words()
                        .toList())
                .as("all words are where they are heard, whichever was in another's way")
                .isEqualTo(good.words().toList());
        long last = all.get(all.size() - 1);
        Track stays = new SetCueTime(last, null, 7000).on(good);
        mendsItself(stays, CheckKind.SILENCE, voice);
    }

    @Test
    void severalRemediesAreOneStepThatSaysWhatItDoes() {
        long first = first(good);
        ChangeLook larger = ChangeLook.ofCues(List.of(first), LookPatch.of(Facets.SIZE, 90d));
        assertThat(new ApplyRemedies(List.of(larger)).said(good)).isEqualTo(larger.said(good));
        assertThat(new ApplyRemedies(List.of(larger, new DeleteCues(List.of(first)))).said(good))
                .isEqualTo(larger.said(good) + ", and 1 more change");
    }

    @Test
    void aGapThatFlashes() {
        Track gap = of(word("Row", 1000, 1600), word("home.", 1600, 2400), word("Rest", 3200, 3900));
        gap = new SetCueTime(first(gap), null, 3100).on(gap);
        assertThat(CueTime.of(gap).get(1).showMs() - CueTime.of(gap).get(0).hideMs())
                .isBetween(1, 119);
        mendsItself(gap, CheckKind.GAP, UnaryOperator.identity());
    }

    @Test
    void aWordTwice() {
        Track twice = Words.track(Recipe.PHRASE, "Row the the boat").withLength(9000);
        mendsItself(twice, CheckKind.REPEATED, UnaryOperator.identity());
        assertThat(Checked.findings(Words.track(Recipe.PHRASE, "No, no.").withLength(9000), CheckKind.REPEATED))
                .as("said twice on purpose")
                .isEmpty();
    }

    @Test
    void unsureAndMisspeltWords() {
        Word unsure = new Word(1, "thole", 1000, 1400, 0.3, WordSource.RECOGNISED, 0, Pin.FREE);
        Track track = of(unsure, word("pins", 1500, 2200));
        mendsItself(track, CheckKind.UNSURE, UnaryOperator.identity());
        long pins = track.words().toList().get(1).id();
        UnaryOperator<CheckInput.Builder> spelling = subject -> subject.spelling(Set.of(pins), text -> List.of("pine"));
        List<Finding> found = Checked.findings(track, CheckKind.SPELLING, spelling);
        assertThat(found).singleElement().satisfies(finding -> assertThat(finding.at())
                .isEqualTo(pins));
        assertThat(Words.texts(mended(track, found))).containsExactly("thole pine");
    }

    @Test
    void aCueOfMarksAlone() {
        Track marks = of(word("Row", 1000, 1900), word("…", 4000, 4800));
        mendsItself(marks, CheckKind.EMPTY, UnaryOperator.identity());
    }

    @Test
    void emphasisOnMoreThanOneWordInFive() {
        List<Long> ids = good.words().map(Word::id).toList();
        Track loud = new SetEmphasis(ids.subList(0, 3), 1).on(good);
        mendsItself(loud, CheckKind.EMPHASIS, UnaryOperator.identity());
        assertThat(Checked.findings(new SetEmphasis(ids.subList(0, 1), 1).on(good), CheckKind.EMPHASIS))
                .isEmpty();
    }

    @Test
    void whatOnlyShowsInTheOutput() {
        List<Long> all = good.cues().stream().map(cue -> cue.id()).toList();
        UnaryOperator<CheckInput.Builder> spanish =
                subject -> subject.translations(List.of(new Translated("Spanish", without(all.get(0)))));
        assertThat(Checked.findings(good, CheckKind.TRANSLATION, spanish))
                .singleElement()
                .satisfies(finding -> assertThat(finding.spot().cueId()).isEqualTo(all.get(0)));
        assertThat(Checked.findings(good, CheckKind.TWICE, subject -> subject.captionStreams(1)))
                .hasSize(1);
        assertThat(Checked.findings(good, CheckKind.TWICE)).isEmpty();
    }

    private Track without(long cueId) {
        return new DeleteCues(List.of(cueId)).on(good);
    }

    @Test
    void aTranslationThatDoesNotFit() {
        Track longer = new RetypeCue(first(good), "Lije la tabla con mucho cuidado y paciencia.").on(good);
        assertThat(Checked.findings(
                        good,
                        CheckKind.TRANSLATION,
                        subject -> subject.translations(List.of(new Translated("Spanish", longer)))))
                .singleElement()
                .satisfies(finding -> assertThat(finding.said()).startsWith("Spanish "));
        assertThat(Checked.findings(
                        good,
                        CheckKind.TRANSLATION,
                        subject -> subject.translations(List.of(new Translated("Spanish", good)))))
                .isEmpty();
    }

    /** The typesetter of these tests has every letter: the part says what one with fewer says. */
    @Test
    void lettersThatNoFontHas() {
        Track track = of(word("Row", 1000, 1500), word("ᚱᚢ", 1500, 2200));
        List<Finding> found = of(
                track,
                part -> new Part(part.cueId(), part.startMs(), part.endMs(), 0, part.bounds(), 1, "ᚱᚢ", part.marks()));
        assertThat(found).extracting(Finding::kind).containsOnlyOnce(CheckKind.LETTERS);
        Finding letters = found.stream()
                .filter(one -> one.kind() == CheckKind.LETTERS)
                .findFirst()
                .orElseThrow();
        assertThat(letters.said()).contains("ᚱᚢ");
        assertThat(Words.texts(letters.remedies().get(0).edit().on(track))).containsExactly("Row");
        assertThat(of(track, part -> part)).extracting(Finding::kind).doesNotContain(CheckKind.LETTERS);
    }

    /** A track's cues cannot overlap, so the scene is made to: the first stays 300 ms into the second. */
    @Test
    void twoCuesAtOnce() {
        Track track = of(word("Row", 1000, 1900), word("Home", 4000, 4900));
        List<Finding> found = of(
                track,
                part -> new Part(
                        part.cueId(),
                        part.startMs(),
                        part.startMs() < 2000 ? 4260 : part.endMs(),
                        0,
                        part.bounds(),
                        1,
                        "",
                        part.marks()));
        assertThat(found)
                .filteredOn(one -> one.kind() == CheckKind.OVERLAP)
                .singleElement()
                .satisfies(finding -> {
                    assertThat(finding.measured()).isEqualTo(4260.0 - 3960);
                    assertThat(finding.spot().ms()).isEqualTo(3960);
                });
        assertThat(of(track, part -> part)).extracting(Finding::kind).doesNotContain(CheckKind.OVERLAP);
    }

    /** Findings of a track whose scene has parts otherwise. */
    private static List<Finding> of(Track track, UnaryOperator<Part> otherwise) {
        CheckInput made = Checked.builder(track).build();
        Scene scene = new Scene(
                made.scene.width(),
                made.scene.height(),
                made.scene.glyphs(),
                made.scene.pictures(),
                made.scene.parts().stream().map(otherwise).toList());
        CheckInput subject = new CheckInput.Builder(track, scene, made.layout, made.cascade, Checked::part).build();
        return new Checker().findings(subject);
    }

    @Test
    void whatIsLetStandKeepsItsReason() {
        Track low = ChangeLook.ofTrack(LookPatch.of(Facets.SIZE, 20d)).on(good);
        Track stands = new DismissFinding("size", first(low), "The client wants it small.").on(low);
        List<Finding> findings = Checked.findings(stands, CheckKind.SIZE);
        assertThat(findings.get(0).reason()).isEqualTo("The client wants it small.");
        assertThat(findings.subList(1, findings.size())).allMatch(finding -> finding.reason() == null);
        assertThat(Checked.findings(new DismissFinding("size", first(low), "").on(stands), CheckKind.SIZE))
                .allMatch(finding -> finding.reason() == null);
    }

    @Test
    void wordsThatWereChangedHaveNoOnset() {
        List<Word> words = new ArrayList<>(good.words().toList());
        Onsets heard = Onsets.of(words);
        Word second = words.get(1);
        Track retyped = new RetypeCue(first(good), "Sand that plank.").on(good);
        Map<Long, Onsets.Heard> known = heard.of(retyped);
        assertThat(known).hasSize(words.size() - 1).doesNotContainKey(second.id());
    }
}
