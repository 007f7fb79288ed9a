package saltdrum.speech.neural;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import ai.onnxruntime.TensorInfo;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.FloatBuffer;
import java.nio.LongBuffer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntPredicate;
import saltdrum.core.SaltDrumException;
import saltdrum.core.sound.Sound;

/**
 * A model of the Moonshine family: an encoder that hears a piece of sound once, and a decoder that says which token comes
 * next after those said so far. How many layers and heads it has is read from the decoder's own inputs. Several threads
 * may use it at once.
 */
final class SpeechModel implements AutoCloseable {
    private final OrtEnvironment environment;
    private final OrtSession encoder;
    private final OrtSession decoder;
    private final int layers;
    private final int heads;
    private final int width;

    SpeechModel(OrtEnvironment environment, ModelFolder folder, int threads) {
        this.environment = environment;
        encoder = OnnxRuntime.open(environment, folder.file(ModelFolder.ENCODER), threads);
        // Its steps are too small to be shared out.
        decoder = OnnxRuntime.open(environment, folder.file(ModelFolder.DECODER), 1);
        try {
            layers = (int) decoder.getInputNames().stream()
                    .filter(name -> name.endsWith(".decoder.key"))
                    .count();
            long[] shape = ((TensorInfo)
                            decoder.getInputInfo().get(past(0, "decoder.key")).getInfo())
                    .getShape();
            heads = (int) shape[1];
            width = (int) shape[3];
        } catch (OrtException | NullPointerException e) {
            throw new SaltDrumException(
                    "The decoder in " + folder.path() + " is not of a supported family of models.", e);
        }
    }

    private static String past(int layer, String what) {
        return "past_key_values." + layer + "." + what;
    }

    /** What was heard of one piece; to be closed. */
    Heard hear(Sound piece) {
        short[] samples = piece.samples();
        ByteBuffer bytes = ByteBuffer.allocateDirect(4 * samples.length).order(ByteOrder.nativeOrder());
        FloatBuffer floats = bytes.asFloatBuffer();
        for (short sample : samples) {
            floats.put(sample / 32768f);
        }
        floats.flip();
        try (OnnxTensor in = OnnxTensor.createTensor(environment, floats, new long[] {1, samples.length})) {
            OrtSession.Result result = encoder.run(Map.of("input_values", in));
            return new Heard(result);
        } catch (OrtException e) {
            throw new SaltDrumException("A piece of sound could not be recognised: " + e.getMessage(), e);
        }
    }

    @Override
    public void close() {
        try {
            encoder.close();
            decoder.close();
        } catch (OrtException e) {
            throw new SaltDrumException("The speech model could not be closed: " + e.getMessage(), e);
        }
    }

    /** A piece as the encoder heard it, and the parts of the decoder's memory that depend on nothing else. */
    final class Heard implements AutoCloseable {
        private final OrtSession.Result encoded;
        private final OnnxTensor hidden;
        private final Map<String, OnnxTensor> memory = new HashMap<>();
        private final List<AutoCloseable> owned = new ArrayList<>();

        private Heard(OrtSession.Result encoded) {
            this.encoded = encoded;
            this.hidden = (OnnxTensor) encoded.get(0);
        }

        /**
         * The first step of one path.
         *
         * @param tokens said so far, beginning with {@link Vocabulary#BEGIN}
         */
        Step begin(List<Integer> tokens) {
            try {
                Map<String, OnnxTensor> inputs = new HashMap<>();
                long[] ids = tokens.stream().mapToLong(t -> t).toArray();
                List<OnnxTensor> temporary = new ArrayList<>();
                try {
                    OnnxTensor in =
                            OnnxTensor.createTensor(environment, LongBuffer.wrap(ids), new long[] {1, ids.length});
                    temporary.add(in);
                    inputs.put("input_ids", in);
                    inputs.put("encoder_hidden_states", hidden);
                    OnnxTensor cached = OnnxTensor.createTensor(environment, new boolean[] {false});
                    temporary.add(cached);
                    inputs.put("use_cache_branch", cached);
                    for (int layer = 0; layer < layers; layer++) {
                        for (String what : List.of("decoder.key", "decoder.value", "encoder.key", "encoder.value")) {
                            OnnxTensor none = OnnxTensor.createTensor(
                                    environment, FloatBuffer.allocate(0), new long[] {0, heads, 1, width});
                            temporary.add(none);
                            inputs.put(past(layer, what), none);
                        }
                    }
                    OrtSession.Result result = decoder.run(inputs);
                    if (memory.isEmpty()) {
                        owned.add(result);
                        for (int layer = 0; layer < layers; layer++) {
                            for (String what : List.of("encoder.key", "encoder.value")) {
                                memory.put(past(layer, what), present(result, layer, what));
                            }
                        }
                    }
                    return new Step(result, 1, ids.length, owned.contains(result));
                } finally {
                    temporary.forEach(OnnxTensor::close);
                }
            } catch (OrtException e) {
                throw stumbled(e);
            }
        }

        /**
         * The next step of several paths at once.
         *
         * @param from the step that all of them come from; it stays open
         * @param parents which of its paths each comes from
         * @param tokens what each says next
         */
        Step next(Step from, int[] parents, int[] tokens) {
            int paths = tokens.length;
            List<OnnxTensor> temporary = new ArrayList<>();
            try {
                Map<String, OnnxTensor> inputs = new HashMap<>(memory);
                long[] ids = new long[paths];
                for (int i = 0; i < paths; i++) {
                    ids[i] = tokens[i];
                }
                OnnxTensor in = OnnxTensor.createTensor(environment, LongBuffer.wrap(ids), new long[] {paths, 1});
                temporary.add(in);
                inputs.put("input_ids", in);
                inputs.put("encoder_hidden_states", hidden);
                OnnxTensor cached = OnnxTensor.createTensor(environment, new boolean[] {true});
                temporary.add(cached);
                inputs.put("use_cache_branch", cached);
                boolean same = paths == from.paths;
                for (int i = 0; same && i < paths; i++) {
                    same = parents[i] == i;
                }
                for (int layer = 0; layer < layers; layer++) {
                    for (String what : List.of("decoder.key", "decoder.value")) {
                        OnnxTensor before = present(from.result, layer, what);
                        if (!same) {
                            before = gathered(before, parents);
                            temporary.add(before);
                        }
                        inputs.put(past(layer, what), before);
                    }
                }
                return new Step(decoder.run(inputs), paths, 1, false);
            } catch (OrtException e) {
                throw stumbled(e);
            } finally {
                temporary.forEach(OnnxTensor::close);
            }
        }

        private OnnxTensor gathered(OnnxTensor all, int[] parents) throws OrtException {
            long[] shape = all.getInfo().getShape();
            int size = (int) (shape[1] * shape[2] * shape[3]);
            FloatBuffer from = all.getFloatBuffer();
            FloatBuffer to = ByteBuffer.allocateDirect(4 * size * parents.length)
                    .order(ByteOrder.nativeOrder())
                    .asFloatBuffer();
            for (int i = 0; i < parents.length; i++) {
                to.put(i * size, from, parents[i] * size, size);
            }
            return OnnxTensor.createTensor(environment, to, new long[] {parents.length, shape[1], shape[2], shape[3]});
        }

        @Override
        public void close() {
            encoded.close();
            for (AutoCloseable one : owned) {
                ((OrtSession.Result) one).close();
            }
        }
    }

    private OnnxTensor present(OrtSession.Result result, int layer, String what) {
        return (OnnxTensor) result.get("present." + layer + "." + what).orElseThrow();
    }

    private static SaltDrumException stumbled(OrtException e) {
        return new SaltDrumException("A piece of sound could not be recognised: " + e.getMessage(), e);
    }

    /** What the decoder says after each of some paths. */
    static final class Step implements AutoCloseable {
        private final OrtSession.Result result;
        private final int paths;
        private final boolean kept;
        private final float[] scores;
        private final int tokens;

        private Step(OrtSession.Result result, int paths, int length, boolean kept) {
            this.result = result;
            this.paths = paths;
            this.kept = kept;
            FloatBuffer logits = ((OnnxTensor) result.get("logits").orElseThrow()).getFloatBuffer();
            tokens = logits.capacity() / (paths * length);
            scores = new float[paths * tokens];
            for (int p = 0; p < paths; p++) {
                logits.get((p * length + length - 1) * tokens, scores, p * tokens, tokens);
                normalise(p * tokens);
            }
        }

        private void normalise(int from) {
            float most = Float.NEGATIVE_INFINITY;
            for (int i = from; i < from + tokens; i++) {
                most = Math.max(most, scores[i]);
            }
            double sum = 0;
            for (int i = from; i < from + tokens; i++) {
                sum += Math.exp(scores[i] - most);
            }
            float log = most + (float) Math.log(sum);
            for (int i = from; i < from + tokens; i++) {
                scores[i] -= log;
            }
        }

        /** Log probability that a path goes on with a token. */
        float log(int path, int token) {
            return scores[path * tokens + token];
        }

        /** Probability that a path goes on with any of these tokens. */
        double share(int path, IntPredicate which) {
            double share = 0;
            for (int t = 0; t < tokens; t++) {
                float log = log(path, t);
                // Ten thousand tokens below this have no weight together.
                if (log > -14 && which.test(t)) {
                    share += Math.exp(log);
                }
            }
            return share;
        }

        /** The likeliest tokens after a path, the best first. */
        int[] best(int path, int count) {
            int[] best = new int[count];
            java.util.Arrays.fill(best, -1);
            for (int t = 0; t < tokens; t++) {
                float log = log(path, t);
                int at = count;
                while (at > 0 && (best[at - 1] < 0 || log(path, best[at - 1]) < log)) {
                    at--;
                }
                if (at < count) {
                    System.arraycopy(best, at, best, at + 1, count - 1 - at);
                    best[at] = t;
                }
            }
            return best;
        }

        @Override
        public void close() {
            if (!kept) {
                result.close();
            }
        }
    }
}
