package saltdrum.media.mp4;

import java.io.IOException;
import java.nio.channels.FileChannel;

/** Bytes of a film, as they are. */
final class SampleBytes {
    private SampleBytes() {}

    static void copy(FileChannel from, long at, long count, FileChannel to) throws IOException {
        long end = at + count;
        for (long start = at; start < end; ) {
            long copied = from.transferTo(start, end - start, to);
            if (copied <= 0) {
                throw new NotJoinableException("it is shorter than it says");
            }
            start += copied;
        }
    }
}
