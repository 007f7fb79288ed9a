package saltdrum.speech.translate;

import java.util.List;
import java.util.function.BooleanSupplier;

/** Brings texts into another language. Languages are BCP 47 tags. */
public interface Translator {
    /** What a person reads on the button. */
    String name();

    boolean supports(String from, String to);

    /**
     * @return one text for each, in order
     * @throws saltdrum.core.SaltDrumException when there is no answer, or one of another length
     */
    List<String> translate(List<String> texts, String from, String to, BooleanSupplier stopped);
}
