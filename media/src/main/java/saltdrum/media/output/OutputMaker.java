package saltdrum.media.output;

import java.io.IOException;
import java.nio.file.Path;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.core.cue.Frame;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.pieces.PiecedBurn;

/**
 * How one kind of output is made, estimated and verified, and what is in it. To add an output, write a subclass and
 * name it in {@link OutputKind}.
 */
abstract class OutputMaker {
    /** Writes the file. @param progress gets 0 to 1 */
    abstract void write(Delivery delivery, Path out, DoubleConsumer progress, BooleanSupplier stopped);

    /** @return what the video is made of, if earlier pieces were looked for; otherwise null */
    PiecedBurn.Made make(Delivery delivery, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        write(delivery, out, progress, stopped);
        return null;
    }

    /** @return null where the size depends on what is painted */
    Estimate estimate(Delivery delivery) throws IOException {
        return null;
    }

    /** Adds the lines of the receipt that compare the file with its clip. */
    void verify(OutputVerifier verifier) {}

    /** Whether captions are in it in any way. */
    boolean captions() {
        return true;
    }

    /** Whether its captions look as the style does. */
    boolean styled() {
        return captions();
    }

    /** Whether one file holds all languages. */
    boolean allLanguages() {
        return false;
    }

    /** Whether it shows a picture, in a frame. */
    boolean framed() {
        return true;
    }

    /** Whether a video of H.264 is encoded, whose quality can be chosen. */
    boolean encoded() {
        return false;
    }

    /** Whether many frames have to be encoded, which takes long. */
    boolean encodesFrames(ClipInfo info, Frame frame, BurnOrder order) {
        return true;
    }

    /** Whether it can only be made from a clip with sound. */
    boolean needsSound() {
        return false;
    }
}
