package saltdrum.media.mp4;

/** The films cannot be joined; the caller has to make the whole again. */
public final class NotJoinableException extends RuntimeException {
    public NotJoinableException(String why) {
        super(why);
    }
}
