package saltdrum.server.api.track;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.MayBeMissing;
import saltdrum.core.edit.Edit;
import saltdrum.core.edit.FrameEdit.Restyle;
import saltdrum.core.edit.FrameEdit.StyleOfPart;
import saltdrum.core.merge.MergedText;
import saltdrum.server.store.clip.ClientSettingsStore;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.style.StyleRow;
import saltdrum.server.store.style.StyleStore;
import saltdrum.server.store.track.HistoryRow;
import saltdrum.server.store.track.StoredChange;
import saltdrum.server.store.track.TrackHistory;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.store.track.TrackVersion;

@Tag(name = "track")
@RestController
@RequestMapping("/api/clips/{clipId}/track")
class TrackController {
    private final ClipStore clips;
    private final TrackStore tracks;
    private final TrackHistory history;
    private final ClientSettingsStore clientSettings;
    private final StyleStore styles;

    TrackController(
            ClipStore clips,
            TrackStore tracks,
            TrackHistory history,
            ClientSettingsStore clientSettings,
            StyleStore styles) {
        this.styles = styles;
        this.clips = clips;
        this.tracks = tracks;
        this.history = history;
        this.clientSettings = clientSettings;
    }

    /** A change names what it was made on. */
    private interface OnATrack {
        /** Of the track. */
        long version();

        /** Of that track; null from clients that do not send it. */
        String incarnation();

        default TrackVersion on() {
            return new TrackVersion(version(), incarnation());
        }
    }

    record EditRequest(long version, @MayBeMissing String incarnation, Edit edit) implements OnATrack, FromOutside {}

    record StepRequest(long version, @MayBeMissing String incarnation) implements OnATrack {}

    @GetMapping
    TrackView get(@PathVariable String clipId) {
        ClipRow clip = clips.get(clipId);
        return TrackView.of(
                tracks.get(clipId), history.steps(clipId), clip.info().size(), clientSettings.of(clip));
    }

    @Operation(
            summary =
                    "Makes one change, carried over later ones of other cues; 409 when others changed the same, 422 when it cannot be")
    @PostMapping("/edits")
    TrackPatch edit(@PathVariable String clipId, @RequestBody EditRequest request) {
        return patch(tracks.change(clipId, request.on(), pinned(request.edit())));
    }

    @PostMapping("/undo")
    TrackPatch undo(@PathVariable String clipId, @RequestBody StepRequest request) {
        return patch(history.undo(clipId, request.on()));
    }

    @PostMapping("/redo")
    TrackPatch redo(@PathVariable String clipId, @RequestBody StepRequest request) {
        return patch(history.redo(clipId, request.on()));
    }

    /**
     * @param base the original text
     * @param mine one edited version
     * @param theirs the other edited version
     */
    record MergeRequest(String base, String mine, String theirs) implements FromOutside {
        private static final int MOST = 2_000;

        MergeRequest {
            for (String text : List.of(base, mine, theirs)) {
                if (text.length() > MOST) {
                    throw new BadInputException("Texts of at most " + MOST + " characters can be merged.");
                }
            }
        }
    }

    record MergeAnswer(String text) {}

    @Operation(summary = "One text out of two that were made of the same one; nothing is changed")
    @PostMapping("/merged")
    MergeAnswer merged(@PathVariable String clipId, @RequestBody MergeRequest request) {
        return new MergeAnswer(MergedText.of(request.base(), request.mine(), request.theirs()));
    }

    @Operation(summary = "Every step of the history, the oldest first")
    @GetMapping("/history")
    List<HistoryRow> history(@PathVariable String clipId) {
        return history.history(clipId);
    }

    /** @param seq of the step that is to be the last done; 0 for the beginning */
    record GoToRequest(long version, @MayBeMissing String incarnation, long seq) implements OnATrack {}

    @Operation(summary = "Undoes or does again up to a step of the history")
    @PostMapping("/history")
    TrackPatch goTo(@PathVariable String clipId, @RequestBody GoToRequest request) {
        return patch(history.goTo(clipId, request.on(), request.seq()));
    }

    /** A style is there, and a track that takes it takes its present version. */
    private Edit pinned(Edit edit) {
        if (edit instanceof Restyle restyle) {
            int version = restyle.version() == null ? 0 : restyle.version();
            StyleRow row = styles.row(restyle.style(), version);
            styles.used(row.name());
            return new Restyle(row.name(), row.version(), restyle.keep());
        }
        if (edit instanceof StyleOfPart part) {
            StyleRow row = styles.row(part.style(), 0);
            styles.used(row.name());
            return part.withStyle(row.name());
        }
        return edit;
    }

    private TrackPatch patch(StoredChange change) {
        ClipRow clip = clips.get(change.after().id());
        return TrackPatch.of(change, history.steps(clip.id()), clip.info().size(), clientSettings.of(clip));
    }
}
