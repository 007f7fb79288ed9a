package saltdrum.server.packed;

import java.util.List;
import saltdrum.core.cue.Track;
import saltdrum.core.delivery.WorkStep;
import saltdrum.core.merge.Change;
import saltdrum.core.stored.StoredForm;

/**
 * The manifest of a clip package; the files are entries of the same ZIP.
 *
 * @param client null for the workshop's own
 * @param sound the chosen one, as {@code SoundChoice} writes it
 * @param media name of the entry with the footage
 * @param tracks the clip's own first
 * @param styles every style that a track or a step of its history refers to
 */
record PackageManifest(
        String name,
        String client,
        String sound,
        String media,
        List<PackedTrack> tracks,
        List<PackedStyle> styles,
        List<PackedFile> fonts,
        List<PackedFile> stickers,
        List<PackedFile> pictures) {
    static final StoredForm<PackageManifest> FORM = StoredForm.of("clip package", PackageManifest.class);

    record PackedTrack(boolean translation, Track track, List<PackedStep> steps) {}

    /** @param made ISO 8601 */
    record PackedStep(String said, Change change, WorkStep step, boolean undone, String made) {}

    /** @param style as a style file, including its form number */
    record PackedStyle(String name, int version, String style) {}

    /**
     * A file that is named in tracks or styles.
     *
     * @param entry in the ZIP
     * @param named as tracks and styles call it; {@code about} what a person wrote of it
     */
    record PackedFile(String entry, String named, String about) {}
}
