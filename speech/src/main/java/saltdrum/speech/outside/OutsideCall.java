package saltdrum.speech.outside;

import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpTimeoutException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.function.BooleanSupplier;
import saltdrum.core.BadInputException;
import saltdrum.core.SaltDrumException;

/** One question to a service elsewhere over HTTP: with patience, tried again where that can help, its answer limited. */
public final class OutsideCall {
    private static final int TRIES = 3;
    private static final int MOST_ANSWER_BYTES = 20_000_000;

    private final String who;
    private final URI address;
    private final Duration patience;
    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();

    /**
     * @param who such as “outside recogniser”, for messages
     * @param patience timeout for one answer
     */
    public OutsideCall(String who, URI address, Duration patience) {
        if (!List.of("http", "https").contains(String.valueOf(address.getScheme()))) {
            throw new BadInputException(
                    "The " + who + "'s address must begin with http:// or https://, not “" + address + "”.");
        }
        this.who = who;
        this.address = address;
        this.patience = patience;
    }

    /**
     * @param query already encoded, beginning with “?”, or empty
     * @return the answer's body, UTF-8
     * @throws SaltDrumException when it does not answer, refuses, or answers with more than 20 MB
     */
    public String post(String query, String contentType, byte[] body, BooleanSupplier stopped) {
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + query))
                .timeout(patience)
                .header("Content-Type", contentType)
                .header("Accept", "application/json")
                .POST(HttpRequest.BodyPublishers.ofByteArray(body))
                .build();
        String lastTrouble = "";
        for (int attempt = 0; attempt < TRIES; attempt++) {
            if (stopped.getAsBoolean()) {
                throw new SaltDrumException("This was stopped. The words were not changed.");
            }
            try {
                HttpResponse<InputStream> response = http.send(request, HttpResponse.BodyHandlers.ofInputStream());
                try (InputStream in = response.body()) {
                    byte[] answer = in.readNBytes(MOST_ANSWER_BYTES + 1);
                    if (answer.length > MOST_ANSWER_BYTES) {
                        throw new SaltDrumException("The " + who + "'s answer is larger than 20 MB and was not read.");
                    }
                    if (response.statusCode() == 200) {
                        return new String(answer, StandardCharsets.UTF_8);
                    }
                    lastTrouble = "it answered " + response.statusCode();
                    if (response.statusCode() < 500 && response.statusCode() != 429) {
                        break;
                    }
                }
                Thread.sleep(500L << attempt);
            } catch (IOException e) {
                lastTrouble = e instanceof HttpTimeoutException
                        ? "it did not answer in " + patience.toSeconds() + " s"
                        : "it cannot be reached";
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new SaltDrumException("This was stopped. The words were not changed.", e);
            }
        }
        throw new SaltDrumException(
                "The " + who + " gave no words: " + lastTrouble + ". The track was not changed; try again later.");
    }

    public static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }
}
