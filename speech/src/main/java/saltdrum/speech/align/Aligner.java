package saltdrum.speech.align;

import edu.cmu.sphinx.frontend.Data;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.core.BadInputException;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.speech.SpeechResult;
import saltdrum.speech.model.AcousticModel;
import saltdrum.speech.model.Features;
import saltdrum.speech.model.Pronunciations;
import saltdrum.speech.spoken.SpokenForm;

/** Places the words of an English script on its sound. One at a time; the model is shared. */
public final class Aligner {
    private static final double[] BEAMS = {300, 3000};

    /** A frame's window is 25.6 ms long; an edge between two frames lies this far after the later frame's start. */
    private static final int EDGE_MS = 8;

    private static final int LEAST_WORD_MS = 20;

    private final AcousticModel model;
    private final SpokenForm spokenForm = new SpokenForm();

    public Aligner(AcousticModel model) {
        this.model = model;
    }

    /**
     * @param samples 16 kHz mono from clip time 0
     * @param tokens the script's written words, at least one
     * @param progress gets 0 to 1
     * @throws BadInputException when nothing of the script can be said or the sound is too short for it
     */
    public synchronized SpeechResult align(
            short[] samples, List<String> tokens, DoubleConsumer progress, BooleanSupplier stopped) {
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
        model.reset();
        List<Data> features = Features.of(samples, model);
        Graph graph = new Graph(ways, model);
        List<Viterbi.Span> spans = null;
        for (double beam : BEAMS) {
            spans = features.isEmpty() ? null : new Viterbi(graph).best(features, beam, progress, stopped);
            if (spans != null) {
                break;
            }
        }
        if (spans == null) {
            throw new BadInputException("The script has " + tokens.size() + " words and the sound is only "
                    + samples.length / 16 + " ms long. Check that script and clip belong together.");
        }
        progress.accept(1);
        return result(tokens, tokenOf, spans, samples.length / 16);
    }

    private static SpeechResult result(
            List<String> tokens, List<Integer> tokenOf, List<Viterbi.Span> spans, int lengthMs) {
        int[] start = new int[tokens.size()];
        int[] end = new int[tokens.size()];
        java.util.Arrays.fill(start, -1);
        List<SpeechResult.Silence> silences = new ArrayList<>();
        for (Viterbi.Span span : spans) {
            int from = span.fromFrame() == 0 ? 0 : span.fromFrame() * Features.FRAME_MS + EDGE_MS;
            int to = Math.min(lengthMs, span.toFrame() * Features.FRAME_MS + EDGE_MS);
            if (span.segment() == Graph.SILENCE) {
                silences.add(new SpeechResult.Silence(from, to));
            } else {
                int token = tokenOf.get(span.segment());
                start[token] = start[token] < 0 ? from : start[token];
                end[token] = Math.max(to, from + 1);
            }
        }
        return new SpeechResult(place(tokens, start, end, lengthMs), silences);
    }

    /** Words that are not said aloud (a dash) share the room after their neighbour, and are marked estimated. */
    private static List<Word> place(List<String> tokens, int[] start, int[] end, int lengthMs) {
        List<Word> words = new ArrayList<>();
        for (int t = 0; t < tokens.size(); t++) {
            if (start[t] >= 0) {
                words.add(Word.of(t + 1L, tokens.get(t), start[t], end[t], WordSource.ALIGNED));
                continue;
            }
            int floor = words.isEmpty() ? 0 : words.get(words.size() - 1).endMs();
            int next = t + 1;
            while (next < tokens.size() && start[next] < 0) {
                next++;
            }
            int ceiling = next < tokens.size() ? start[next] : Math.max(lengthMs, floor + 1);
            if (ceiling - floor < LEAST_WORD_MS && !words.isEmpty()) {
                Word before = words.remove(words.size() - 1);
                floor = Math.max(
                        before.startMs() + 1, before.endMs() - Math.min(LEAST_WORD_MS, before.durationMs() / 2));
                words.add(before.withTime(before.startMs(), floor));
            }
            int until = Math.min(ceiling, floor + 120);
            if (until > floor) {
                words.add(new Word(
                        t + 1L,
                        tokens.get(t),
                        floor,
                        until,
                        0.3,
                        WordSource.ESTIMATED,
                        0,
                        saltdrum.core.word.Pin.FREE));
            }
        }
        return words;
    }
}
