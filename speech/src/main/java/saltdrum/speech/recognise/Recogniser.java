package saltdrum.speech.recognise;

import edu.cmu.sphinx.api.Configuration;
import edu.cmu.sphinx.api.Context;
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
import saltdrum.speech.model.Quiet;

/** English speech to draft words. Loads on first use and stays warm; one clip at a time. */
public final class Recogniser {
    private static final String MODEL = "resource:/edu/cmu/sphinx/models/en-us/";
    private Context context;
    private Recognizer recognizer;

    private void warm() {
        if (recognizer != null) {
            return;
        }
        Quiet.now();
        Configuration configuration = new Configuration();
        configuration.setAcousticModelPath(MODEL + "en-us");
        configuration.setDictionaryPath(MODEL + "cmudict-en-us.dict");
        configuration.setLanguageModelPath(MODEL + "en-us.lm.bin");
        try {
            context = new Context(configuration);
        } catch (IOException e) {
            throw new SaltDrumException("The speech model could not be loaded. Build the application again.", e);
        }
        // 20000 is no better and three times slower (docs/benchmarks.md).
        for (String list : new String[] {"standardActiveListFactory", "fastmatchActiveList"}) {
            context.setLocalProperty(list + "->absoluteBeamWidth", "3000");
        }
        recognizer = context.getInstance(Recognizer.class);
        recognizer.allocate();
    }

    /**
     * @param samples 16 kHz mono from clip time {@code offsetMs}
     * @param heard gets all words so far each time a stretch is done; what it got stays good when stopped
     */
    public synchronized List<Word> recognise(
            short[] samples, int offsetMs, Consumer<List<Word>> heard, BooleanSupplier stopped) {
        warm();
        ByteBuffer bytes = ByteBuffer.allocate(samples.length * 2).order(ByteOrder.LITTLE_ENDIAN);
        bytes.asShortBuffer().put(samples);
        context.setSpeechSource(new StoppableStream(bytes.array(), stopped));
        List<Word> words = new ArrayList<>();
        for (Result result = recognizer.recognize(); result != null; result = recognizer.recognize()) {
            for (WordResult word : new edu.cmu.sphinx.api.SpeechResult(result).getWords()) {
                add(words, word, offsetMs);
            }
            heard.accept(List.copyOf(words));
            if (stopped.getAsBoolean()) {
                break;
            }
        }
        return words;
    }

    private static void add(List<Word> words, WordResult word, int offsetMs) {
        String text = word.getWord().getSpelling().replaceAll("\\(\\d+\\)$", "");
        if (word.getWord().isFiller() || text.startsWith("<") || text.startsWith("[")) {
            return;
        }
        int floor = words.isEmpty() ? 0 : words.get(words.size() - 1).endMs();
        int start = Math.max(floor, offsetMs + (int) word.getTimeFrame().getStart());
        int end = Math.max(start + 1, offsetMs + (int) word.getTimeFrame().getEnd());
        double confidence = Math.min(1, Math.max(0, Math.exp(word.getConfidence() / 10_000)));
        words.add(new Word(
                words.size() + 1L,
                text,
                start,
                end,
                Double.isNaN(confidence) ? 0.5 : confidence,
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
