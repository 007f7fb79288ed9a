package saltdrum.speech.recognise;

import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import saltdrum.core.sound.Sound;

/** Turns sound into words. Safe for many threads; each implementation limits its own concurrency. */
public interface Recogniser {
    /** Display name, such as “Moonshine base, English”. */
    String name(String language);

    /** @param language BCP 47 tag */
    boolean supports(String language);

    /**
     * Recognises a sound from its beginning to its end.
     *
     * @param heard receives everything heard so far, each time there is more; it stays valid after a stop
     * @param stopped polled often; once true, the work ends soon and without an error
     * @throws saltdrum.core.SaltDrumException with a sentence for a person
     */
    void recognise(Sound sound, Asked asked, Consumer<Heard> heard, BooleanSupplier stopped);

    /**
     * @param language BCP 47 tag of what is said
     * @param name of the clip, for an outside recogniser's own records
     * @param terms names and trade terms that are to be heard; a recogniser that cannot ignores them
     * @param twice whether what is unsure is heard a second time, so that wrong words are marked; a recogniser that
     *     cannot ignores it
     */
    record Asked(String language, String name, List<Term> terms, boolean twice) {
        public Asked(String language, String name, List<Term> terms) {
            this(language, name, terms, true);
        }
    }
}
