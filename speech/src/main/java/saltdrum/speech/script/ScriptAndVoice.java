package saltdrum.speech.script;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.core.SaltDrumException;
import saltdrum.core.sound.Sound;
import saltdrum.speech.align.Aligner;
import saltdrum.speech.placing.SpeechResult;
import saltdrum.speech.recognise.Heard;
import saltdrum.speech.recognise.Recogniser;
import saltdrum.speech.recognise.Term;

/**
 * Places a script and says where it differs from the voice. The aligner alone takes noise for speech and a hurried word for
 * none; the recogniser alone mishears. What both say holds.
 */
public final class ScriptAndVoice {
    private final Aligner aligner;
    private final Recogniser recogniser;

    public ScriptAndVoice(Aligner aligner, Recogniser recogniser) {
        this.aligner = aligner;
        this.recogniser = recogniser;
    }

    /** @param tokens the script's written words, at least one */
    public SpeechResult place(
            Sound sound, List<String> tokens, List<Term> terms, DoubleConsumer progress, BooleanSupplier stopped) {
        List<Heard> last = new ArrayList<>(List.of(new Heard(0, List.of())));
        CompletableFuture<Void> listening = CompletableFuture.runAsync(() -> recogniser.recognise(
                sound,
                new Recogniser.Asked("en", "script", terms, false),
                heard -> {
                    last.set(0, heard);
                    progress.accept(0.9 * heard.toMs() / Math.max(1, sound.lengthMs()));
                },
                stopped));
        SpeechResult placed;
        try {
            placed = aligner.align(sound, tokens, done -> {}, stopped);
            listening.join();
        } catch (CompletionException e) {
            throw e.getCause() instanceof RuntimeException ours ? ours : e;
        } finally {
            // Nothing goes on listening unseen: a stop is heard by both.
            listening.handle((none, trouble) -> none).join();
        }
        if (stopped.getAsBoolean()) {
            throw new SaltDrumException("The alignment was stopped. The words were not changed.");
        }
        SpeechResult settled = new Differences(placed, last.get(0).plainWords()).settled();
        progress.accept(1);
        return settled;
    }
}
