package saltdrum.core;

/**
 * Something that cannot be done, said to the person who asked: what was wrong, what was kept, what to do. The message
 * is shown on the screen as it is.
 */
public class SaltDrumException extends RuntimeException {
    public SaltDrumException(String message) {
        super(message);
    }

    public SaltDrumException(String message, Throwable cause) {
        super(message, cause);
    }
}
