package saltdrum.server.api.job;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.MayBeMissing;
import saltdrum.core.SaltDrumException;
import saltdrum.core.cue.Recipe;
import saltdrum.core.edit.BreakEdit.Rebreak;
import saltdrum.core.edit.Edit;
import saltdrum.core.edit.FrameEdit.Restyle;
import saltdrum.core.style.StyleShelf;
import saltdrum.core.text.Quoted;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.store.track.TrackVersion;

/** Applies one change to many clips. Each clip gets its own history step, which is undone separately. */
@Tag(name = "clips")
@RestController
@RequestMapping("/api/clips")
class BatchController {
    private static final int MOST_CLIPS = 500;

    private final ClipStore clips;
    private final TrackStore tracks;
    private final StyleShelf styles;

    BatchController(ClipStore clips, TrackStore tracks, StyleShelf styles) {
        this.clips = clips;
        this.tracks = tracks;
        this.styles = styles;
    }

    /** @param style a style for the whole of each, or {@code recipe} that its words are broken by; one of the two */
    record ManyRequest(List<String> clips, @MayBeMissing String style, @MayBeMissing Recipe recipe)
            implements FromOutside {}

    /**
     * @param left clips that could not be changed and why, a sentence each
     * @param lockedCues of the clips that were changed: these stay as they were
     */
    record ManyView(int changed, List<String> left, int lockedCues) {}

    @Operation(summary = "Gives many clips one style, or breaks their words by one recipe")
    @PostMapping("/many")
    ManyView change(@RequestBody ManyRequest request) {
        if (request.clips().isEmpty() || request.clips().size() > MOST_CLIPS) {
            throw new BadInputException("Choose 1 to " + MOST_CLIPS + " clips.");
        }
        if ((request.style() == null) == (request.recipe() == null)) {
            throw new BadInputException("Choose a style or a recipe, not both.");
        }
        Edit edit = request.style() == null
                ? new Rebreak(request.recipe(), false)
                : new Restyle(styles.get(request.style()).name());
        List<ClipRow> all =
                new LinkedHashSet<>(request.clips()).stream().map(clips::get).toList();
        List<String> left = new ArrayList<>();
        int locked = 0;
        for (ClipRow clip : all) {
            try {
                locked += tracks.change(clip.id(), TrackVersion.NEWEST, edit)
                        .after()
                        .track()
                        .lockedCues();
            } catch (SaltDrumException refused) {
                left.add(Quoted.of(clip.name()) + ": " + refused.getMessage());
            }
        }
        return new ManyView(all.size() - left.size(), left, locked);
    }
}
