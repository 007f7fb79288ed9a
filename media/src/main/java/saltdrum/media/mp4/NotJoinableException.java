package saltdrum.media.mp4;

/** Films do not fit together as they would have to; whoever wanted it makes the whole anew. */
public final class NotJoinableException extends RuntimeException {
    public NotJoinableException(String why) {
        super(why);
    }
}
