package saltdrum.speech.model;

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

/** Cepstral features, one every 10 ms of sound: feature n belongs to n × 10 ms. */
public final class Features {
    public static final int FRAME_MS = 10;

    private Features() {}

    /** @param samples 16 kHz mono */
    public static List<Data> of(short[] samples, AcousticModel model) {
        ByteBuffer bytes = ByteBuffer.allocate(samples.length * 2).order(ByteOrder.LITTLE_ENDIAN);
        bytes.asShortBuffer().put(samples);
        StreamDataSource source = new StreamDataSource(16_000, 3200, 16, false, true);
        source.setInputStream(new ByteArrayInputStream(bytes.array()));
        List<DataProcessor> chain = new ArrayList<>(List.of(
                source,
                new DataBlocker(10),
                new Preemphasizer(0.97),
                new RaisedCosineWindower(0.46, 25.625f, 10),
                new DiscreteFourierTransform(-1, false),
                model.cepstrum(),
                new BatchCMN(),
                new DeltasFeatureExtractor(3),
                model.featureTransform()));
        FrontEnd frontEnd = new FrontEnd(chain);
        frontEnd.initialize();
        List<Data> features = new ArrayList<>(samples.length / 160 + 1);
        for (Data data = frontEnd.getData(); data != null; data = frontEnd.getData()) {
            if (data instanceof FloatData) {
                features.add(data);
            } else if (data instanceof DataEndSignal) {
                break;
            }
        }
        return features;
    }
}
