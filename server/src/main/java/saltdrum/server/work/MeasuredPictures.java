package saltdrum.server.work;

import java.util.Map;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import saltdrum.core.LruMap;
import saltdrum.core.check.PictureText;
import saltdrum.core.check.light.FramedLight;
import saltdrum.core.check.light.LightSamples;
import saltdrum.core.cue.Bars;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.cue.Size;
import saltdrum.media.clip.PictureLight;
import saltdrum.media.paint.BarsPicture;
import saltdrum.server.store.clip.ClipMeasurements;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.store.style.PictureStore;

/** The measured pictures of clips, in their frames. The last ones are cached. */
@Component
class MeasuredPictures {
    private static final int MOST_KEPT = 64;
    private static final int BARS_SIDE = 144;

    private final MediaStore media;
    private final PictureStore pictures;

    private final Map<String, LightSamples> samples = LruMap.of(MOST_KEPT);
    private final Map<String, PictureText> texts = LruMap.of(MOST_KEPT);
    private final Map<Object, FramedLight> framed = LruMap.of(MOST_KEPT);

    MeasuredPictures(MediaStore media, PictureStore pictures) {
        this.media = media;
        this.pictures = pictures;
    }

    /** The finished picture under the captions; null where it was not measured. */
    FramedLight light(ClipMeasurements measured, Frame frame, FrameLayout layout) {
        if (measured.lightHash() == null) {
            return null;
        }
        record Key(String hash, Frame frame, FrameLayout layout) {}
        return known(framed, new Key(measured.lightHash(), frame, layout), () -> {
            LightSamples clip = samples(measured.lightHash());
            return new FramedLight(clip, bars(frame, layout), frame, layout);
        });
    }

    /** Whether captions are in the picture already; null where it was not measured. */
    PictureText captionsIn(ClipMeasurements measured) {
        return measured.lightHash() == null
                ? null
                : known(texts, measured.lightHash(), () -> PictureText.of(samples(measured.lightHash())));
    }

    private LightSamples samples(String hash) {
        return known(samples, hash, () -> PictureLight.open(media.file(hash)));
    }

    private LightSamples bars(Frame frame, FrameLayout layout) {
        if (frame.bars().kind() != Bars.Kind.PICTURE || frame.bars().picture() == null) {
            return null;
        }
        double scale = (double) BARS_SIDE
                / Math.min(layout.output().width(), layout.output().height());
        Size small = new Size((int) Math.round(layout.output().width() * scale), (int)
                Math.round(layout.output().height() * scale));
        return PictureLight.of(
                BarsPicture.png(frame, small, pictures.bytes(frame.bars().picture())));
    }

    private static <K, V> V known(Map<K, V> all, K key, Supplier<V> make) {
        V known = all.get(key);
        if (known == null) {
            known = make.get();
            all.put(key, known);
        }
        return known;
    }
}
