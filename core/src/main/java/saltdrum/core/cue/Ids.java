package saltdrum.core.cue;

/** Hands out the ids of a track, one after another. */
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
