package saltdrum.speech.translate;

import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.SaltDrumException;
import saltdrum.speech.outside.OutsideCall;

/** A translator reached over HTTP. Protocol: {@code docs/formats/outside-translator.md}. */
public final class OutsideTranslator implements Translator {
    private final OutsideCall call;

    /** @param patience longest wait for one answer */
    public OutsideTranslator(URI address, Duration patience) {
        call = new OutsideCall("outside translator", address, patience);
    }

    @Override
    public String name() {
        return "The translator";
    }

    /** Accepts any pair; the service refuses those it does not support. */
    @Override
    public boolean supports(String from, String to) {
        return true;
    }

    record Answer(List<String> texts) {}

    @Override
    public List<String> translate(List<String> texts, String from, String to, BooleanSupplier stopped) {
        String question = Json.write(Map.of("from", from, "to", to, "texts", texts));
        String said = call.post("", "application/json", question.getBytes(StandardCharsets.UTF_8), stopped);
        List<String> translated;
        try {
            translated = Json.read(said, Answer.class, "answer").texts();
        } catch (BadInputException e) {
            throw new SaltDrumException("The outside translator's answer cannot be read: " + e.getMessage(), e);
        }
        if (translated == null || translated.size() != texts.size()) {
            throw new SaltDrumException("The outside translator gave back "
                    + (translated == null ? 0 : translated.size()) + " texts for " + texts.size()
                    + ". The translation was not changed.");
        }
        return translated;
    }
}
