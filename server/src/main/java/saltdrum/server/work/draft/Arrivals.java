package saltdrum.server.work.draft;

import java.nio.file.Path;
import org.springframework.stereotype.Component;
import saltdrum.core.cue.Track;
import saltdrum.core.style.ShippedStyles;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Probe;
import saltdrum.server.store.clip.ClientSettingsStore;
import saltdrum.server.store.clip.ClientStore;
import saltdrum.server.store.clip.ClipName;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.store.style.StyleStore;
import saltdrum.server.work.run.WorkOrder;
import saltdrum.server.work.run.Workers;

/** Clips that come in: each begins as its client wants it. */
@Component
public class Arrivals {
    private final ClipStore clips;
    private final ClientStore clients;
    private final ClientSettingsStore clientSettings;
    private final StyleStore styles;
    private final MediaStore media;
    private final Workers workers;
    private final FirstDrafts drafts;

    Arrivals(
            ClipStore clips,
            ClientStore clients,
            ClientSettingsStore clientSettings,
            StyleStore styles,
            MediaStore media,
            Workers workers,
            FirstDrafts drafts) {
        this.clips = clips;
        this.clients = clients;
        this.clientSettings = clientSettings;
        this.styles = styles;
        this.media = media;
        this.workers = workers;
        this.drafts = drafts;
    }

    /**
     * A file becomes a clip; a first draft of it is ordered where its client wants one.
     *
     * @param file taken away
     * @param fileName by which the clip is named
     * @param clientId null for the workshop's own
     * @return the clip's id
     * @throws saltdrum.core.BadInputException if it is no video
     */
    public String clip(Path file, String fileName, Long clientId) {
        clients.check(clientId);
        ClipInfo info = Probe.of(file);
        ClipRow row = clips.add(ClipName.of(fileName), media.keep(file), info, empty(clientId));
        if (clientId != null) {
            clips.belongTo(row.id(), clientId);
        }
        workers.order(row.id(), new WorkOrder.Prepare());
        drafts.atArrival(row.id());
        return row.id();
    }

    private Track empty(Long clientId) {
        String last = styles.lastUsed();
        Track empty = Track.empty("en", last == null ? ShippedStyles.FIRST : last);
        empty = empty.withFrame(
                empty.frame().withZones(clientSettings.of(clientId).zones()));
        String own = clientId == null ? null : clients.style(clientId);
        return own == null ? empty : styles.restyle(own).on(empty);
    }
}
