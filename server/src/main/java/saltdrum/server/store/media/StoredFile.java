package saltdrum.server.store.media;

import java.io.IOException;
import java.io.InputStream;
import org.springframework.core.io.AbstractResource;

/** A stored file as a response body; a range request reads only that range. */
final class StoredFile extends AbstractResource {
    private final MediaPlace place;
    private final String hash;

    StoredFile(MediaPlace place, String hash) {
        this.place = place;
        this.hash = hash;
    }

    @Override
    public String getDescription() {
        return "media " + hash;
    }

    @Override
    public boolean exists() {
        return true;
    }

    @Override
    public long contentLength() {
        return place.size(hash);
    }

    @Override
    public InputStream getInputStream() {
        return new InputStream() {
            private long at;
            private InputStream in;

            /** Skipping before the first read only sets the start offset. */
            @Override
            public long skip(long bytes) throws IOException {
                if (in != null) {
                    return in.skip(bytes);
                }
                at += bytes;
                return bytes;
            }

            private InputStream opened() {
                if (in == null) {
                    in = place.from(hash, at);
                }
                return in;
            }

            @Override
            public int read() throws IOException {
                return opened().read();
            }

            @Override
            public int read(byte[] buffer, int from, int length) throws IOException {
                return opened().read(buffer, from, length);
            }

            @Override
            public void close() throws IOException {
                if (in != null) {
                    in.close();
                }
            }
        };
    }
}
