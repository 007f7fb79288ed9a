package saltdrum.speech;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.stream.Collectors;
import saltdrum.core.BadInputException;
import saltdrum.core.word.Word;
import saltdrum.speech.align.Aligner;
import saltdrum.speech.estimate.Estimator;
import saltdrum.speech.model.AcousticModel;
import saltdrum.speech.outside.OutsideRecogniser;
import saltdrum.speech.recognise.Recogniser;
import saltdrum.speech.recognise.Term;

/** The one door to speech: chooses by language, loads models once and keeps them warm. */
public final class SpeechDesk {
    /** The recogniser needs a little of what stands around a piece of speech. */
    private static final int AROUND_MS = 60;

    private final OutsideRecogniser outside;
    private Aligner aligner;
    private Recogniser recogniser;

    public SpeechDesk() {
        this(null);
    }

    /** @param outside for languages without a model here; null for none */
    public SpeechDesk(OutsideRecogniser outside) {
        this.outside = outside;
    }

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

    /** What was said where the script has nothing, as far as the recogniser can tell. */
    public SpeechResult withGuesses(SpeechResult placed, short[] samples, BooleanSupplier stopped) {
        if (placed.unscripted().isEmpty()) {
            return placed;
        }
        List<SpeechResult.Unscripted> guessed = new ArrayList<>();
        for (SpeechResult.Unscripted piece : placed.unscripted()) {
            int from = Math.max(0, piece.startMs() - AROUND_MS) * 16;
            int to = Math.min(samples.length, (piece.endMs() + AROUND_MS) * 16);
            String text =
                    recogniser()
                            .recognise(Arrays.copyOfRange(samples, from, to), 0, List.of(), h -> {}, stopped)
                            .stream()
                            .map(Word::text)
                            .collect(Collectors.joining(" "));
            guessed.add(new SpeechResult.Unscripted(piece.startMs(), piece.endMs(), text));
        }
        return new SpeechResult(placed.words(), placed.silences(), guessed);
    }

    /** A draft of what is said in the clip of that name. @throws BadInputException for a language without a model, or no sound */
    public List<Word> recognise(
            short[] samples,
            String language,
            String name,
            List<Term> terms,
            Consumer<List<Word>> heard,
            BooleanSupplier stopped) {
        if (outside != null && outside.knows(language)) {
            List<Word> words = outside.recognise(samples, language, name, stopped);
            heard.accept(words);
            return words;
        }
        if (!english(language)) {
            throw new BadInputException("Speech can be recognised in English only. Paste the script instead: "
                    + "its words are placed by speech activity.");
        }
        if (samples.length == 0) {
            throw new BadInputException("The clip has no sound to recognise. Paste the script or type the words.");
        }
        return recogniser().recognise(samples, 0, terms, heard, stopped);
    }

    /** Whether a script's times are measured in that language. */
    public boolean measures(String language) {
        return english(language);
    }

    public boolean recognises(String language) {
        return english(language) || outside != null && outside.knows(language);
    }

    private static boolean english(String language) {
        return Locale.forLanguageTag(language).getLanguage().equals("en");
    }
}
