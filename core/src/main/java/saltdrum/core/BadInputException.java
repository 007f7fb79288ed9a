package saltdrum.core;

/** A file or a value brought from outside cannot be used. */
public class BadInputException extends SaltDrumException {
    public BadInputException(String message) {
        super(message);
    }

    public BadInputException(String message, Throwable cause) {
        super(message, cause);
    }
}
