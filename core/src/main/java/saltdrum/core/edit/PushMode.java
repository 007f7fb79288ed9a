package saltdrum.core.edit;

/** What happens to the neighbour when an edge or a word is moved. */
public enum PushMode {
    /** A neighbour that touches the moved edge follows it; one at a distance stops it. */
    FOLLOW,
    /** Only what was taken hold of moves; the neighbour stops it, and going away leaves a rest. */
    STOP,
    /** Neighbours in the way are pushed on, up to a locked cue or the clip's beginning. */
    PUSH
}
