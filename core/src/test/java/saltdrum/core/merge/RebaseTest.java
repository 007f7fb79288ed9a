package saltdrum.core.merge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.statistics.Statistics;
import saltdrum.core.SaltDrumException;
import saltdrum.core.Words;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.EditDice;
import saltdrum.core.edit.EditPromises;
import saltdrum.core.edit.FrameEdit.Restyle;
import saltdrum.core.edit.MarkEdit.DeleteCues;
import saltdrum.core.edit.MarkEdit.SetEmphasis;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.edit.TimingEdit.ShiftCues;
import saltdrum.core.translation.Translation;
import saltdrum.core.translation.TranslationEdits;
import saltdrum.core.word.Word;

/** Two changes of one track, made by people who did not see each other's. */
class RebaseTest {
    private static final String TEXT =
            "Sand it first or you will be back by Friday. Three coats thin as tea. Let each one dry until the bell.";

    private final Track base = Words.track(Recipe.PHRASE, TEXT).withLength(EditPromises.LENGTH_MS);

    @Provide
    Arbitrary<List<EditDice.Throw>> beginnings() {
        return EditDice.sequences().map(all -> all.subList(0, Math.min(8, all.size())));
    }

    @Property(tries = 3000, seed = "20261130")
    void whoeverGoesFirstTheOutcomeIsTheSameOrBothAreToldOfAConflict(
            @ForAll("beginnings") List<EditDice.Throw> before,
            @ForAll("beginnings") List<EditDice.Throw> mine,
            @ForAll("beginnings") List<EditDice.Throw> theirs) {
        Track start = base;
        for (EditDice.Throw die : before) {
            start = tried(die, start);
        }
        Track a = tried(mine.get(0), start);
        Track b = tried(theirs.get(0), start);
        Track aThenB = rebased(a, Change.between(start, b));
        Track bThenA = rebased(b, Change.between(start, a));
        Statistics.label("both changed something; told of a conflict")
                .collect(!a.equals(start) && !b.equals(start), aThenB == null);
        assertThat(aThenB == null).as("a conflict in both orders").isEqualTo(bThenA == null);
        if (aThenB != null) {
            assertThat(seen(aThenB)).isEqualTo(seen(bThenA));
            EditPromises.assertOrder(aThenB);
            assertThat(aThenB.nextId()).isGreaterThanOrEqualTo(a.nextId());
        }
    }

    @Property(tries = 1000, seed = "20261130")
    void aStepIsTakenBackFromUnderALaterOneAsIfItHadNeverBeenDone(
            @ForAll("beginnings") List<EditDice.Throw> mine, @ForAll("beginnings") List<EditDice.Throw> theirs) {
        Track a = tried(mine.get(0), base);
        Track both = rebased(a, Change.between(base, tried(theirs.get(0), base)));
        if (both == null) {
            return;
        }
        Change step = Change.between(base, a);
        Track without = Rebase.replay(both, step.reversed());
        // What both did alike is in the first step only.
        assertThat(seen(without)).isEqualTo(seen(Rebase.replay(base, Change.between(a, both))));
        assertThat(seen(Rebase.replay(without, step))).isEqualTo(seen(both));
    }

    @Example
    void changesOfDifferentCuesBothStand() {
        List<Cue> cues = base.cues();
        Track mine = new RetypeCue(cues.get(0).id(), "Sand it twice").on(base);
        Track theirs = new RetypeCue(cues.get(2).id(), "Three thin coats").on(base);
        Track both = Rebase.onto(theirs, Change.between(base, mine));
        assertThat(both.cues().get(0).text()).isEqualTo("Sand it twice");
        assertThat(both.cues().get(2).text()).isEqualTo("Three thin coats");
        assertThat(both.words().map(Word::id)).doesNotHaveDuplicates();
    }

    @Example
    void twoChangesOfOneCueAreAConflictThatNamesIt() {
        Cue cue = base.cues().get(1);
        Track mine = new RetypeCue(cue.id(), "You will be back").on(base);
        Track theirs = new SetEmphasis(List.of(cue.words().get(0).id()), 2).on(base);
        assertThatThrownBy(() -> Rebase.onto(theirs, Change.between(base, mine)))
                .isInstanceOfSatisfying(ConflictingChangeException.class, e -> assertThat(e.what())
                        .isEqualTo("“" + cue.text() + "”"));
    }

    @Example
    void aCueThatIsNotThereAnyMoreIsAConflict() {
        Cue cue = base.cues().get(1);
        Track mine = new RetypeCue(cue.id(), "You will be back").on(base);
        Track theirs = new DeleteCues(List.of(cue.id())).on(base);
        assertThatThrownBy(() -> Rebase.onto(theirs, Change.between(base, mine)))
                .isInstanceOf(ConflictingChangeException.class);
    }

    @Example
    void wordsThatWouldOverlapAreAConflict() {
        Track apart =
                new ShiftCues(List.of(base.cues().get(0).id()), -100).on(new ShiftCues(ids(base.cues()), 400).on(base));
        Cue first = apart.cues().get(0);
        Cue next = apart.cues().get(1);
        int rest = next.firstWordMs() - first.lastWordMs();
        assertThat(rest).isGreaterThanOrEqualTo(100);
        Track later = new ShiftCues(List.of(first.id()), rest).on(apart);
        Track earlier = new ShiftCues(List.of(next.id()), -rest).on(apart);
        assertThatThrownBy(() -> Rebase.onto(later, Change.between(apart, earlier)))
                .isInstanceOf(ConflictingChangeException.class);
        assertThatThrownBy(() -> Rebase.onto(earlier, Change.between(apart, later)))
                .isInstanceOf(ConflictingChangeException.class);
    }

    @Example
    void textsOfDifferentCuesOfATranslationBothStand() {
        Track empty = Translation.empty(base, "es");
        long first = base.cues().get(0).id();
        long other = base.cues().get(1).id();
        Track mine = TranslationEdits.apply(base, empty, new RetypeCue(first, "Lija primero"));
        Track theirs = TranslationEdits.apply(base, empty, new RetypeCue(other, "o vuelves el viernes"));
        Track both = Rebase.ontoTranslation(theirs, Change.between(empty, mine));
        assertThat(both.cues()).extracting(Cue::id).containsExactly(first, other);
        assertThat(both.cues()).extracting(Cue::text).containsExactly("Lija primero", "o vuelves el viernes");
        assertThat(both.words().map(Word::id)).doesNotHaveDuplicates();
        Track same = TranslationEdits.apply(base, empty, new RetypeCue(first, "Primero lija"));
        assertThatThrownBy(() -> Rebase.ontoTranslation(same, Change.between(empty, mine)))
                .isInstanceOf(ConflictingChangeException.class);
    }

    /** A decision that is added is looked at in both places: ids that are free are the one component that is none. */
    @Example
    void everyDecisionIsCompared() {
        assertThat(Change.between(base, base).before().all())
                .hasSize(Change.Decisions.class.getRecordComponents().length - 1);
        Change style = Change.between(base, new Restyle("Lantern").on(base));
        Change other = Change.between(base, new Restyle("Tidemark").on(base));
        Change text = Change.between(base, new RetypeCue(base.cues().get(0).id(), "Sand").on(base));
        assertThat(style.overlaps(other)).isTrue();
        assertThat(style.overlaps(text)).isFalse();
        assertThat(text.overlaps(text)).isTrue();
    }

    private static List<Long> ids(List<Cue> cues) {
        return cues.stream().map(Cue::id).toList();
    }

    private static Track tried(EditDice.Throw die, Track track) {
        try {
            return track.cues().isEmpty() ? track : EditDice.edit(die, track).on(track);
        } catch (SaltDrumException refused) {
            return track;
        }
    }

    private static Track rebased(Track present, Change change) {
        try {
            return Rebase.onto(present, change);
        } catch (ConflictingChangeException e) {
            return null;
        }
    }

    /** All of a track but its ids, and the order of what has none in time. */
    private static List<Object> seen(Track track) {
        Set<String> beside = track.beside().headlines().stream()
                .map(headline -> headline.withId(0).toString())
                .collect(Collectors.toCollection(TreeSet::new));
        track.beside().unscripted().forEach(heard -> beside.add(heard.withId(0).toString()));
        track.beside().stands().forEach(stand -> beside.add(stand.check() + stand.reason()));
        return List.of(
                track.cues().stream()
                        .map(cue -> new Cue(
                                0,
                                cue.words().stream().map(word -> word.withId(0)).toList(),
                                cue.lineStarts(),
                                cue.locked(),
                                cue.given(),
                                cue.look()))
                        .toList(),
                track.language(),
                track.recipe(),
                track.style(),
                track.styling(),
                track.frame(),
                beside);
    }
}
