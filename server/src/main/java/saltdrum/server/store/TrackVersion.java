package saltdrum.server.store;

/**
 * The state of a track that a change is made on.
 *
 * @param number the track's version; -1 for a change that is to go on top of the newest
 * @param incarnation which of the tracks that have had this id; null where whoever asks does not tell
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
