package saltdrum.server.store.media;

import saltdrum.core.SaltDrumException;

/** The media store fails; the request itself is valid. */
public final class MediaStoreException extends SaltDrumException {
    MediaStoreException(String message) {
        super(message);
    }
}
