package saltdrum.server.store;

import saltdrum.core.SaltDrumException;

/** The requested object does not exist. */
public final class NotFoundException extends SaltDrumException {
    public NotFoundException(String message) {
        super(message);
    }
}
