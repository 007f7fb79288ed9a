package saltdrum.server.api.track;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.cue.SafeZones;
import saltdrum.core.parts.ValuePart;
import saltdrum.core.parts.ValueParts;
import saltdrum.server.api.Audited;
import saltdrum.server.store.clip.ClientSettingsStore;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.work.ClientZones;

/** Previews of frames, and the safe zones of phones. */
@Tag(name = "frames")
@RestController
@RequestMapping("/api")
class FrameController {
    private final ClipStore clips;
    private final ClientSettingsStore clientSettings;
    private final ClientZones clientZones;

    FrameController(ClipStore clips, ClientSettingsStore clientSettings, ClientZones clientZones) {
        this.clips = clips;
        this.clientSettings = clientSettings;
        this.clientZones = clientZones;
    }

    @Operation(summary = "Where everything would lie in a frame; nothing is kept")
    @PostMapping("/clips/{clipId}/frame/attempt")
    FrameLayout attempt(@PathVariable String clipId, @RequestBody Frame frame) {
        ClipRow clip = clips.get(clipId);
        return frame.withZones(clientSettings.of(clip).zones())
                .layout(clip.info().size());
    }

    @Operation(summary = "What a phone lays over the clips of a client, or of the workshop")
    @GetMapping("/zones")
    SafeZones zones(@RequestParam(required = false) Long client) {
        return clientSettings.of(client).zones();
    }

    @Operation(summary = "Values that can be set, with their ranges")
    @GetMapping("/zones/parts")
    List<ValuePart> zoneParts() {
        return ValueParts.parts(SafeZones.class);
    }

    @Audited("Settled the safe zones")
    @PutMapping("/zones")
    SafeZones setZones(@RequestParam(required = false) Long client, @RequestBody SafeZones zones) {
        clientSettings.setZones(client, zones);
        clientZones.ofAll();
        return zones(client);
    }

    @Operation(summary = "Reset to the defaults")
    @Audited("Took the usual safe zones again")
    @DeleteMapping("/zones")
    SafeZones usualZones(@RequestParam(required = false) Long client) {
        clientSettings.setZones(client, null);
        clientZones.ofAll();
        return zones(client);
    }
}
