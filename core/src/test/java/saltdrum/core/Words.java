package saltdrum.core;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/** Builders for tests: words of 300 ms each, 100 ms apart, from 1000 ms on. */
public final class Words {
    private Words() {}

    public static List<Word> words(String... texts) {
        List<Word> words = new ArrayList<>();
        for (int i = 0; i < texts.length; i++) {
            words.add(word(i + 1, texts[i], 1000 + i * 400, 1300 + i * 400));
        }
        return words;
    }

    public static Word word(long id, String text, int startMs, int endMs) {
        return Word.of(id, text, startMs, endMs, WordSource.ALIGNED);
    }

    public static Track track(Recipe recipe, String text) {
        return Track.of("en", recipe, "Mallet", words(text.split(" ")));
    }

    public static List<String> texts(Track track) {
        return track.cues().stream().map(cue -> cue.text()).toList();
    }

    public static List<Integer> starts(List<Word> words) {
        return words.stream().map(Word::startMs).toList();
    }

    public static List<String> list(String... values) {
        return Arrays.asList(values);
    }
}
