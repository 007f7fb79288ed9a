package saltdrum.server.store.track;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** The newest tracks, so that an edit need not read 6,000 words; trusted only at the database's own version. */
final class TrackCache {
    private static final int MOST = 32;

    private final Map<String, StoredTrack> tracks = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, StoredTrack> eldest) {
            return size() > MOST;
        }
    });

    StoredTrack get(String id) {
        return tracks.get(id);
    }

    void put(String id, StoredTrack track) {
        tracks.put(id, track);
    }

    void remove(String id) {
        tracks.remove(id);
    }
}
