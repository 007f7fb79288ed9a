package saltdrum.speech.align;

import edu.cmu.sphinx.frontend.Data;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.core.BadInputException;
import saltdrum.core.SaltDrumException;
import saltdrum.core.sound.Sound;
import saltdrum.core.spoken.SpokenForm;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.speech.acoustic.AcousticModel;
import saltdrum.speech.acoustic.Features;
import saltdrum.speech.acoustic.Pronunciations;
import saltdrum.speech.placing.SpeechResult;

/** Places the words of an English script on its sound. One at a time; the model is shared. */
public final class Aligner {
    private static final double[] BEAMS = {300, 3000};

    /** Beams for words that were already heard nearby: a narrower search finds them and costs less. */
    private static final double[] HEARD_BEAMS = {150, 600, 3000};

    /** A frame's window is 25.6 ms long; an edge between two frames is this long after the later frame's start. */
    private static final int EDGE_MS = 4;

    private static final int LEAST_WORD_MS = 20;

    private static final int UNSPOKEN_MS = 120;

    /** Shorter than any syllable that a listener would miss. Common practice, no source. */
    private static final int LEAST_SPEECH_MS = 150;

    /**
     * A word that is not spoken is pressed into fewer frames than anyone speaks and scores far below the best of all
     * phones: frames a phone, nats a frame. Tuned on the corpus, see docs/decisions/0005-alignment.md.
     */
    private static final double SQUEEZED_FRAMES = 4;

    private static final double SQUEEZED_SHORTFALL = 4;
    private static final double UNLIKE_SHORTFALL = 20;

    private final AcousticModel model;
    private final SpokenForm spokenForm = new SpokenForm();

    public Aligner(AcousticModel model) {
        this.model = model;
    }

    /**
     * A script, which may lack what is said and hold what is not.
     *
     * @param tokens the script's written words, at least one
     * @param progress gets 0 to 1
     * @throws BadInputException when nothing of the script can be said or the sound is too short for it
     */
    public SpeechResult align(Sound sound, List<String> tokens, DoubleConsumer progress, BooleanSupplier stopped) {
        return align(sound, tokens, true, progress, stopped);
    }

    /**
     * Words that were heard in a sound: each has its place, none is looked for in vain.
     *
     * @param tokens written words, at least one
     * @throws BadInputException when nothing of them can be said or the sound is too short for them
     */
    public SpeechResult place(Sound sound, List<String> tokens) {
        return align(sound, tokens, false, done -> {}, () -> false);
    }

    private SpeechResult align(
            Sound sound, List<String> tokens, boolean tolerant, DoubleConsumer progress, BooleanSupplier stopped) {
        short[] samples = sound.samples();
        List<List<String>> said = tokens.stream().map(spokenForm::of).toList();
        Map<String, List<List<String>>> known =
                Pronunciations.of(said.stream().flatMap(List::stream).toList());
        List<List<List<String>>> ways = new ArrayList<>();
        List<Integer> tokenOf = new ArrayList<>();
        for (int t = 0; t < said.size(); t++) {
            for (String word : said.get(t)) {
                if (known.containsKey(word)) {
                    ways.add(known.get(word));
                    tokenOf.add(t);
                }
            }
        }
        if (ways.isEmpty()) {
            throw new BadInputException("No word of the script can be spoken in English. Check the script's language.");
        }
        List<List<Viterbi.Span>> found = search(samples, ways, tolerant, progress, stopped);
        List<Viterbi.Span> strict = found.get(0);
        List<Viterbi.Span> free = tolerant ? found.get(1) : null;
        if (strict == null && free == null) {
            throw new BadInputException("The " + tokens.size() + " words of the script do not fit into the sound of "
                    + (int) sound.seconds() + " s. Check that script and clip belong together.");
        }
        progress.accept(1);
        return result(
                tokens,
                tokenOf,
                strict == null ? List.of() : strict,
                free == null ? strict : heard(free, ways),
                sound.lengthMs(),
                new Loudness(samples));
    }

    /**
     * The best path of each graph, null where none ended. The searches go side by side, so that what a frame
     * scores is worked out once for all of them.
     */
    private List<List<Viterbi.Span>> search(
            short[] samples,
            List<List<List<String>>> ways,
            boolean tolerant,
            DoubleConsumer progress,
            BooleanSupplier stopped) {
        synchronized (model) {
            model.reset();
            List<Graph> graphs = tolerant
                    ? List.of(new Graph(ways, model, false), new Graph(ways, model, true))
                    : List.of(new Graph(ways, model, false));
            return search(Features.of(samples, model), graphs, tolerant ? BEAMS : HEARD_BEAMS, progress, stopped);
        }
    }

    private List<List<Viterbi.Span>> search(
            List<Data> features, List<Graph> graphs, double[] beams, DoubleConsumer progress, BooleanSupplier stopped) {
        List<List<Viterbi.Span>> found = new ArrayList<>(Collections.nCopies(graphs.size(), null));
        for (double beam : features.isEmpty() ? new double[0] : beams) {
            Scores scores = new Scores(features, model);
            Map<Integer, Viterbi> searches = new TreeMap<>();
            for (int g = 0; g < graphs.size(); g++) {
                if (found.get(g) == null) {
                    searches.put(g, new Viterbi(graphs.get(g), scores, beam));
                }
            }
            for (int frame = 0; frame < features.size() && !searches.isEmpty(); frame++) {
                if (frame % 100 == 0) {
                    progress.accept((double) frame / features.size());
                    if (stopped.getAsBoolean()) {
                        throw new SaltDrumException("The alignment was stopped. The words were not changed.");
                    }
                }
                for (Viterbi search : searches.values()) {
                    search.advance(frame);
                }
            }
            searches.forEach((g, search) -> found.set(g, search.spans()));
        }
        return found;
    }

    /** The path without the words that are only squeezed in. */
    private static List<Viterbi.Span> heard(List<Viterbi.Span> spans, List<List<List<String>>> ways) {
        return spans.stream()
                .filter(span -> span.segment() < 0 || !squeezed(span, ways.get(span.segment())))
                .toList();
    }

    private static boolean squeezed(Viterbi.Span span, List<List<String>> ways) {
        int phones = ways.stream().mapToInt(List::size).min().orElse(1);
        return phones > 1 && span.frames() < SQUEEZED_FRAMES * phones && span.shortfall() > SQUEEZED_SHORTFALL
                || span.shortfall() > UNLIKE_SHORTFALL;
    }

    /** Where each token begins and ends, ms; -1 where no span is of it. */
    private record Places(int[] start, int[] end) {
        static Places of(List<Viterbi.Span> spans, List<Integer> tokenOf, int tokens, int lengthMs) {
            Places places = new Places(new int[tokens], new int[tokens]);
            java.util.Arrays.fill(places.start, -1);
            for (Viterbi.Span span : spans) {
                if (span.segment() >= 0) {
                    int token = tokenOf.get(span.segment());
                    int from = fromMs(span);
                    places.start[token] = places.start[token] < 0 ? from : places.start[token];
                    places.end[token] = Math.max(toMs(span, lengthMs), from + 1);
                }
            }
            return places;
        }
    }

    private static int fromMs(Viterbi.Span span) {
        return span.fromFrame() == 0 ? 0 : span.fromFrame() * Features.FRAME_MS + EDGE_MS;
    }

    private static int toMs(Viterbi.Span span, int lengthMs) {
        return Math.min(lengthMs, span.toFrame() * Features.FRAME_MS + EDGE_MS);
    }

    private static SpeechResult result(
            List<String> tokens,
            List<Integer> tokenOf,
            List<Viterbi.Span> strict,
            List<Viterbi.Span> spans,
            int lengthMs,
            Loudness loudness) {
        List<SpeechResult.Silence> silences = new ArrayList<>();
        List<SpeechResult.Unscripted> unscripted = new ArrayList<>();
        for (Viterbi.Span span : spans) {
            int from = fromMs(span);
            int to = toMs(span, lengthMs);
            if (span.segment() == Graph.SILENCE) {
                silences.add(new SpeechResult.Silence(from, to));
            } else if (span.segment() == Graph.OTHER_SPEECH
                    && to - from >= LEAST_SPEECH_MS
                    && loudness.speaks(from, to)) {
                unscripted.add(new SpeechResult.Unscripted(from, to, ""));
            }
        }
        Places found = Places.of(spans, tokenOf, tokens.size(), lengthMs);
        Places forced = Places.of(strict, tokenOf, tokens.size(), lengthMs);
        return new SpeechResult(place(tokens, found, forced, new HashSet<>(tokenOf), lengthMs), silences, unscripted);
    }

    /**
     * Words that were not found keep the place that a search which must find them gave, as far as their neighbours
     * allow. If that search failed they share the available room. A dash, which is not said aloud, gets the time
     * after its neighbour and is marked estimated.
     */
    private static List<Word> place(
            List<String> tokens, Places found, Places forced, Set<Integer> sayable, int lengthMs) {
        List<Word> words = new ArrayList<>();
        for (int t = 0; t < tokens.size(); t++) {
            if (found.start[t] >= 0) {
                words.add(Word.of(t + 1L, tokens.get(t), found.start[t], found.end[t], WordSource.ALIGNED));
                continue;
            }
            int floor = words.isEmpty() ? 0 : words.get(words.size() - 1).endMs();
            int next = t + 1;
            while (next < tokens.size() && found.start[next] < 0) {
                next++;
            }
            int ceiling = next < tokens.size() ? found.start[next] : Math.max(lengthMs, floor + 1);
            if (ceiling - floor < LEAST_WORD_MS && !words.isEmpty()) {
                Word before = words.remove(words.size() - 1);
                floor = Math.max(
                        before.startMs() + 1, before.endMs() - Math.min(LEAST_WORD_MS, before.durationMs() / 2));
                words.add(before.withTime(before.startMs(), floor));
            }
            boolean spoken = forced.start[t] >= 0;
            boolean lost = sayable.contains(t);
            // The words that still wait for this room need a millisecond each.
            int waiting = next - t - 1;
            int start = spoken ? Math.max(floor, Math.min(forced.start[t], ceiling - LEAST_WORD_MS)) : floor;
            int end = spoken ? Math.max(start + LEAST_WORD_MS, forced.end[t]) : start + UNSPOKEN_MS;
            start = Math.max(floor, Math.min(start, ceiling - waiting - 1));
            end = Math.max(start + 1, Math.min(end, ceiling - waiting));
            words.add(new Word(
                    t + 1L,
                    tokens.get(t),
                    start,
                    end,
                    lost ? 0.1 : 0.3,
                    lost ? WordSource.NOT_FOUND : WordSource.ESTIMATED,
                    0,
                    Pin.FREE));
        }
        return words;
    }
}
