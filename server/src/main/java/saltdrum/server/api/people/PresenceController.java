package saltdrum.server.api.people;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.MayBeMissing;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.people.PresenceRow;
import saltdrum.server.store.people.PresenceStore;

@Tag(name = "presence")
@RestController
@RequestMapping("/api/clips/{clipId}/presence/{page}")
class PresenceController {
    private static final Pattern PAGE = Pattern.compile("[a-z0-9-]{8,40}");

    private final PresenceStore presence;
    private final ClipStore clips;

    PresenceController(PresenceStore presence, ClipStore clips) {
        this.presence = presence;
        this.clips = clips;
    }

    /**
     * @param cueId of the cue that is selected or typed in
     * @param typing whether something is being typed there
     */
    record PresenceRequest(@MayBeMissing Long cueId, boolean typing) implements FromOutside {}

    @Operation(summary = "A page says, every ten seconds, that it has the clip open; answers with the others")
    @PutMapping
    List<PresenceRow> here(
            @PathVariable String clipId, @PathVariable String page, @RequestBody PresenceRequest request) {
        if (!PAGE.matcher(page).matches()) {
            throw new BadInputException("A page is named by 8 to 40 small letters, digits and hyphens.");
        }
        return presence.seen(page, clips.get(clipId).id(), request.cueId(), request.typing());
    }

    @Operation(summary = "A page is closed or goes to another clip")
    @DeleteMapping
    void left(@PathVariable String clipId, @PathVariable String page) {
        presence.left(page);
    }
}
