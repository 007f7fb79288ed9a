package saltdrum.speech.recognise;

import edu.cmu.sphinx.api.Configuration;
import edu.cmu.sphinx.api.Context;
import edu.cmu.sphinx.frontend.AutoCepstrum;
import edu.cmu.sphinx.recognizer.Recognizer;
import edu.cmu.sphinx.result.Result;
import edu.cmu.sphinx.result.WordResult;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import saltdrum.core.SaltDrumException;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.speech.model.Features;
import saltdrum.speech.model.Quiet;

/** English speech to draft words. Loads on first use and stays warm; one clip at a time. */
public final class Recogniser {
    private static final String MODEL = "resource:/edu/cmu/sphinx/models/en-us/";
    private static final String CONFIGURATION = "resource:/saltdrum/speech/recognise/recogniser.config.xml";

    private static final double UNWEIGHED = 0.4;

    private Context context;
    private Recognizer recognizer;
    private List<Term> terms;
    private Glossary glossary;

    /** Loads for these terms; another list of terms loads anew, which takes some seconds. */
    private void warm(List<Term> wanted) {
        if (recognizer != null && wanted.equals(terms)) {
            return;
        }
        Quiet.now();
        if (recognizer != null) {
            recognizer.deallocate();
            recognizer = null;
        }
        glossary = new Glossary(wanted);
        Configuration configuration = new Configuration();
        configuration.setAcousticModelPath(MODEL + "en-us");
        configuration.setDictionaryPath(
                wanted.isEmpty()
                        ? MODEL + "cmudict-en-us.dict"
                        : glossary.dictionary().toUri().toString());
        configuration.setLanguageModelPath(MODEL + "en-us.lm.bin");
        try {
            context = new Context(CONFIGURATION, configuration);
        } catch (IOException e) {
            throw new SaltDrumException("The speech model could not be loaded. Build the application again.", e);
        }
        context.setLocalProperty("lexTreeLinguist->languageModel", "glossaryModel");
        context.setLocalProperty("glossaryModel->terms", glossary.words());
        recognizer = context.getInstance(Recognizer.class);
        recognizer.allocate();
        terms = List.copyOf(wanted);
    }

    /**
     * @param samples 16 kHz mono from clip time {@code offsetMs}
     * @param wanted names and trade terms to be heard
     * @param heard gets all words so far each time a stretch is done; what it got stays good when stopped
     */
    public synchronized List<Word> recognise(
            short[] samples, int offsetMs, List<Term> wanted, Consumer<List<Word>> heard, BooleanSupplier stopped) {
        try {
            return hear(samples, offsetMs, wanted, heard, stopped);
        } catch (NullPointerException stumbled) {
            // sphinx4 keeps something of a piece without speech and stumbles over it later: a fresh one does not.
            recognizer = null;
        }
        try {
            return hear(samples, offsetMs, wanted, heard, stopped);
        } catch (NullPointerException noSpeech) {
            // A fresh one stumbles only where there is no speech at all.
            recognizer = null;
            return List.of();
        }
    }

    private List<Word> hear(
            short[] samples, int offsetMs, List<Term> wanted, Consumer<List<Word>> heard, BooleanSupplier stopped) {
        warm(wanted);
        context.getInstance(ClipMean.class).set(mean(samples));
        ByteBuffer bytes = ByteBuffer.allocate(samples.length * 2).order(ByteOrder.LITTLE_ENDIAN);
        bytes.asShortBuffer().put(samples);
        context.setSpeechSource(new StoppableStream(bytes.array(), stopped));
        List<Word> words = new ArrayList<>();
        for (Result result = recognizer.recognize(); result != null; result = recognizer.recognize()) {
            if (result.getBestFinalToken() == null) {
                // Only a path that reached the end can be weighed against others.
                result.getTimedBestResult(false).forEach(word -> add(words, word, UNWEIGHED, offsetMs));
            } else {
                Confidence confidence = new Confidence(result);
                confidence.words().forEach(word -> add(words, word, confidence.of(word), offsetMs));
            }
            heard.accept(List.copyOf(words));
            if (stopped.getAsBoolean()) {
                break;
            }
        }
        return words;
    }

    private double[] mean(short[] samples) {
        try {
            return Features.mean(samples, new AutoCepstrum(context.getLoader()));
        } catch (IOException e) {
            throw new SaltDrumException("The speech model could not be read. Build the application again.", e);
        }
    }

    private void add(List<Word> words, WordResult word, double confidence, int offsetMs) {
        String text = word.getWord().getSpelling().replaceAll("\\(\\d+\\)$", "");
        if (word.getWord().isFiller() || text.startsWith("<") || text.startsWith("[")) {
            return;
        }
        int floor = words.isEmpty() ? 0 : words.get(words.size() - 1).endMs();
        int start = Math.max(floor, offsetMs + (int) word.getTimeFrame().getStart());
        int end = Math.max(start + 1, offsetMs + (int) word.getTimeFrame().getEnd());
        words.add(new Word(
                words.size() + 1L,
                glossary.written(text),
                start,
                end,
                Double.isNaN(confidence) ? UNWEIGHED : confidence,
                WordSource.RECOGNISED,
                0,
                Pin.FREE));
    }

    /** Ends early when the work is stopped, so that the recogniser comes to its end by itself. */
    private static final class StoppableStream extends ByteArrayInputStream {
        private final BooleanSupplier stopped;

        StoppableStream(byte[] bytes, BooleanSupplier stopped) {
            super(bytes);
            this.stopped = stopped;
        }

        @Override
        public synchronized int read(byte[] b, int off, int len) {
            return stopped.getAsBoolean() ? -1 : super.read(b, off, len);
        }
    }
}
