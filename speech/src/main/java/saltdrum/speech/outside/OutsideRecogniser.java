package saltdrum.speech.outside;

import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
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
    private static final int TRIES = 3;
    private static final int MOST_ANSWER_BYTES = 20_000_000;
    private static final int MOST_SAMPLES = 16_000 * 60 * 60 * 2;

    private final URI address;
    private final Set<String> languages;
    private final Duration patience;
    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();

    /**
     * @param languages tags it can recognise, such as {@code de}
     * @param patience longest wait for one answer
     */
    public OutsideRecogniser(URI address, Set<String> languages, Duration patience) {
        if (!List.of("http", "https").contains(String.valueOf(address.getScheme()))) {
            throw new BadInputException(
                    "The outside recogniser's address must begin with http:// or https://, not “" + address + "”.");
        }
        this.address = address;
        this.languages = Set.copyOf(languages);
        this.patience = patience;
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
        String query = "?language=" + encoded(language) + "&name=" + encoded(name);
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + query))
                .timeout(patience)
                .header("Content-Type", "audio/wav")
                .header("Accept", "application/json")
                .POST(HttpRequest.BodyPublishers.ofByteArray(wav(samples)))
                .build();
        String lastTrouble = "";
        for (int attempt = 0; attempt < TRIES; attempt++) {
            if (stopped.getAsBoolean()) {
                throw new SaltDrumException("The recognition was stopped. The words are as they were.");
            }
            try {
                HttpResponse<InputStream> response = http.send(request, HttpResponse.BodyHandlers.ofInputStream());
                try (InputStream body = response.body()) {
                    byte[] answer = body.readNBytes(MOST_ANSWER_BYTES + 1);
                    if (response.statusCode() == 200) {
                        return words(answer, samples.length / 16);
                    }
                    lastTrouble = "it answered " + response.statusCode();
                    if (response.statusCode() < 500 && response.statusCode() != 429) {
                        break;
                    }
                }
                Thread.sleep(500L << attempt);
            } catch (IOException e) {
                lastTrouble = e instanceof java.net.http.HttpTimeoutException
                        ? "it did not answer in " + patience.toSeconds() + " s"
                        : "it cannot be reached";
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new SaltDrumException("The recognition was stopped. The words are as they were.", e);
            }
        }
        throw new SaltDrumException("The outside recogniser gave no words: " + lastTrouble
                + ". The track is as it was; try again, or paste the script.");
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }

    private static List<Word> words(byte[] answer, int lengthMs) {
        if (answer.length > MOST_ANSWER_BYTES) {
            throw new SaltDrumException("The outside recogniser's answer is larger than 20 MB and was not read.");
        }
        List<Word> words;
        try {
            words = WordsFile.read(new String(answer, StandardCharsets.UTF_8)).toWords();
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
