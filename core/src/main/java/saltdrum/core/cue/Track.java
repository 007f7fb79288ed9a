package saltdrum.core.cue;

import java.util.List;
import java.util.stream.Stream;
import saltdrum.core.BadInputException;
import saltdrum.core.look.Styling;
import saltdrum.core.text.Quoted;
import saltdrum.core.word.Word;

/**
 * Everything that a designer has decided about one clip: its words in cues, the recipe, the style and the frame.
 *
 * @param language BCP 47 tag of the words
 * @param style name of the style
 * @param styling how the track uses the style, and its overrides
 * @param nextId the id that the next new word or cue gets
 * @param beside everything else that belongs to the track
 * @param lengthMs of the clip, or {@link #NO_END} if there is none; no edit sets a time after it
 */
public record Track(
        String language,
        Recipe recipe,
        String style,
        Styling styling,
        Frame frame,
        List<Cue> cues,
        long nextId,
        TrackExtras beside,
        Integer lengthMs) {
    /** Length of captions that belong to no clip: half of what an integer holds, so that sums of times stay in it. */
    public static final int NO_END = Integer.MAX_VALUE / 2;

    public Track(String language, Recipe recipe, String style, Frame frame, List<Cue> cues, long nextId) {
        this(language, recipe, style, Styling.PLAIN, frame, cues, nextId, TrackExtras.NOTHING, NO_END);
    }

    public Track {
        // Tracks in older work orders have none.
        lengthMs = lengthMs == null || lengthMs <= 0 ? Integer.valueOf(NO_END) : lengthMs;
        styling = styling == null ? Styling.PLAIN : styling;
        beside = beside == null ? TrackExtras.NOTHING : beside;
        cues = List.copyOf(cues);
        Word before = null;
        for (Cue cue : cues) {
            for (Word word : cue.words()) {
                if (before != null && word.startMs() < before.endMs()) {
                    throw new BadInputException(
                            Quoted.of(word.text()) + " at " + word.startMs() + " ms would start before "
                                    + Quoted.of(before.text()) + " ends at " + before.endMs() + " ms.");
                }
                before = word;
            }
        }
    }

    public static Track empty(String language, String style) {
        return new Track(language, Recipe.PHRASE, style, Frame.OWN, List.of(), 1);
    }

    /** A track of these words, broken by the recipe. The words get ids of this track. */
    public static Track of(String language, Recipe recipe, String style, List<Word> words) {
        return new Track(language, recipe, style, Frame.OWN, List.of(), 1).withWords(words);
    }

    /** The same decisions over other words, freshly broken. */
    public Track withWords(List<Word> words) {
        Ids ids = new Ids(nextId);
        List<Word> named = words.stream().map(word -> word.withId(ids.next())).toList();
        List<Cue> broken = Breaker.cues(named, recipe, language, ids);
        return new Track(language, recipe, style, styling, frame, broken, ids.peek(), beside, lengthMs);
    }

    /** As late as any time may be: the clip's end, or the last word's where words reach beyond it. */
    public int endMs() {
        return cues.isEmpty()
                ? lengthMs
                : Math.max(lengthMs, cues.get(cues.size() - 1).lastWordMs());
    }

    public Stream<Word> words() {
        return cues.stream().flatMap(cue -> cue.words().stream());
    }

    /**
     * The stretch in which cues side by side were said: from their first word to their last, and as much around them as
     * is free, at most {@code aroundMs} on each side.
     *
     * @throws BadInputException when one of them is not there
     */
    public Range stretchOf(List<Long> cueIds, int aroundMs) {
        int first = cueIds.stream().mapToInt(this::indexOfCue).min().orElseThrow();
        int last = cueIds.stream().mapToInt(this::indexOfCue).max().orElseThrow();
        int floor = first == 0 ? 0 : cues.get(first - 1).lastWordMs();
        int ceiling = last + 1 == cues.size() ? endMs() : cues.get(last + 1).firstWordMs();
        return new Range(
                Math.max(floor, cues.get(first).firstWordMs() - aroundMs),
                Math.min(ceiling, cues.get(last).lastWordMs() + aroundMs));
    }

    public int lockedCues() {
        return (int) cues.stream().filter(Cue::locked).count();
    }

    public int indexOfCue(long cueId) {
        for (int i = 0; i < cues.size(); i++) {
            if (cues.get(i).id() == cueId) {
                return i;
            }
        }
        throw new BadInputException("That cue no longer exists. Nothing was changed.");
    }

    public Cue cueOfWord(long wordId) {
        return cues.stream()
                .filter(cue -> cue.indexOf(wordId) >= 0)
                .findFirst()
                .orElseThrow(() -> new BadInputException("That word no longer exists. Nothing was changed."));
    }

    public Track withCues(List<Cue> newCues, long newNextId) {
        return new Track(
                language,
                recipe,
                style,
                styling,
                frame,
                CueLooks.carried(cues, Speakers.carried(cues, newCues)),
                newNextId,
                beside,
                lengthMs);
    }

    public Track withStyle(String newStyle) {
        return new Track(language, recipe, newStyle, styling, frame, cues, nextId, beside, lengthMs);
    }

    public Track withStyling(Styling newStyling) {
        return new Track(language, recipe, style, newStyling, frame, cues, nextId, beside, lengthMs);
    }

    public Track withFrame(Frame newFrame) {
        return new Track(language, recipe, style, styling, newFrame, cues, nextId, beside, lengthMs);
    }

    public Track withRecipe(Recipe newRecipe) {
        return new Track(language, newRecipe, style, styling, frame, cues, nextId, beside, lengthMs);
    }

    public Track withLanguage(String newLanguage) {
        return new Track(newLanguage, recipe, style, styling, frame, cues, nextId, beside, lengthMs);
    }

    public Track withLength(int newLengthMs) {
        return new Track(language, recipe, style, styling, frame, cues, nextId, beside, newLengthMs);
    }

    public Track withBeside(TrackExtras newBeside) {
        return new Track(language, recipe, style, styling, frame, cues, nextId, newBeside, lengthMs);
    }
}
