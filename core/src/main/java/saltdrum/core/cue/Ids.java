package saltdrum.core.cue;

/** Allocates the ids of a track. */
public final class Ids {
    private long next;

    public Ids(long next) {
        this.next = next;
    }

    public long next() {
        return next++;
    }

    public long peek() {
        return next;
    }
}
