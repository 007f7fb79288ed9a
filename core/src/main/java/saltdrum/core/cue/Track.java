package saltdrum.core.cue;

import java.util.List;
import java.util.stream.Stream;
import saltdrum.core.BadInputException;
import saltdrum.core.word.Word;

/**
 * All that a designer decided about one clip: its words in cues, the recipe, the style and the frame.
 *
 * @param language BCP 47 tag of the words
 * @param style name of the style
 * @param nextId the id that the next new word or cue gets
 * @param beside what else belongs to the track
 */
public record Track(
        String language, Recipe recipe, String style, Frame frame, List<Cue> cues, long nextId, Beside beside) {
    public Track(String language, Recipe recipe, String style, Frame frame, List<Cue> cues, long nextId) {
        this(language, recipe, style, frame, cues, nextId, Beside.NOTHING);
    }

    public Track {
        beside = beside == null ? Beside.NOTHING : beside;
        cues = List.copyOf(cues);
        Word before = null;
        for (Cue cue : cues) {
            for (Word word : cue.words()) {
                if (before != null && word.startMs() < before.endMs()) {
                    throw new BadInputException("“" + word.text() + "” at " + word.startMs()
                            + " ms would start before “" + before.text() + "” ends at " + before.endMs() + " ms.");
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
        return new Track(language, recipe, style, frame, broken, ids.peek(), beside);
    }

    public Stream<Word> words() {
        return cues.stream().flatMap(cue -> cue.words().stream());
    }

    public int indexOfCue(long cueId) {
        for (int i = 0; i < cues.size(); i++) {
            if (cues.get(i).id() == cueId) {
                return i;
            }
        }
        throw new BadInputException("That cue is not there any more. Nothing was changed.");
    }

    public Cue cueOfWord(long wordId) {
        return cues.stream()
                .filter(cue -> cue.indexOf(wordId) >= 0)
                .findFirst()
                .orElseThrow(() -> new BadInputException("That word is not there any more. Nothing was changed."));
    }

    public Track withCues(List<Cue> newCues, long newNextId) {
        return new Track(language, recipe, style, frame, newCues, newNextId, beside);
    }

    public Track withStyle(String newStyle) {
        return new Track(language, recipe, newStyle, frame, cues, nextId, beside);
    }

    public Track withFrame(Frame newFrame) {
        return new Track(language, recipe, style, newFrame, cues, nextId, beside);
    }

    public Track withRecipe(Recipe newRecipe) {
        return new Track(language, newRecipe, style, frame, cues, nextId, beside);
    }

    public Track withLanguage(String newLanguage) {
        return new Track(newLanguage, recipe, style, frame, cues, nextId, beside);
    }

    public Track withBeside(Beside newBeside) {
        return new Track(language, recipe, style, frame, cues, nextId, newBeside);
    }
}
