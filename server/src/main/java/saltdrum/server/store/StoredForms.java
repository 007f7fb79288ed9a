package saltdrum.server.store;

import java.util.List;
import saltdrum.core.check.Limits;
import saltdrum.core.check.Onsets;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.SafeZones;
import saltdrum.core.cue.TrackExtras;
import saltdrum.core.firstdraft.DraftSettings;
import saltdrum.core.look.LookPatch;
import saltdrum.core.look.Styling;
import saltdrum.core.merge.Change;
import saltdrum.core.recut.CarryOver;
import saltdrum.core.recut.CarryOverResult;
import saltdrum.core.stored.StoredForm;
import saltdrum.core.style.StyleFile;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.output.Receipt;
import saltdrum.media.pieces.PieceList;

/**
 * The JSON stored in the database, besides work orders ({@code WorkOrder.FORM}). Changing one of these records
 * requires an upgrade step here; the museum in the tests contains every earlier form.
 */
public final class StoredForms {
    static final StoredForm<ClipInfo> CLIP = StoredForm.of("clip", ClipInfo.class);
    static final StoredForm<Recipe> RECIPE = StoredForm.of("recipe", Recipe.class);
    static final StoredForm<Frame> FRAME = StoredForm.of("frame", Frame.class);
    static final StoredForm<TrackExtras> BESIDE = StoredForm.of("track", TrackExtras.class);
    public static final StoredForm<Change> CHANGE = StoredForm.of("history entry", Change.class);

    static final StoredForm<SafeZones> ZONES = StoredForm.of("safe zones", SafeZones.class);

    static final StoredForm<Receipt> RECEIPT = StoredForm.of("receipt", Receipt.class);

    static final StoredForm<PieceList> PIECES = StoredForm.of("list of pieces", PieceList.class);

    static final StoredForm<Limits> LIMITS = StoredForm.of("limits", Limits.class);

    static final StoredForm<DraftSettings> DRAFT = StoredForm.of("first draft", DraftSettings.class);

    static final StoredForm<Onsets> ONSETS = StoredForm.of("onsets", Onsets.class);

    static final StoredForm<CarryOver> CARRY = StoredForm.of("words for another cut", CarryOver.class);
    static final StoredForm<CarryOverResult> CARRIED = StoredForm.of("what became of words", CarryOverResult.class);

    static final StoredForm<Styling> STYLING = StoredForm.of("styling", Styling.class);
    static final StoredForm<LookPatch> LOOK = StoredForm.of("look", LookPatch.class);

    /** Every one that a column holds. */
    static final List<StoredForm<?>> COLUMNS = List.of(
            CLIP,
            RECIPE,
            FRAME,
            BESIDE,
            CHANGE,
            ZONES,
            LIMITS,
            DRAFT,
            ONSETS,
            RECEIPT,
            PIECES,
            STYLING,
            LOOK,
            CARRY,
            CARRIED,
            StyleFile.FORM);

    private StoredForms() {}
}
