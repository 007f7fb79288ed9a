package saltdrum.speech.neural;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import java.nio.FloatBuffer;
import java.nio.LongBuffer;
import java.util.Map;
import saltdrum.core.SaltDrumException;
import saltdrum.core.sound.Sound;

/** How likely each 32 ms of a sound are speech, one after the other. */
final class VoiceActivity {
    static final int FRAME = 512;
    static final double FRAME_MS = FRAME * 1000.0 / Sound.RATE;
    private static final int CONTEXT = 64;
    private static final int STATE = 2 * 128;

    private final OrtEnvironment environment;
    private final OrtSession session;
    private final Sound sound;
    private float[] state = new float[STATE];
    private int frame;

    VoiceActivity(OrtEnvironment environment, OrtSession session, Sound sound) {
        this.environment = environment;
        this.session = session;
        this.sound = sound;
    }

    boolean hasNext() {
        return (long) frame * FRAME < sound.length();
    }

    /** Of the next frame, 0 to 1. */
    float next() {
        int from = frame++ * FRAME;
        short[] samples = sound.samples(from - CONTEXT, from + FRAME);
        float[] input = new float[samples.length];
        for (int i = 0; i < samples.length; i++) {
            input[i] = samples[i] / 32768f;
        }
        try (OnnxTensor in =
                        OnnxTensor.createTensor(environment, FloatBuffer.wrap(input), new long[] {1, input.length});
                OnnxTensor before =
                        OnnxTensor.createTensor(environment, FloatBuffer.wrap(state), new long[] {2, 1, 128});
                OnnxTensor rate =
                        OnnxTensor.createTensor(environment, LongBuffer.wrap(new long[] {Sound.RATE}), new long[0]);
                OrtSession.Result result = session.run(Map.of("input", in, "state", before, "sr", rate))) {
            FloatBuffer after = ((OnnxTensor) result.get("stateN").orElseThrow()).getFloatBuffer();
            state = new float[STATE];
            after.get(state);
            return ((OnnxTensor) result.get("output").orElseThrow())
                    .getFloatBuffer()
                    .get(0);
        } catch (OrtException e) {
            throw new SaltDrumException("Voice activity could not be measured: " + e.getMessage(), e);
        }
    }
}
