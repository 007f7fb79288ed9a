package saltdrum.server.api.clip;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.server.store.clip.ClientStore;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.style.StyleStore;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.store.track.TrackVersion;
import saltdrum.server.work.ClientZones;

/** Whose clip it is. */
@Tag(name = "clips")
@RestController
@RequestMapping("/api/clips/{clipId}/client")
class ClipClientController {
    private final ClipStore clips;
    private final ClientStore clients;
    private final TrackStore tracks;
    private final StyleStore styles;
    private final ClientZones zones;

    ClipClientController(
            ClipStore clips, ClientStore clients, TrackStore tracks, StyleStore styles, ClientZones zones) {
        this.clips = clips;
        this.clients = clients;
        this.tracks = tracks;
        this.styles = styles;
        this.zones = zones;
    }

    /** A clip without a style takes the default style of its client's clips. */
    private void startAsItsClientDoes(String clipId, Long clientId) {
        String style = clientId == null ? null : clients.style(clientId);
        // Choosing a style always sets a version.
        boolean unstyled = tracks.get(clipId).track().styling().version() == 0;
        if (style != null && unstyled) {
            tracks.change(clipId, TrackVersion.NEWEST, styles.restyle(style));
        }
    }

    record ClientRequest(Long clientId) {}

    @Operation(summary = "Says whose clip it is; null for the workshop's own")
    @PutMapping
    ClipView belongTo(@PathVariable String clipId, @RequestBody ClientRequest request) {
        clients.check(request.clientId());
        clips.belongTo(clips.get(clipId).id(), request.clientId());
        zones.ofClip(clipId);
        startAsItsClientDoes(clipId, request.clientId());
        return ClipView.of(clips.listed(clipId));
    }
}
