package saltdrum.server.store;

import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import saltdrum.core.cue.Track;
import saltdrum.media.clip.ClipInfo;

/** Clips, each with its track. */
@Component
public class ClipStore {
    private final ClipMapper clips;
    private final TrackStore tracks;

    ClipStore(ClipMapper clips, TrackStore tracks) {
        this.clips = clips;
        this.tracks = tracks;
    }

    @Transactional
    public ClipRow add(String name, String mediaHash, ClipInfo info, Track empty) {
        String id = Ids.fresh();
        clips.add(id, name, mediaHash, info);
        tracks.create(id, empty);
        return clips.find(id);
    }

    public ClipRow get(String id) {
        ClipRow clip = clips.find(id);
        if (clip == null) {
            throw new NotFoundException("That clip is not here any more.");
        }
        return clip;
    }

    /** All, the newest first. */
    public List<ClipListRow> listed() {
        return clips.listed(null);
    }

    public ClipListRow listed(String id) {
        return clips.listed(id).stream()
                .findFirst()
                .orElseThrow(() -> new NotFoundException("That clip is not here any more."));
    }

    public void prepared(String id, String posterHash, String peaksHash, String proxyHash) {
        clips.prepared(id, posterHash, peaksHash, proxyHash);
    }

    /** Another sound is listened to; its speech is not heard yet. */
    public void listenTo(String id, String sound) {
        clips.listenTo(id, sound);
    }

    public void speech(String id, String hash) {
        clips.speech(id, hash);
    }

    /** @param clientId null for the workshop itself */
    public void belongTo(String id, Long clientId) {
        clips.belongTo(id, clientId);
    }

    @Transactional
    public void remove(String id) {
        if (clips.remove(id) == 0) {
            throw new NotFoundException("That clip is not here any more.");
        }
    }
}
