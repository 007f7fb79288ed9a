package saltdrum.speech;

import java.util.List;
import java.util.Locale;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import saltdrum.core.BadInputException;
import saltdrum.core.word.Word;
import saltdrum.speech.align.Aligner;
import saltdrum.speech.estimate.Estimator;
import saltdrum.speech.model.AcousticModel;
import saltdrum.speech.recognise.Recogniser;

/** The one door to speech: chooses by language, loads models once and keeps them warm. */
public final class SpeechDesk {
    private Aligner aligner;
    private Recogniser recogniser;

    private synchronized Aligner aligner() {
        if (aligner == null) {
            aligner = new Aligner(new AcousticModel());
        }
        return aligner;
    }

    private synchronized Recogniser recogniser() {
        if (recogniser == null) {
            recogniser = new Recogniser();
        }
        return recogniser;
    }

    /**
     * Script to word times: measured for English with sound, else estimated and marked so.
     *
     * @param samples 16 kHz mono, empty for a clip without sound
     * @param lengthMs of the clip or range
     */
    public SpeechResult place(
            short[] samples,
            List<String> tokens,
            String language,
            int lengthMs,
            DoubleConsumer progress,
            BooleanSupplier stopped) {
        if (!english(language) || samples.length == 0) {
            return Estimator.place(samples, tokens, lengthMs);
        }
        return aligner().align(samples, tokens, progress, stopped);
    }

    /** A draft of what is said. @throws BadInputException for a language without a model, or no sound */
    public List<Word> recognise(short[] samples, String language, Consumer<List<Word>> heard, BooleanSupplier stopped) {
        if (!english(language)) {
            throw new BadInputException("Speech can be recognised in English only. Paste the script instead: "
                    + "its words are placed by speech activity.");
        }
        if (samples.length == 0) {
            throw new BadInputException("The clip has no sound to recognise. Paste the script or type the words.");
        }
        return recogniser().recognise(samples, 0, heard, stopped);
    }

    private static boolean english(String language) {
        return Locale.forLanguageTag(language).getLanguage().equals("en");
    }
}
