package saltdrum.server.work;

import org.springframework.stereotype.Component;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.SafeZones;
import saltdrum.server.store.clip.ClientSettingsStore;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.store.track.TrackVersion;

/** Keeps what a phone covers in the frames of clips as their clients have it: places in the safe area depend on it. */
@Component
public class ClientZones {
    private final ClipStore clips;
    private final TrackStore tracks;
    private final ClientSettingsStore clientSettings;

    ClientZones(ClipStore clips, TrackStore tracks, ClientSettingsStore clientSettings) {
        this.clips = clips;
        this.tracks = tracks;
        this.clientSettings = clientSettings;
    }

    /** After the clip was given to another client. */
    public void ofClip(String clipId) {
        SafeZones zones = clientSettings.of(clips.get(clipId)).zones();
        Frame before = tracks.get(clipId).track().frame();
        if (!before.covered().equals(zones)) {
            tracks.change(
                    clipId,
                    TrackVersion.NEWEST,
                    track -> "What a phone covers",
                    track -> tracks.followed(
                            clipId, track, track.withFrame(track.frame().withZones(zones))));
        }
    }

    /** After the zones of a client, or of the workshop, changed. */
    public void ofAll() {
        clips.ids().forEach(this::ofClip);
    }
}
