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
    private final SecondHearing second;

    /**
     * @param turns of which one is held while a piece is heard
     * @param twice whether pieces with an unsure word are heard a second time
     */
    Listener(NeuralRecogniser.Loaded loaded, TermTree terms, Semaphore turns, boolean twice) {
        this.second = twice ? new SecondHearing(loaded.model(), loaded.vocabulary()) : null;
        this.model = loaded.model();
        this.vocabulary = loaded.vocabulary();
        this.terms = terms;
        this.turns = turns;
    }

    /** Who speaks says more words a second; measured on 102 pieces, of which two had fewer and were cut short. */
    private static final double LEAST_WORDS_A_SECOND = 1.8;

    /** In less speech than this a word or two may be all. */
    private static final int LEAST_SPEECH_MS = 4_000;

    /**
     * @param words none if nothing intelligible was said
     * @param partly whether somebody speaks there of whom few words were heard
     */
    record Utterance(int fromMs, int toMs, List<Said> words, boolean partly) {
        Utterance(int fromMs, int toMs, List<Said> words) {
            this(fromMs, toMs, words, false);
        }

        Utterance asPartly() {
            return new Utterance(fromMs, toMs, words, true);
        }
    }

    record Said(String text, double confidence, List<String> readings) {
        Said as(double sure, List<String> others) {
            return new Said(text, sure, others);
        }
    }

    /** Decodes a piece; one that fails as a whole, or has few words, is decoded again in halves. */
    List<Utterance> hear(Sound sound, Pieces.Piece piece, BooleanSupplier stopped) {
        Utterance said = whole(sound, piece.fromMs(), piece.toMs(), stopped);
        if (said != null && !isFew(said.words().size(), piece)) {
            return List.of(said);
        }
        boolean canHalve = piece.lengthMs() / 2 >= LEAST_HALF_MS && !stopped.getAsBoolean();
        if (!canHalve) {
            return List.of(said != null ? said : new Utterance(piece.fromMs(), piece.toMs(), List.of()));
        }
        List<Utterance> halves = halves(sound, piece, stopped);
        if (said == null) {
            return halves;
        }
        List<Utterance> more = words(halves) > said.words().size() ? halves : List.of(said);
        return isFew(words(more), piece)
                ? more.stream().map(Utterance::asPartly).toList()
                : more;
    }

    private List<Utterance> halves(Sound sound, Pieces.Piece piece, BooleanSupplier stopped) {
        int middle = (piece.fromMs() + piece.toMs()) / 2;
        List<Utterance> halves = new ArrayList<>();
        halves.addAll(hear(sound, new Pieces.Piece(piece.fromMs(), middle, 0), stopped));
        halves.addAll(hear(sound, new Pieces.Piece(middle, piece.toMs(), 0), stopped));
        return halves;
    }

    /** Whether that is too little for all of the piece's speech. */
    static boolean isFew(int words, Pieces.Piece piece) {
        return piece.speechMs() >= LEAST_SPEECH_MS && words < LEAST_WORDS_A_SECOND * piece.speechMs() / 1000;
    }

    private static int words(List<Utterance> all) {
        return all.stream().mapToInt(one -> one.words().size()).sum();
    }

    private static List<Said> guessed(List<Said> words) {
        return words.stream()
                .map(word -> word.as(Math.min(GUESS, word.confidence()), word.readings()))
                .toList();
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
            AlternativeReadings readings = new AlternativeReadings(vocabulary);
            List<Said> words = new ArrayList<>();
            for (TextWords.TextWord word : TextWords.spoken(text, vocabulary)) {
                words.add(new Said(word.text(), word.confidence(), readings.of(heard, text, word)));
            }
            if (second != null && SecondHearing.isNeeded(words) && !stopped.getAsBoolean()) {
                words = second.weighed(words, part, stopped);
            }
            return new Utterance(fromMs, toMs, text.meanLog() < GUESS_LOG ? guessed(words) : words);
        } finally {
            turns.release();
        }
    }
}
