package saltdrum.server.store;

import saltdrum.core.SaltDrumException;

/** The store that media lie in does not do what it is asked; nothing is wrong with what was asked. */
public final class MediaStoreException extends SaltDrumException {
    MediaStoreException(String message) {
        super(message);
    }
}
