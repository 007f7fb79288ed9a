package saltdrum.core;

/** An edit that the track cannot take, for example on a locked cue. The track is as it was. */
public class RefusedEditException extends SaltDrumException {
    public RefusedEditException(String message) {
        super(message);
    }
}
