package saltdrum.server.api.clip;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.SaltDrumException;
import saltdrum.core.firstdraft.DraftSettings;
import saltdrum.core.text.Quoted;
import saltdrum.server.api.Audited;
import saltdrum.server.store.clip.ClientSettingsStore;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.style.StyleStore;
import saltdrum.server.store.watched.WatchedFault;
import saltdrum.server.store.watched.WatchedFileStore;
import saltdrum.server.work.draft.FirstDrafts;
import saltdrum.server.work.draft.WatchedFolder;
import saltdrum.speech.SpeechDesk;

/** What is done with clips that come in, and first drafts of those that are here. */
@Tag(name = "clients")
@RestController
@RequestMapping("/api")
class DraftController {
    private static final int MOST_CLIPS = 500;

    private final ClientSettingsStore clientSettings;
    private final StyleStore styles;
    private final SpeechDesk speech;
    private final ClipStore clips;
    private final FirstDrafts drafts;
    private final WatchedFolder watchedFolder;
    private final WatchedFileStore watchedFiles;

    DraftController(
            ClientSettingsStore clientSettings,
            StyleStore styles,
            SpeechDesk speech,
            ClipStore clips,
            FirstDrafts drafts,
            WatchedFolder watchedFolder,
            WatchedFileStore watchedFiles) {
        this.watchedFolder = watchedFolder;
        this.watchedFiles = watchedFiles;
        this.clientSettings = clientSettings;
        this.styles = styles;
        this.speech = speech;
        this.clips = clips;
        this.drafts = drafts;
    }

    @Operation(summary = "What is done with new clips of a client, or of the workshop")
    @GetMapping("/drafts/settings")
    DraftSettings settings(@RequestParam(required = false) Long client) {
        return clientSettings.of(client).draft();
    }

    @Audited("Settled what is done with new clips")
    @PutMapping("/drafts/settings")
    DraftSettings settle(@RequestParam(required = false) Long client, @RequestBody DraftSettings asked) {
        if (asked.style() != null) {
            styles.row(asked.style(), 0);
        }
        if (!speech.recognises(asked.language())) {
            throw new BadInputException(speech.refusal(asked.language()));
        }
        clientSettings.setDraft(client, asked);
        return settings(client);
    }

    @Operation(summary = "A client's new clips are treated as the workshop's; those of the workshop as is usual")
    @Audited("Took the usual treatment of new clips again")
    @DeleteMapping("/drafts/settings")
    DraftSettings usual(@RequestParam(required = false) Long client) {
        clientSettings.setDraft(client, null);
        return settings(client);
    }

    /**
     * The folder from which clips are taken.
     *
     * @param folder empty where none is watched
     * @param there whether it can be found
     * @param taken files that became clips
     * @param faults files that could not, the newest first
     */
    record WatchedView(String folder, boolean there, int taken, List<WatchedFault> faults) {}

    @Operation(summary = "The folder from which clips are taken, and files that could not be")
    @GetMapping("/drafts/watched")
    WatchedView watched() {
        Path folder = watchedFolder.folder();
        return folder == null
                ? new WatchedView("", false, 0, List.of())
                : new WatchedView(
                        folder.toString(), Files.isDirectory(folder), watchedFiles.taken(), watchedFiles.faults());
    }

    record DraftsRequest(List<String> clips) implements FromOutside {}

    /** @param left clips of which no draft can be made and why, a sentence each */
    record DraftsView(int ordered, List<String> left) {}

    @Operation(summary = "Orders first drafts of clips without words")
    @PostMapping("/clips/drafts")
    DraftsView order(@RequestBody DraftsRequest request) {
        if (request.clips().isEmpty() || request.clips().size() > MOST_CLIPS) {
            throw new BadInputException("Choose 1 to " + MOST_CLIPS + " clips.");
        }
        List<ClipRow> all =
                new LinkedHashSet<>(request.clips()).stream().map(clips::get).toList();
        List<String> left = new ArrayList<>();
        for (ClipRow clip : all) {
            try {
                drafts.order(clip.id());
            } catch (SaltDrumException refused) {
                left.add(Quoted.of(clip.name()) + ": " + refused.getMessage());
            }
        }
        return new DraftsView(all.size() - left.size(), left);
    }
}
