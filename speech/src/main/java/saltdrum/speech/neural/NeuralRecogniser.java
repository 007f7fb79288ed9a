package saltdrum.speech.neural;

import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtSession;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Semaphore;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import saltdrum.core.SaltDrumException;
import saltdrum.core.cue.Range;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.speech.recognise.Heard;
import saltdrum.speech.recognise.HeardWord;
import saltdrum.speech.recognise.Recogniser;
import saltdrum.speech.recognise.WordPlacer;

/** The recogniser here: languages are those that have a model on the shelf. Each model is loaded once and shared. */
public final class NeuralRecogniser implements Recogniser {
    private static final int CORES = Runtime.getRuntime().availableProcessors();

    private final ModelShelf shelf;
    private final WordPlacer placer;
    private final Semaphore turns = new Semaphore(CORES, true);
    private final Map<String, Loaded> loaded = new HashMap<>();
    private OrtEnvironment environment;
    private OrtSession activity;

    public NeuralRecogniser(ModelShelf shelf, WordPlacer placer) {
        this.shelf = shelf;
        this.placer = placer;
    }

    record Loaded(SpeechModel model, Vocabulary vocabulary) {}

    /** So many frames of speech are no accident: half a second. */
    private static final int LEAST_SPOKEN = (int) (500 / VoiceActivity.FRAME_MS);

    @Override
    public String name(String language) {
        ModelFolder folder = shelf.find(language);
        return folder == null ? "no model" : folder.name() + ", here";
    }

    @Override
    public boolean supports(String language) {
        return shelf.find(language) != null;
    }

    /** Loads a language's model, so that the first clip need not wait. */
    public void warm(String language) {
        if (supports(language)) {
            Loaded model = load(language);
            try (SpeechModel.Heard heard = model.model.hear(Sound.of(new short[Sound.RATE]))) {
                heard.begin(List.of(Vocabulary.BEGIN)).close();
            }
        }
    }

    synchronized Loaded load(String tag) {
        String language = Locale.forLanguageTag(tag).getLanguage();
        Loaded known = loaded.get(language);
        if (known != null) {
            return known;
        }
        ModelFolder folder = shelf.find(language);
        if (folder == null) {
            throw new SaltDrumException("There is no speech model for “" + language + "”.");
        }
        String trouble = folder.trouble();
        if (trouble != null) {
            shelf.trouble(language, trouble);
            throw new SaltDrumException(shelf.trouble(language));
        }
        try {
            loadActivity();
            Loaded model = new Loaded(
                    new SpeechModel(environment, folder, CORES), new Vocabulary(folder.file(ModelFolder.VOCABULARY)));
            loaded.put(language, model);
            return model;
        } catch (SaltDrumException e) {
            shelf.trouble(language, e.getMessage());
            throw e;
        }
    }

    private synchronized void loadActivity() {
        environment = environment == null ? OnnxRuntime.environment(shelf.libraries()) : environment;
        if (activity == null) {
            activity = OnnxRuntime.open(environment, shelf.activity(), 1);
        }
    }

    /** Whether somebody speaks in a sound; it is listened to only until that is certain. */
    public boolean hasSpeech(Sound sound) {
        loadActivity();
        VoiceActivity voice = new VoiceActivity(environment, activity, sound);
        int spoken = 0;
        while (voice.hasNext() && spoken < LEAST_SPOKEN) {
            spoken += voice.next() >= Pieces.ON ? 1 : 0;
        }
        return spoken >= LEAST_SPOKEN;
    }

    /** While the words of one piece are placed, the next is heard. */
    @Override
    public void recognise(Sound sound, Asked asked, Consumer<Heard> heard, BooleanSupplier stopped) {
        Loaded model = load(asked.language());
        TermTree terms = new TermTree(asked.terms(), model.vocabulary);
        Listener listener = new Listener(model, terms, turns, asked.twice());
        Pieces pieces = new Pieces(new VoiceActivity(environment, activity, sound), sound.lengthMs());
        PieceJoiner seams = new PieceJoiner(asked.terms());
        List<Range> partly = new ArrayList<>();
        try (Prefetch<List<Listener.Utterance>> ahead = new Prefetch<>(
                () -> {
                    Pieces.Piece piece = stopped.getAsBoolean() ? null : pieces.next();
                    return piece == null ? null : listener.hear(sound, piece, stopped);
                },
                "listening")) {
            for (List<Listener.Utterance> next = ahead.next(); next != null; next = ahead.next()) {
                if (stopped.getAsBoolean()) {
                    return;
                }
                for (Listener.Utterance said : next) {
                    seams.add(placed(sound, said, asked.language()));
                    if (said.partly()) {
                        partly.add(new Range(said.fromMs(), said.toMs()));
                    }
                }
                int toMs = next.isEmpty() ? 0 : next.get(next.size() - 1).toMs();
                heard.accept(new Heard(toMs, seams.words(), partly));
            }
        }
    }

    private List<HeardWord> placed(Sound sound, Listener.Utterance said, String language) {
        List<HeardWord> words = new ArrayList<>();
        if (said.words().isEmpty()) {
            return words;
        }
        Sound part = sound.part(said.fromMs(), said.toMs());
        List<String> tokens = said.words().stream().map(Listener.Said::text).toList();
        List<Word> placed = placer.place(part, tokens, language);
        for (int i = 0; i < placed.size(); i++) {
            Word word = placed.get(i);
            Listener.Said it = said.words().get(i);
            words.add(new HeardWord(
                    new Word(
                            i + 1L,
                            it.text(),
                            said.fromMs() + word.startMs(),
                            said.fromMs() + word.endMs(),
                            it.confidence(),
                            WordSource.RECOGNISED,
                            0,
                            Pin.FREE),
                    it.readings()));
        }
        return words;
    }
}
