package saltdrum.speech.acoustic;

import edu.cmu.sphinx.frontend.AutoCepstrum;
import edu.cmu.sphinx.frontend.Data;
import edu.cmu.sphinx.frontend.DataBlocker;
import edu.cmu.sphinx.frontend.DataEndSignal;
import edu.cmu.sphinx.frontend.DataProcessor;
import edu.cmu.sphinx.frontend.FloatData;
import edu.cmu.sphinx.frontend.FrontEnd;
import edu.cmu.sphinx.frontend.feature.BatchCMN;
import edu.cmu.sphinx.frontend.feature.DeltasFeatureExtractor;
import edu.cmu.sphinx.frontend.filter.Preemphasizer;
import edu.cmu.sphinx.frontend.transform.DiscreteFourierTransform;
import edu.cmu.sphinx.frontend.util.StreamDataSource;
import edu.cmu.sphinx.frontend.window.RaisedCosineWindower;
import java.io.ByteArrayInputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/** Cepstral features, one every 10 ms of sound: feature n belongs to n × 10 ms. */
public final class Features {
    public static final int FRAME_MS = 10;

    private Features() {}

    /** @param samples 16 kHz mono */
    public static List<Data> of(short[] samples, AcousticModel model) {
        List<DataProcessor> chain = cepstra(Dither.under(samples), model.cepstrum());
        chain.add(new BatchCMN());
        chain.add(new DeltasFeatureExtractor(3));
        chain.add(model.featureTransform());
        List<Data> features = new ArrayList<>(samples.length / 160 + 1);
        run(chain, data -> {
            if (data instanceof FloatData) {
                features.add(data);
            }
        });
        return features;
    }

    private static List<DataProcessor> cepstra(short[] samples, AutoCepstrum cepstrum) {
        ByteBuffer bytes = ByteBuffer.allocate(samples.length * 2).order(ByteOrder.LITTLE_ENDIAN);
        bytes.asShortBuffer().put(samples);
        StreamDataSource source = new StreamDataSource(16_000, 3200, 16, false, true);
        source.setInputStream(new ByteArrayInputStream(bytes.array()));
        List<DataProcessor> chain = new ArrayList<>(List.of(source, new DataBlocker(10)));
        chain.addAll(List.of(
                new Preemphasizer(0.97),
                new RaisedCosineWindower(0.46, 25.625f, 10),
                new DiscreteFourierTransform(-1, false),
                cepstrum));
        return chain;
    }

    private static void run(List<DataProcessor> chain, Consumer<Data> each) {
        FrontEnd frontEnd = new FrontEnd(chain);
        frontEnd.initialize();
        for (Data data = frontEnd.getData(); data != null; data = frontEnd.getData()) {
            each.accept(data);
            if (data instanceof DataEndSignal) {
                break;
            }
        }
    }
}
