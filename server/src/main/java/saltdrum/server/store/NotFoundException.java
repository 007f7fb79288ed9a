package saltdrum.server.store;

import saltdrum.core.SaltDrumException;

/** Something was asked for that is not here. */
public final class NotFoundException extends SaltDrumException {
    public NotFoundException(String message) {
        super(message);
    }
}
