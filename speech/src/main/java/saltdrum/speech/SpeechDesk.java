package saltdrum.speech;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.stream.Stream;
import saltdrum.core.BadInputException;
import saltdrum.core.SaltDrumException;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;
import saltdrum.speech.acoustic.AcousticModel;
import saltdrum.speech.align.Aligner;
import saltdrum.speech.estimate.Estimator;
import saltdrum.speech.neural.ModelShelf;
import saltdrum.speech.neural.NeuralRecogniser;
import saltdrum.speech.placing.SpeechResult;
import saltdrum.speech.recognise.Heard;
import saltdrum.speech.recognise.Recogniser;
import saltdrum.speech.recognise.Recogniser.Asked;
import saltdrum.speech.recognise.Term;
import saltdrum.speech.script.ScriptAndVoice;
import saltdrum.speech.script.SimilarSoundingTerms;

/** The one door to speech: chooses by language, loads models once and keeps them warm. */
public final class SpeechDesk {
    private final ModelShelf shelf;
    private final NeuralRecogniser here;
    private final List<Recogniser> recognisers;
    private Aligner aligner;

    public SpeechDesk() {
        this(ModelShelf.usual(), null);
    }

    /** @param outside asked first where it knows a language; null for none */
    public SpeechDesk(ModelShelf shelf, Recogniser outside) {
        this.shelf = shelf;
        this.here = new NeuralRecogniser(shelf, this::placeHeard);
        this.recognisers = Stream.of(outside, here).filter(r -> r != null).toList();
    }

    private synchronized Aligner aligner() {
        if (aligner == null) {
            aligner = new Aligner(new AcousticModel());
        }
        return aligner;
    }

    /** Loads and tries what recognising English needs, so that the first clip waits for neither models nor compiler. */
    public void warm() {
        here.warm("en");
        placeHeard(SpeechWarmUp.sound(), SpeechWarmUp.WORDS, "en");
    }

    /** What is wrong with the models, one sentence a language; empty when all is well. */
    public List<String> troubles() {
        return List.copyOf(shelf.troubles().values());
    }

    /** Reads all models through; {@link #troubles} then reports what is wrong with them. */
    public void check() {
        shelf.check();
    }

    /**
     * Script to word times: measured for English with sound, else estimated and marked so. Where the speech can be
     * recognised here, what it hears decides with the aligner which words were not said and what the script lacks.
     *
     * @param sound {@link Sound#NONE} for a clip without sound
     * @param lengthMs of the clip or range
     * @param terms of the glossary, which the script's own words join
     */
    public SpeechResult place(
            Sound sound,
            List<String> tokens,
            String language,
            int lengthMs,
            List<Term> terms,
            DoubleConsumer progress,
            BooleanSupplier stopped) {
        if (!english(language) || sound.isEmpty()) {
            return Estimator.place(sound, tokens, lengthMs);
        }
        if (!here.supports(language)) {
            return aligner().align(sound, tokens, progress, stopped);
        }
        return new ScriptAndVoice(aligner(), here).place(sound, tokens, terms, progress, stopped);
    }

    /** Whether onsets can be measured in that language. */
    public boolean canAlign(String language) {
        return english(language);
    }

    /**
     * Places words by their sounds alone; words that are not found are not marked {@code ALIGNED}.
     *
     * @throws BadInputException if the words cannot be said in that sound
     */
    public List<Word> align(Sound sound, List<String> tokens, DoubleConsumer progress, BooleanSupplier stopped) {
        return aligner().align(sound, tokens, progress, stopped).words();
    }

    /** Times of words that were heard in a piece of a sound. */
    private List<Word> placeHeard(Sound sound, List<String> tokens, String language) {
        if (english(language)) {
            try {
                return aligner().place(sound, tokens).words();
            } catch (BadInputException noPlace) {
                // Words that cannot be said in so short a piece share its speech.
            }
        }
        return Estimator.place(sound, tokens, sound.lengthMs()).words();
    }

    /**
     * Recognises speech as a draft.
     *
     * @param heard receives everything heard so far, each time there is more
     * @return everything heard; if stopped, everything until then
     * @throws BadInputException for an unsupported language, or if there is no sound
     */
    public Heard recognise(Sound sound, Asked asked, Consumer<Heard> heard, BooleanSupplier stopped) {
        if (sound.isEmpty()) {
            throw new BadInputException("The clip has no sound to recognise. Paste the script or type the words.");
        }
        List<Heard> last = new ArrayList<>(List.of(new Heard(0, List.of())));
        recogniser(asked.language())
                .recognise(
                        sound,
                        asked,
                        so -> {
                            last.set(0, so);
                            heard.accept(so);
                        },
                        stopped);
        return last.get(0);
    }

    /** Whether somebody speaks in a sound. Where that cannot be measured, any sound counts as speech. */
    public boolean hasSpeech(Sound sound) {
        if (sound.isEmpty()) {
            return false;
        }
        try {
            return here.hasSpeech(sound);
        } catch (SaltDrumException unmeasured) {
            return true;
        }
    }

    private Recogniser recogniser(String language) {
        return recognisers.stream()
                .filter(recogniser -> recogniser.supports(language))
                .findFirst()
                .orElseThrow(() -> new BadInputException(refusal(language)));
    }

    /** Why speech in a language cannot be recognised, and what can be had instead. */
    public String refusal(String language) {
        String trouble = shelf.trouble(language);
        return trouble != null
                ? trouble
                : "Speech in " + name(language)
                        + " cannot be recognised: there is no model for it here. Paste the script"
                        + " or type the words, or set up an outside recogniser.";
    }

    /** What can be had in a language, in a sentence or two for the page. */
    public String offer(String language) {
        String times = measures(language)
                ? "A script’s times are measured on the voice."
                : "A script’s times are estimated from where there is speech, and marked so.";
        if (recognises(language)) {
            return "Speech is recognised by " + recogniser(language).name(language) + ". " + times;
        }
        return refusal(language) + " " + times;
    }

    private static String name(String language) {
        return Locale.forLanguageTag(language).getDisplayLanguage(Locale.ENGLISH);
    }

    /** Terms of a glossary that sound like what was heard, the nearest first; none where nothing is near. */
    public List<String> soundingLike(String heard, List<Term> terms) {
        return new SimilarSoundingTerms(terms).like(heard);
    }

    /** Whether a script's times are measured in that language. */
    public boolean measures(String language) {
        return english(language);
    }

    public boolean recognises(String language) {
        return recognisers.stream().anyMatch(recogniser -> recogniser.supports(language));
    }

    private static boolean english(String language) {
        return Locale.forLanguageTag(language).getLanguage().equals("en");
    }
}
