package saltdrum.speech.neural;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Semaphore;
import java.util.function.BooleanSupplier;
import saltdrum.core.sound.Sound;

/** Hears one piece of a sound as words without times. */
final class Listener {
    /** Below this mean logarithm a piece is a guess as a whole. */
    private static final double GUESS_LOG = -0.6;

    /**
     * Below this there is no speech: a short tone mistaken for a voice is decoded as a word at −6 and less, while speech
     * in loud noise stays above −2.
     */
    static final double NOBODY_LOG = -3;

    /** How sure a word of such a piece can be at most. */
    private static final double GUESS = 0.4;

    /** A piece that is halved is never shorter. */
    private static final int LEAST_HALF_MS = 2_000;

    private final SpeechModel model;
    private final Vocabulary vocabulary;
    private final TermTree terms;
    private final Semaphore turns;

    /** @param turns of which one is held while a piece is heard */
    Listener(NeuralRecogniser.Loaded loaded, TermTree terms, Semaphore turns) {
        this.model = loaded.model();
        this.vocabulary = loaded.vocabulary();
        this.terms = terms;
        this.turns = turns;
    }

    /** @param words none if nothing intelligible was said */
    record Utterance(int fromMs, int toMs, List<Said> words) {}

    record Said(String text, double confidence, List<String> readings) {}

    /** Decodes a piece; one that fails as a whole is decoded again in halves. */
    List<Utterance> hear(Sound sound, Pieces.Piece piece, BooleanSupplier stopped) {
        Utterance said = whole(sound, piece.fromMs(), piece.toMs(), stopped);
        if (said != null) {
            return List.of(said);
        }
        if (piece.lengthMs() / 2 < LEAST_HALF_MS || stopped.getAsBoolean()) {
            return List.of(new Utterance(piece.fromMs(), piece.toMs(), List.of()));
        }
        int middle = (piece.fromMs() + piece.toMs()) / 2;
        List<Utterance> halves = new ArrayList<>();
        halves.addAll(hear(sound, new Pieces.Piece(piece.fromMs(), middle, 0), stopped));
        halves.addAll(hear(sound, new Pieces.Piece(middle, piece.toMs(), 0), stopped));
        return halves;
    }

    /** Null if the decoder did not end by itself. */
    private Utterance whole(Sound sound, int fromMs, int toMs, BooleanSupplier stopped) {
        Sound part = sound.part(fromMs, toMs);
        turns.acquireUninterruptibly();
        try (SpeechModel.Heard heard = model.hear(part);
                Decoder.Text text = new Decoder(vocabulary).text(heard, terms, part.seconds(), stopped)) {
            if (!text.whole()) {
                return null;
            }
            if (text.meanLog() < NOBODY_LOG) {
                return new Utterance(fromMs, toMs, List.of());
            }
            boolean guess = text.meanLog() < GUESS_LOG;
            AlternativeReadings readings = new AlternativeReadings(vocabulary);
            List<Said> words = new ArrayList<>();
            for (TextWords.TextWord word : TextWords.of(text, vocabulary)) {
                if (word.text().codePoints().anyMatch(Character::isLetterOrDigit)) {
                    double confidence = Math.min(guess ? GUESS : 1, word.confidence());
                    words.add(new Said(word.text(), confidence, readings.of(heard, text, word)));
                }
            }
            return new Utterance(fromMs, toMs, words);
        } finally {
            turns.release();
        }
    }
}
