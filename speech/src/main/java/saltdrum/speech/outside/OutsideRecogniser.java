package saltdrum.speech.outside;

import java.net.URI;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import saltdrum.core.BadInputException;
import saltdrum.core.SaltDrumException;
import saltdrum.core.format.words.WordsFile;
import saltdrum.core.sound.Sound;
import saltdrum.core.sound.Wav;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.speech.recognise.Heard;
import saltdrum.speech.recognise.HeardWord;
import saltdrum.speech.recognise.Recogniser;

/**
 * A recogniser reached over HTTP: sends a WAV file and receives a words file. Protocol: {@code
 * docs/formats/outside-recogniser.md}.
 */
public final class OutsideRecogniser implements Recogniser {
    private static final int MOST_SECONDS = 60 * 60 * 2;

    private final OutsideCall call;
    private final Set<String> languages;

    /**
     * @param languages tags it can recognise, such as {@code de}
     * @param patience longest wait for one answer
     */
    public OutsideRecogniser(URI address, Set<String> languages, Duration patience) {
        this.call = new OutsideCall("outside recogniser", address, patience);
        this.languages = Set.copyOf(languages);
    }

    @Override
    public String name(String language) {
        return "the outside recogniser";
    }

    @Override
    public boolean supports(String language) {
        return languages.contains(Locale.forLanguageTag(language).getLanguage());
    }

    /** Asks once for the whole sound. @throws SaltDrumException when it does not answer, refuses, or answers with what is no words file */
    @Override
    public void recognise(Sound sound, Asked asked, Consumer<Heard> heard, BooleanSupplier stopped) {
        if (sound.seconds() > MOST_SECONDS) {
            throw new BadInputException("The outside recogniser takes at most two hours of sound. Choose a range.");
        }
        String query =
                "?language=" + OutsideCall.encoded(asked.language()) + "&name=" + OutsideCall.encoded(asked.name());
        List<Word> words = words(call.post(query, "audio/wav", Wav.of(sound), stopped), sound.lengthMs());
        heard.accept(new Heard(
                sound.lengthMs(),
                words.stream().map(word -> new HeardWord(word, List.of())).toList()));
    }

    private static List<Word> words(String answer, int lengthMs) {
        List<Word> words;
        try {
            words = WordsFile.read(answer).toWords();
        } catch (BadInputException e) {
            throw new SaltDrumException("The outside recogniser's answer is not a words file: " + e.getMessage(), e);
        }
        return words.stream()
                .filter(w -> w.startMs() < lengthMs)
                .map(w -> new Word(
                        w.id(),
                        w.text(),
                        w.startMs(),
                        Math.max(w.startMs() + 1, Math.min(w.endMs(), lengthMs)),
                        w.confidence(),
                        WordSource.RECOGNISED,
                        w.emphasis(),
                        w.pin()))
                .toList();
    }
}
