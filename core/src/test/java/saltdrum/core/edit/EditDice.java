package saltdrum.core.edit;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.cue.TrackExtras.Unscripted;
import saltdrum.core.draft.WritingPolicy;
import saltdrum.core.edit.BreakEdit.BalanceLines;
import saltdrum.core.edit.BreakEdit.BreakLine;
import saltdrum.core.edit.BreakEdit.JoinCues;
import saltdrum.core.edit.BreakEdit.JoinRun;
import saltdrum.core.edit.BreakEdit.MoveWord;
import saltdrum.core.edit.BreakEdit.Rebreak;
import saltdrum.core.edit.BreakEdit.ReleaseBreaks;
import saltdrum.core.edit.BreakEdit.SplitCue;
import saltdrum.core.edit.FlaggedEdit.AcceptUnscripted;
import saltdrum.core.edit.FlaggedEdit.DropUnscripted;
import saltdrum.core.edit.FlaggedEdit.DropWords;
import saltdrum.core.edit.FrameEdit.Reframe;
import saltdrum.core.edit.FrameEdit.Restyle;
import saltdrum.core.edit.ImportEdit.BringInCues;
import saltdrum.core.edit.ImportEdit.ReplaceWords;
import saltdrum.core.edit.MarkEdit.ConfirmConfidentWords;
import saltdrum.core.edit.MarkEdit.ConfirmWords;
import saltdrum.core.edit.MarkEdit.DeleteCues;
import saltdrum.core.edit.MarkEdit.Lock;
import saltdrum.core.edit.MarkEdit.SetEmphasis;
import saltdrum.core.edit.OverlayEdit.PutEmoji;
import saltdrum.core.edit.OverlayEdit.PutHeadline;
import saltdrum.core.edit.ShowingEdit.BridgeGaps;
import saltdrum.core.edit.ShowingEdit.HoldAtLeast;
import saltdrum.core.edit.ShowingEdit.SetCueTime;
import saltdrum.core.edit.ShowingEdit.TrimToSpeech;
import saltdrum.core.edit.TextEdit.AddCue;
import saltdrum.core.edit.TextEdit.ReplaceText;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.edit.TextEdit.RewriteByPolicy;
import saltdrum.core.edit.TextEdit.SetLanguage;
import saltdrum.core.edit.TimingEdit.MoveEdge;
import saltdrum.core.edit.TimingEdit.NudgeWords;
import saltdrum.core.edit.TimingEdit.PushMode;
import saltdrum.core.edit.TimingEdit.RetimeWord;
import saltdrum.core.edit.TimingEdit.ShiftAfter;
import saltdrum.core.edit.TimingEdit.ShiftCues;
import saltdrum.core.edit.TimingEdit.StretchCues;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/** Edits of every kind, drawn by dice. */
public final class EditDice {
    private EditDice() {}

    /** What the dice say; which word and cue it lands on depends on the track at that moment. */
    public record Throw(int kind, int place, int other, boolean flag, int ms) {}

    public static Arbitrary<List<Throw>> sequences() {
        Arbitrary<Throw> one = Combinators.combine(
                        Arbitraries.integers().between(0, KINDS.size() - 1),
                        Arbitraries.integers().between(0, 1000),
                        Arbitraries.integers().between(0, 1000),
                        Arbitraries.of(true, false),
                        Arbitraries.integers().between(-900, 9000))
                .as(Throw::new);
        return one.list().ofMinSize(1).ofMaxSize(60);
    }

    /** A throw that has landed on a track with at least one cue. */
    private record Landed(Throw die, Track track) {
        private int index() {
            return die.place % track.cues().size();
        }

        Cue cue() {
            return track.cues().get(index());
        }

        Word word() {
            return cue().words().get(die.other % cue().words().size());
        }

        long cueId() {
            return cue().id();
        }

        long wordId() {
            return word().id();
        }

        /** One to three cues side by side. */
        List<Long> run() {
            int to = Math.min(track.cues().size(), index() + 1 + die.other % 3);
            return track.cues().subList(index(), to).stream().map(Cue::id).toList();
        }

        List<Long> runOrAll() {
            return die.flag ? run() : null;
        }

        List<Long> wordIds() {
            return cue().words().stream().map(Word::id).toList();
        }

        PushMode push() {
            return PushMode.values()[die.other % 3];
        }

        Recipe recipe() {
            return Recipe.BUILT_IN.get(die.other % 3);
        }

        int from() {
            return Math.abs(die.ms);
        }

        /** Two words that were heard one after the other. */
        List<Word> heard() {
            int from = from();
            return List.of(
                    Word.of(1, "gulls", from, from + 1 + die.other, WordSource.RECOGNISED),
                    Word.of(2, "laugh", from + 1 + die.other, from + 2 + 2 * die.other, WordSource.RECOGNISED));
        }

        /** The first headline's id, or null. */
        Long headline() {
            List<Headline> all = track.beside().headlines();
            return all.isEmpty() ? null : all.get(0).id();
        }

        long headlineOr(long none) {
            return headline() == null ? none : headline();
        }

        List<Long> unscripted() {
            return track.beside().unscripted().stream().map(Unscripted::id).toList();
        }
    }

    private record Kind(Class<? extends Edit> type, Function<Landed, Edit> made) {}

    private static <E extends Edit> Kind kind(Class<E> type, Function<Landed, E> made) {
        return new Kind(type, made::apply);
    }

    /**
     * Kinds whose values need a rule of their own. The order is fixed: stored examples refer to kinds by index. Kinds that
     * are not here come after these, with values that fit the types and names of their components.
     */
    private static final List<Kind> BY_HAND = List.of(
            kind(SplitCue.class, on -> new SplitCue(on.wordId())),
            kind(JoinCues.class, on -> new JoinCues(on.cueId())),
            kind(MoveWord.class, on -> new MoveWord(on.wordId(), on.die.flag)),
            kind(Rebreak.class, on -> new Rebreak(on.recipe(), on.die.ms % 4 == 0, on.runOrAll())),
            kind(SetEmphasis.class, on -> new SetEmphasis(List.of(on.wordId()), on.die.other % 5)),
            kind(Lock.class, on -> new Lock(on.run(), on.die.ms % 3 == 0)),
            kind(MoveEdge.class, on -> new MoveEdge(on.wordId(), on.die.flag, on.die.ms, on.push())),
            kind(NudgeWords.class, on -> new NudgeWords(on.wordIds(), on.die.ms / 10, on.push())),
            kind(ShiftAfter.class, on -> new ShiftAfter(on.cueId(), on.die.ms / 20)),
            kind(
                    StretchCues.class,
                    on -> new StretchCues(
                            on.run(), on.cue().firstWordMs(), on.cue().lastWordMs() + on.die.ms / 30)),
            kind(
                    SetCueTime.class,
                    on -> new SetCueTime(on.cueId(), on.die.flag ? on.die.ms : null, on.die.flag ? null : on.die.ms)),
            kind(BridgeGaps.class, on -> new BridgeGaps(on.runOrAll(), 1 + on.die.other)),
            kind(TrimToSpeech.class, on -> new TrimToSpeech(on.runOrAll())),
            kind(HoldAtLeast.class, on -> new HoldAtLeast(on.runOrAll(), 1 + on.die.other)),
            kind(AddCue.class, on -> new AddCue(on.from(), on.from() + 1500, "low tide")),
            kind(
                    ReplaceText.class,
                    on -> new ReplaceText(on.word().text(), on.die.flag ? "lantern" : "three old oars", null)),
            kind(BreakLine.class, on -> new BreakLine(on.wordId(), on.die.flag)),
            kind(BalanceLines.class, on -> new BalanceLines(on.run())),
            kind(ReleaseBreaks.class, on -> new ReleaseBreaks(on.run())),
            kind(JoinRun.class, on -> new JoinRun(on.run())),
            kind(
                    RewriteByPolicy.class,
                    on -> new RewriteByPolicy(WritingPolicy.values()[on.die.other % WritingPolicy.values().length])),
            kind(RetypeCue.class, on -> new RetypeCue(on.cueId(), mutated(on.die, on.cue()))),
            kind(RetypeCue.class, on -> new RetypeCue(on.cueId(), withMore(on.die, on.cue()))),
            kind(
                    RetypeCue.class,
                    on -> new RetypeCue(on.cueId(), mutated(on.die, on.cue()).replaceFirst(" ", "\n"), on.die.flag)),
            kind(ShiftCues.class, on -> new ShiftCues(on.run(), on.die.ms / 10)),
            kind(RetimeWord.class, on -> new RetimeWord(on.wordId(), on.die.ms, on.die.ms + 1 + on.die.other)),
            kind(DeleteCues.class, on -> new DeleteCues(on.run())),
            kind(DropWords.class, on -> new DropWords(List.of(on.wordId()))),
            kind(ConfirmWords.class, on -> new ConfirmWords(on.wordIds())),
            kind(ConfirmConfidentWords.class, on -> new ConfirmConfidentWords(on.die.other / 1000.0)),
            kind(SetLanguage.class, on -> new SetLanguage(on.die.flag ? "en" : "ja")),
            kind(Restyle.class, on -> new Restyle(on.die.flag ? "Lantern" : "Tidemark")),
            kind(
                    ChangeLook.class,
                    on -> on.headline() != null && on.die.other % 3 == 0
                            ? new ChangeLook(null, null, null, on.headline(), LookPatch.of(Facets.SIZE, 80d), null)
                            : on.die.flag
                                    ? ChangeLook.ofCues(
                                            List.of(on.cueId()), LookPatch.of(Facets.SIZE, 60d + on.die.other % 90))
                                    : ChangeLook.ofWords(
                                            on.wordIds(), LookPatch.of(Facets.TILT, on.die.other % 20 - 10d))),
            kind(PutEmoji.class, on -> new PutEmoji(List.of(new PutEmoji.Put(on.wordId(), on.die.flag ? "🔔" : "")))),
            kind(
                    Reframe.class,
                    on -> new Reframe(new Frame(Frame.Aspect.values()[on.die.other % 5], Frame.Sit.FIT, "#0f2a2e"))),
            kind(
                    ReplaceWords.class,
                    on -> new ReplaceWords(
                            "en",
                            on.heard(),
                            new Range(on.from(), on.from() + 1 + on.die.other),
                            List.of(new Unscripted(
                                    0, on.from() + on.die.place, on.from() + on.die.place + 200, "ho")))),
            kind(
                    BringInCues.class,
                    on -> new BringInCues("en", List.of(new Cue(1, on.heard(), List.of(), on.die.flag)), null)),
            kind(AcceptUnscripted.class, on -> new AcceptUnscripted(on.unscripted())),
            kind(DropUnscripted.class, on -> new DropUnscripted(on.unscripted())),
            kind(
                    PutHeadline.class,
                    on -> new PutHeadline(on.headline(), "Low tide\nat " + on.die.other, on.from(), 0, null)),
            kind(Shorten.class, on -> new Shorten(on.wordIds())),
            kind(
                    ApplyRemedies.class,
                    on -> new ApplyRemedies(List.of(
                            new SetEmphasis(on.wordIds(), on.die.other % 5), new DeleteCues(List.of(on.cueId()))))),
            kind(
                    FollowVoice.class,
                    on -> new FollowVoice(on.wordIds().stream()
                            .map(id -> new FollowVoice.Heard(id, on.from(), on.from() + 1 + on.die.other))
                            .toList())),
            kind(
                    DismissFinding.class,
                    on -> new DismissFinding("speed", on.cueId(), on.die.flag ? "as it was said" : "")));

    private static final List<Kind> KINDS =
            Stream.concat(BY_HAND.stream(), derived()).toList();

    private static Stream<Kind> derived() {
        Set<Class<?>> byHand = BY_HAND.stream().map(Kind::type).collect(Collectors.toSet());
        return Edit.kinds().stream()
                .map(type -> type.value().<Edit>asSubclass(Edit.class))
                .filter(type -> !byHand.contains(type))
                .map(type -> new Kind(type, on -> derived(type, on)));
    }

    private static <E extends Edit> E derived(Class<E> type, Landed on) {
        RecordComponent[] parts = type.getRecordComponents();
        try {
            return type.cast(type.getDeclaredConstructor(
                            Arrays.stream(parts).map(RecordComponent::getType).toArray(Class<?>[]::new))
                    .newInstance(
                            Arrays.stream(parts).map(part -> value(part, on)).toArray()));
        } catch (ReflectiveOperationException impossible) {
            throw new AssertionError(impossible);
        }
    }

    private static Object value(RecordComponent part, Landed on) {
        Class<?> type = part.getType();
        String name = part.getName().toLowerCase(Locale.ROOT);
        boolean ofHeadline = part.getDeclaringRecord().getSimpleName().endsWith("Headline");
        if (type == long.class || type == Long.class) {
            return name.startsWith("word") ? on.wordId() : ofHeadline ? on.headlineOr(0) : on.cueId();
        } else if (type == List.class) {
            return name.startsWith("word") ? on.wordIds() : name.startsWith("cue") ? on.run() : List.of();
        } else if (type == int.class || type == Integer.class) {
            return on.die.ms;
        } else if (type == double.class || type == Double.class) {
            return on.die.other / 1000.0;
        } else if (type == boolean.class || type == Boolean.class) {
            return on.die.flag;
        } else if (type == String.class) {
            return "low tide";
        } else if (type.isEnum()) {
            return type.getEnumConstants()[on.die.other % type.getEnumConstants().length];
        }
        return null;
    }

    public static Edit edit(Throw die, Track track) {
        return KINDS.get(die.kind).made.apply(new Landed(die, track));
    }

    /** Drops, changes or adds a word, never before the first. */
    private static String mutated(Throw die, Cue cue) {
        List<String> texts =
                new ArrayList<>(cue.words().stream().map(Word::text).toList());
        int at = die.other % texts.size();
        switch (Math.abs(die.ms) % 3) {
            case 0 -> texts.set(at, "lantern" + die.other);
            case 1 -> texts.add(at + 1, "tide" + die.other);
            default -> {
                if (texts.size() > 1) {
                    texts.remove(at);
                }
            }
        }
        return String.join(" ", texts);
    }

    /** Adds one to three words anywhere, or splits one in two. */
    private static String withMore(Throw die, Cue cue) {
        List<String> texts =
                new ArrayList<>(cue.words().stream().map(Word::text).toList());
        if (die.flag) {
            int at = die.other % (texts.size() + 1);
            for (int n = 0; n <= Math.abs(die.ms) % 3; n++) {
                texts.add(at, "oar" + die.other + n);
            }
        } else {
            int at = die.other % texts.size();
            String text = texts.get(at);
            int half = text.offsetByCodePoints(0, text.codePointCount(0, text.length()) / 2);
            if (half > 0) {
                texts.set(at, text.substring(0, half) + " " + text.substring(half));
            }
        }
        return String.join(" ", texts);
    }
}
