package saltdrum.media.output;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.Function;
import saltdrum.core.cue.Bars;
import saltdrum.core.cue.Frame;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.FrameGraph;
import saltdrum.media.paint.BarsPicture;

/** The picture from which ffmpeg cuts the bars of a frame. */
public final class BarsFile {
    private BarsFile() {}

    /**
     * Writes it to the file if the frame needs one.
     *
     * @param pictures the bytes of an added picture by its name; called only if the bars show one
     * @return the file, or null if the frame needs no picture
     */
    public static Path write(ClipInfo info, Frame frame, Function<String, byte[]> pictures, Path file) {
        if (!new FrameGraph(info, frame).wantsBarsPicture()) {
            return null;
        }
        Bars bars = frame.bars();
        byte[] own = bars.kind() == Bars.Kind.PICTURE ? pictures.apply(bars.picture()) : null;
        try {
            return Files.write(file, BarsPicture.png(frame, frame.output(info.size()), own));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
