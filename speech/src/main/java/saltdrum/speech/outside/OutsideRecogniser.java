package saltdrum.speech.outside;

import java.net.URI;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.BooleanSupplier;
import saltdrum.core.BadInputException;
import saltdrum.core.SaltDrumException;
import saltdrum.core.format.WordsFile;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/**
 * A recogniser elsewhere, asked over HTTP: a WAV file goes out, a words file comes back. The agreement stands in {@code
 * docs/formats/outside-recogniser.md}.
 */
public final class OutsideRecogniser {
    private static final int MOST_SAMPLES = 16_000 * 60 * 60 * 2;

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

    public boolean knows(String language) {
        return languages.contains(Locale.forLanguageTag(language).getLanguage());
    }

    /**
     * @param samples 16 kHz mono
     * @param name of the clip, for the other side's own records
     * @throws SaltDrumException when it does not answer, refuses, or answers with what is no words file
     */
    public List<Word> recognise(short[] samples, String language, String name, BooleanSupplier stopped) {
        if (samples.length > MOST_SAMPLES) {
            throw new BadInputException("The outside recogniser takes at most two hours of sound. Choose a range.");
        }
        String query = "?language=" + OutsideCall.encoded(language) + "&name=" + OutsideCall.encoded(name);
        return words(call.post(query, "audio/wav", wav(samples), stopped), samples.length / 16);
    }

    private static List<Word> words(String answer, int lengthMs) {
        List<Word> words;
        try {
            words = WordsFile.read(answer).toWords();
        } catch (BadInputException e) {
            throw new SaltDrumException("The outside recogniser's answer is no words file: " + e.getMessage(), e);
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

    /** RIFF, 16 kHz, 16 bits, mono. */
    static byte[] wav(short[] samples) {
        int bytes = samples.length * 2;
        ByteBuffer out = ByteBuffer.allocate(44 + bytes).order(ByteOrder.LITTLE_ENDIAN);
        out.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt(36 + bytes);
        out.put("WAVEfmt ".getBytes(StandardCharsets.US_ASCII)).putInt(16);
        out.putShort((short) 1).putShort((short) 1).putInt(16_000).putInt(32_000);
        out.putShort((short) 2).putShort((short) 16);
        out.put("data".getBytes(StandardCharsets.US_ASCII)).putInt(bytes);
        out.asShortBuffer().put(samples);
        return out.array();
    }
}
