package saltdrum.core.translation;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import saltdrum.core.cue.Breaker;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueOverrides;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Ids;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Syllables;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/**
 * A second track in another language. It has texts of its own, and the cues and times of the first track: its cues
 * carry the ids of the cues that they translate, and its words share each cue's speech by syllable weight.
 */
public final class Translation {
    private static final Set<WordSource> BY_HAND = Set.of(WordSource.TYPED, WordSource.CONFIRMED, WordSource.IMPORTED);

    private Translation() {}

    /** A translation with no text yet. */
    public static Track empty(Track first, String language) {
        return new Track(language, first.recipe(), first.style(), first.frame(), List.of(), 1)
                .withStyling(first.styling())
                .withLength(first.lengthMs());
    }

    /**
     * The translation over the first track's present cues, in its look and frame. Text of a removed cue moves to the
     * cue that it overlaps most. Cues without a text are left out.
     */
    public static Track over(Track first, Track translation) {
        Map<Long, List<Word>> texts = new HashMap<>();
        Map<Long, Boolean> locks = new HashMap<>();
        Map<Long, Integer> places = new HashMap<>();
        for (int i = 0; i < first.cues().size(); i++) {
            places.put(first.cues().get(i).id(), i);
        }
        for (Cue cue : translation.cues()) {
            long home = places.containsKey(cue.id()) ? cue.id() : nearest(first.cues(), cue);
            texts.computeIfAbsent(home, none -> new ArrayList<>()).addAll(cue.words());
            locks.merge(home, cue.locked(), Boolean::logicalOr);
        }
        List<CueTime> times = CueTime.of(first);
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < first.cues().size(); i++) {
            Cue source = first.cues().get(i);
            List<Word> words = texts.get(source.id());
            if (words != null) {
                cues.add(cue(first, translation.language(), source, times.get(i), words)
                        .withLocked(locks.get(source.id())));
            }
        }
        return new Track(
                        translation.language(),
                        first.recipe(),
                        first.style(),
                        first.frame(),
                        cues,
                        translation.nextId())
                .withStyling(first.styling())
                .withBeside(translation.beside().withSpeakers(first.beside().speakers()))
                .withLength(first.lengthMs());
    }

    /** Cues that a translator may fill: those without a text, and those whose text is a translator's own. */
    public static List<Cue> open(Track first, Track translation) {
        Map<Long, Cue> present = byId(over(first, translation));
        return first.cues().stream()
                .filter(cue -> !present.containsKey(cue.id())
                        || !byHand(present.get(cue.id()))
                                && !present.get(cue.id()).locked())
                .toList();
    }

    /** Whether a person typed or confirmed any of it, or brought it in from a file. */
    public static boolean byHand(Cue cue) {
        return cue.words().stream().map(Word::source).anyMatch(BY_HAND::contains);
    }

    /**
     * The translation with the texts of a caption file. Each goes to the cue that it is shown with longest; texts for one
     * cue follow one another. Locked cues keep theirs.
     *
     * @param file cues of the file, in order
     * @return the texts by cue id that are to be set; none for a cue of the file that overlaps no cue of the track
     */
    public static Map<Long, String> placed(Track first, List<Cue> file) {
        Map<Long, String> texts = new LinkedHashMap<>();
        for (Cue cue : file) {
            long home = nearest(first.cues(), cue);
            if (home >= 0 && overlap(first.cues().get(first.indexOfCue(home)), cue) > 0) {
                texts.merge(home, cue.text(), (before, after) -> before + " " + after);
            }
        }
        return texts;
    }

    /** Sets the texts of a file, except in locked cues. @param texts by cue id */
    public static Track broughtIn(Track first, Track translation, Map<Long, String> texts) {
        Track result = over(first, translation);
        Map<Long, Cue> present = byId(result);
        for (Cue source : first.cues()) {
            String text = texts.get(source.id());
            boolean locked =
                    present.containsKey(source.id()) && present.get(source.id()).locked();
            if (text != null && !locked) {
                result = with(first, result, source, Tokens.split(text), WordSource.IMPORTED);
            }
        }
        return result;
    }

    /**
     * The translation with a translator's texts in its open cues.
     *
     * @param texts by cue id; blank ones and those of cues that are not open are left aside
     */
    public static Track filled(Track first, Track translation, Map<Long, String> texts) {
        Track result = over(first, translation);
        for (Cue source : open(first, translation)) {
            String text = texts.get(source.id());
            if (text != null && !Tokens.split(text).isEmpty()) {
                result = with(first, result, source, Tokens.split(text), WordSource.TRANSLATED);
            }
        }
        return result;
    }

    /** @param tokens the cue's new words; none takes the text away */
    static Track with(Track first, Track translation, Cue source, List<String> tokens, WordSource origin) {
        Ids ids = new Ids(translation.nextId());
        List<Word> words = tokens.stream()
                .map(token -> new Word(ids.next(), token, 0, 1, 1, origin, 0, Pin.FREE))
                .toList();
        Map<Long, Cue> texts = byId(translation);
        if (words.isEmpty()) {
            texts.remove(source.id());
        } else {
            int index = first.indexOfCue(source.id());
            texts.put(
                    source.id(),
                    cue(first, translation.language(), source, CueTime.of(first).get(index), words));
        }
        List<Cue> cues = first.cues().stream()
                .filter(cue -> texts.containsKey(cue.id()))
                .map(cue -> texts.get(cue.id()))
                .toList();
        return translation.withCues(cues, ids.peek());
    }

    private static Map<Long, Cue> byId(Track track) {
        Map<Long, Cue> cues = new HashMap<>();
        track.cues().forEach(cue -> cues.put(cue.id(), cue));
        return cues;
    }

    private static Cue cue(Track first, String language, Cue source, CueTime time, List<Word> texts) {
        int start = source.firstWordMs();
        int end = source.lastWordMs();
        List<Word> words = texts.size() <= end - start ? texts : List.of(asOne(texts));
        int[] edges = Syllables.share(words.stream().map(Word::text).toList(), start, end);
        List<Word> timed = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            timed.add(words.get(i).withTime(edges[i], edges[i + 1]).withSpeaker(source.speaker()));
        }
        return new Cue(
                source.id(),
                timed,
                Breaker.lines(timed, first.recipe(), language),
                false,
                new CueOverrides(time.showMs(), time.hideMs(), null),
                source.look());
    }

    /** If there are more words than milliseconds, they become one word with no-break spaces. */
    private static Word asOne(List<Word> words) {
        String text = String.join("\u00a0", words.stream().map(Word::text).toList());
        return new Word(words.get(0).id(), text, 0, 1, 1, words.get(0).source(), 0, Pin.FREE);
    }

    private static long nearest(List<Cue> cues, Cue lost) {
        long best = -1;
        int most = Integer.MIN_VALUE;
        for (Cue cue : cues) {
            int overlap = overlap(cue, lost);
            if (overlap > most) {
                most = overlap;
                best = cue.id();
            }
        }
        return best;
    }

    private static int overlap(Cue one, Cue other) {
        return Math.min(one.lastWordMs(), other.lastWordMs()) - Math.max(one.firstWordMs(), other.firstWordMs());
    }
}
