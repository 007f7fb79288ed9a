package saltdrum.core.merge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.function.LongUnaryOperator;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Speakers;
import saltdrum.core.cue.Track;
import saltdrum.core.cue.TrackExtras;
import saltdrum.core.text.Quoted;
import saltdrum.core.word.Word;

/**
 * Applies a change that was made on one state of a track to another state. The cues it touched must be unchanged
 * there; all others are left alone. Two changes that touch different cues commute: either order gives the same
 * result, except for the ids of new words and cues.
 */
public final class Rebase {
    private final Track present;
    private final Change change;
    private final LongUnaryOperator cueId;
    private final LongUnaryOperator id;

    /**
     * @param cueId gives the ids that the change's cues get
     * @param id gives those of everything else in it
     */
    private Rebase(Track present, Change change, LongUnaryOperator cueId, LongUnaryOperator id) {
        this.present = present;
        this.change = change;
        this.cueId = cueId;
        this.id = id;
    }

    /**
     * Carries a fresh change over the changes that others have made since. What is new in it gets ids that are free.
     *
     * @throws ConflictingChangeException when one of those touched the same
     */
    public static Track onto(Track present, Change change) {
        LongUnaryOperator free = free(present, change);
        return new Rebase(present, change, free, free).track();
    }

    /** The same for a change of a translation, whose cues have the ids of those that they translate. */
    public static Track ontoTranslation(Track present, Change change) {
        return new Rebase(present, change, LongUnaryOperator.identity(), free(present, change)).track();
    }

    /** Renames what is new in a change to ids that are free in another track. */
    private static LongUnaryOperator free(Track present, Change change) {
        long first = change.before().nextId();
        long moved = present.nextId() - first;
        return id -> id >= first ? id + moved : id;
    }

    /**
     * Applies or reverts a step of the history, even if the rest of the track has changed since. All ids are kept.
     *
     * @throws ConflictingChangeException if something it touches has changed since
     */
    public static Track replay(Track present, Change step) {
        return new Rebase(present, step, LongUnaryOperator.identity(), LongUnaryOperator.identity()).track();
    }

    /**
     * Applies the step after the last applied one, or reverts the last applied one, so that no later step depends on
     * it. Its style and frame are set without comparing: renaming or improving a style changes the track without a
     * step.
     *
     * @throws ConflictingChangeException if one of its cues has changed since
     */
    public static Track replayInOrder(Track present, Change step) {
        try {
            return replay(present, step);
        } catch (ConflictingChangeException e) {
            if (step.fits(present)) {
                return step.applyTo(present);
            }
            throw e;
        }
    }

    private Track track() {
        Change.Decisions before = change.before();
        Change.Decisions after = change.after();
        List<Cue> cues = cues();
        try {
            return new Track(
                    merged("the language", before.language(), after.language(), present.language()),
                    merged("the recipe", before.recipe(), after.recipe(), present.recipe()),
                    merged("the style", before.style(), after.style(), present.style()),
                    merged("the look", before.styling(), after.styling(), present.styling()),
                    merged("the frame", before.frame(), after.frame(), present.frame()),
                    cues,
                    // Never lower: an id that was given once is not given to something else.
                    present.nextId() + Math.max(0, after.nextId() - before.nextId()),
                    beside(before.beside(), after.beside()),
                    present.lengthMs());
        } catch (BadInputException overlapping) {
            throw new ConflictingChangeException("times side by side");
        }
    }

    private List<Cue> cues() {
        Map<Long, Cue> old = new HashMap<>();
        change.removed().forEach(cue -> old.put(cue.id(), cue));
        List<Cue> added = new ArrayList<>();
        for (Cue cue : change.added()) {
            if (!cue.equals(old.get(cue.id()))) {
                added.add(cue);
            } else {
                old.remove(cue.id());
            }
        }
        List<Cue> cues = new ArrayList<>();
        Map<Long, Cue> gone = new HashMap<>(old);
        for (Cue cue : present.cues()) {
            Cue expected = gone.remove(cue.id());
            if (expected == null) {
                cues.add(cue);
            } else if (!same(expected, cue)) {
                throw new ConflictingChangeException(Quoted.of(cue.text()));
            }
        }
        if (!gone.isEmpty()) {
            throw new ConflictingChangeException(
                    Quoted.of(gone.values().iterator().next().text()));
        }
        added.forEach(cue -> cues.add(renamed(cue)));
        requireDistinct(cues);
        cues.sort(Comparator.comparingInt(Cue::firstWordMs));
        return cues;
    }

    private static void requireDistinct(List<Cue> cues) {
        Set<Long> cueIds = new HashSet<>();
        Set<Long> wordIds = new HashSet<>();
        for (Cue cue : cues) {
            boolean distinct = cueIds.add(cue.id());
            for (Word word : cue.words()) {
                distinct &= wordIds.add(word.id());
            }
            if (!distinct) {
                throw new ConflictingChangeException(Quoted.of(cue.text()));
            }
        }
    }

    /** Confidences are stored to single precision. */
    private static boolean same(Cue a, Cue b) {
        return a.equals(b) || a.words().size() == b.words().size() && coarse(a).equals(coarse(b));
    }

    private static Cue coarse(Cue cue) {
        List<Word> words = cue.words().stream()
                .map(word -> word.withConfidence(Math.round(word.confidence() * 1e5) / 1e5))
                .toList();
        return cue.withWords(words);
    }

    private Cue renamed(Cue cue) {
        List<Word> words = cue.words().stream()
                .map(word -> word.withId(id.applyAsLong(word.id())))
                .toList();
        return new Cue(cueId.applyAsLong(cue.id()), words, cue.lineStarts(), cue.locked(), cue.given(), cue.look());
    }

    private TrackExtras beside(TrackExtras before, TrackExtras after) {
        TrackExtras now = present.beside();
        List<Headline> headlines = after.headlines().stream()
                .map(headline -> headline.withId(id.applyAsLong(headline.id())))
                .toList();
        return new TrackExtras(
                merged(
                        "speech outside the script",
                        before.unscripted(),
                        after.unscripted().stream()
                                .map(heard -> heard.withId(id.applyAsLong(heard.id())))
                                .toList(),
                        now.unscripted(),
                        TrackExtras.Unscripted::id),
                merged("the regions", before.regions(), after.regions(), now.regions()),
                merged("a headline", before.headlines(), headlines, now.headlines(), Headline::id),
                merged(
                        "a finding",
                        before.stands(),
                        after.stands(),
                        now.stands(),
                        stand -> stand.check() + " " + stand.at()),
                merged("the speakers", before.speakers(), speakers(after.speakers()), now.speakers()));
    }

    private Speakers speakers(Speakers named) {
        return named.withGiven(named.given().stream().map(id::applyAsLong).toList());
    }

    private static <T> T merged(String what, T before, T after, T now) {
        if (Objects.equals(before, after) || Objects.equals(now, after)) {
            return now;
        }
        if (!Objects.equals(now, before)) {
            throw new ConflictingChangeException(what);
        }
        return after;
    }

    private static <T, K> List<T> merged(String what, List<T> before, List<T> after, List<T> now, Function<T, K> key) {
        if (now.equals(before)) {
            return after;
        }
        Map<K, T> old = byKey(before, key);
        Map<K, T> wanted = byKey(after, key);
        Map<K, T> result = byKey(now, key);
        Set<K> touched = new HashSet<>(old.keySet());
        // Keeps the order of entries, including new ones.
        List<K> keys = new ArrayList<>(old.keySet());
        wanted.keySet().stream().filter(touched::add).forEach(keys::add);
        for (K one : keys) {
            T value = merged(what, old.get(one), wanted.get(one), result.get(one));
            if (value == null) {
                result.remove(one);
            } else {
                result.put(one, value);
            }
        }
        return List.copyOf(result.values());
    }

    private static <T, K> Map<K, T> byKey(List<T> all, Function<T, K> key) {
        Map<K, T> map = new LinkedHashMap<>();
        all.forEach(one -> map.put(key.apply(one), one));
        return map;
    }
}
