package saltdrum.server.store.track;

/**
 * The version of a track that a change is based on.
 *
 * @param number the track's version; -1 to apply it to the newest
 * @param incarnation which of the tracks that have had this id; null if the client does not send it
 */
public record TrackVersion(long number, String incarnation) {
    public static final TrackVersion NEWEST = of(-1);

    public static TrackVersion of(long number) {
        return new TrackVersion(number, null);
    }

    boolean isNewest() {
        return number < 0;
    }

    boolean isBefore(StoredTrack track) {
        return number < track.version() && (incarnation == null || incarnation.equals(track.incarnation()));
    }

    boolean isOf(StoredTrack track) {
        return number == track.version() && (incarnation == null || incarnation.equals(track.incarnation()));
    }
}
