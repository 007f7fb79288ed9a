package saltdrum.speech.recognise;

import java.util.List;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;

/** Gives words their times in a sound: measured where the language can be, else estimated. */
public interface WordPlacer {
    /**
     * @param tokens written words, at least one
     * @return one word a token, in order, times from the sound's beginning
     */
    List<Word> place(Sound sound, List<String> tokens, String language);
}
