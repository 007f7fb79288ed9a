package saltdrum.server.store.media;

import java.io.InputStream;
import java.nio.file.Path;
import java.util.Set;

/**
 * Permanent storage of media by their SHA-256: a folder or an S3 store. Writes are atomic. Errors are thrown as
 * {@link java.io.UncheckedIOException}.
 */
interface MediaPlace {
    /** What takes long of putting a file there, before anybody has to wait for it. */
    void prepare(String hash, Path file);

    /** Puts a file there, unless it is; the file stays where it is, or is moved. */
    void put(String hash, Path file);

    /** A file on this machine with those bytes, brought here if need be. For a folder it may be missing. */
    Path file(String hash);

    boolean has(String hash);

    /** Where it is, as a person names it. */
    String where();

    /** Number of bytes. */
    long size(String hash);

    /** What comes from a byte on, as a stream; of a file that is elsewhere no more is brought than is read. */
    InputStream from(String hash, long first);

    void remove(String hash);

    /** Of every file that is there. */
    Set<String> all();
}
