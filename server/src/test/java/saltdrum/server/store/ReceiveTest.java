package saltdrum.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.server.store.media.MediaStore;

/** What comes in has a most, whether or not it says how long it is. */
class ReceiveTest extends OnAStoredTrack {
    /** A body of unknown length was written to the disk up to 4 GB. */
    @Test
    void aBodyThatDoesNotSayItsLengthIsCutWhenItHasTooMuch() throws IOException {
        Path folder = media.workFile(".probe").getParent();
        assertThatThrownBy(() -> media.receive(endless(), -1, 3_000_000))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("larger than 3 MB");
        try (var left = Files.list(folder)) {
            assertThat(left).noneMatch(file -> file.toString().endsWith(".part"));
        }
    }

    @Test
    void aBodyThatSaysThatItIsLongerIsRefusedBeforeItIsRead() {
        InputStream unread = new InputStream() {
            @Override
            public int read() {
                throw new AssertionError("it was read");
            }
        };
        assertThatThrownBy(() -> media.receive(unread, MediaStore.MOST_BYTES + 1, MediaStore.MOST_BYTES))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("larger than 4 GB");
    }

    @Test
    void whatFitsComesInWhole() throws IOException {
        Path file = media.receive(new ByteArrayInputStream(new byte[3_000_000]), 3_000_000, 3_000_000);
        assertThat(file).hasSize(3_000_000);
        media.discard(file);
    }

    private static InputStream endless() {
        return new InputStream() {
            @Override
            public int read() {
                return 7;
            }

            @Override
            public int read(byte[] buffer, int from, int length) {
                return length;
            }
        };
    }
}
