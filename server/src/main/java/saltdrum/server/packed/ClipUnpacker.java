package saltdrum.server.packed;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.OffsetDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;
import saltdrum.core.look.Styling;
import saltdrum.core.merge.Change;
import saltdrum.core.merge.ConflictingChangeException;
import saltdrum.core.merge.Rebase;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleCheck;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Probe;
import saltdrum.media.clip.SoundChoice;
import saltdrum.server.packed.PackageManifest.PackedFile;
import saltdrum.server.packed.PackageManifest.PackedStep;
import saltdrum.server.packed.PackageManifest.PackedStyle;
import saltdrum.server.packed.PackageManifest.PackedTrack;
import saltdrum.server.store.clip.ClientStore;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.store.style.FontStore;
import saltdrum.server.store.style.PictureStore;
import saltdrum.server.store.style.StickerStore;
import saltdrum.server.store.style.StyleRow;
import saltdrum.server.store.style.StyleStore;
import saltdrum.server.store.track.TrackImport;
import saltdrum.server.work.ClientZones;

/** Imports a packed clip completely, or nothing of it except its fonts, stickers and styles. */
@Component
public class ClipUnpacker {
    private static final int MOST_TRACKS = 200;
    private static final int MOST_CUES = 20_000;

    private final ClipStore clips;
    private final ClientStore clients;
    private final ClientZones zones;
    private final StyleStore styles;
    private final FontStore fonts;
    private final StickerStore stickers;
    private final PictureStore pictures;
    private final MediaStore media;

    ClipUnpacker(
            ClipStore clips,
            ClientStore clients,
            ClientZones zones,
            StyleStore styles,
            FontStore fonts,
            StickerStore stickers,
            PictureStore pictures,
            MediaStore media) {
        this.clips = clips;
        this.clients = clients;
        this.zones = zones;
        this.styles = styles;
        this.fonts = fonts;
        this.stickers = stickers;
        this.pictures = pictures;
        this.media = media;
    }

    /** Whether a file that came in may be a clip package. */
    public boolean isOne(Path file) throws IOException {
        return PackageArchive.isOne(file);
    }

    /**
     * @param name of the new clip, from the package's own
     * @return its id; it is not prepared yet
     * @throws BadInputException when the file is no such package, or does not fit together
     */
    public String bringIn(Path file, java.util.function.UnaryOperator<String> name) throws IOException {
        Path footage = media.workFile(".part");
        try (PackageArchive packed = new PackageArchive(file)) {
            PackageManifest said = packed.said();
            check(said);
            packed.write(said.media(), footage);
            ClipInfo info = Probe.of(footage);
            SoundChoice sound = SoundChoice.parse(said.sound()).in(info);
            take(said, packed);
            Map<String, StyleRow> worn = dress(said);
            Map<String, String> drawn = hang(said, packed);
            List<TrackImport.WithHistory> whole = said.tracks().stream()
                    .map(track -> new Tailor(worn, drawn, info.durationMs()).fitted(track))
                    .toList();
            String id = clips.bringIn(name.apply(said.name()), media.keep(footage), info, whole);
            clips.listenTo(id, sound.written());
            if (said.client() != null && !said.client().isBlank()) {
                clips.belongTo(id, clients.named(said.client()).id());
                zones.ofClip(id);
            }
            return id;
        } finally {
            Files.deleteIfExists(footage);
        }
    }

    private static void check(PackageManifest said) {
        List<PackedTrack> all = said.tracks();
        if (all == null
                || all.isEmpty()
                || all.size() > MOST_TRACKS
                || all.get(0).translation()) {
            throw new BadInputException("This clip package has no captions of the clip itself. Nothing was imported.");
        }
        Set<String> languages = new HashSet<>();
        for (PackedTrack one : all) {
            if (one != all.get(0)
                    && (!one.translation() || !languages.add(one.track().language()))) {
                throw new BadInputException("This clip package has two tracks of one language. Nothing was imported.");
            }
            fits(one);
        }
    }

    /** Its ids are apart, and its history leads to it and back. */
    private static void fits(PackedTrack packed) {
        Track track = packed.track();
        Set<Long> ids = new HashSet<>();
        boolean apart = track.cues().size() <= MOST_CUES;
        for (Cue cue : track.cues()) {
            apart &= ids.add(cue.id()) && cue.id() < track.nextId();
            for (var word : cue.words()) {
                apart &= ids.add(word.id()) && word.id() < track.nextId();
            }
        }
        if (!apart || !leadsBack(packed)) {
            throw new BadInputException("The captions in this file and their history do not fit together:"
                    + " it was changed by another program. Nothing was imported.");
        }
    }

    private static boolean leadsBack(PackedTrack packed) {
        try {
            List<Change> done = packed.steps().stream()
                    .filter(step -> !step.undone())
                    .map(PackedStep::change)
                    .toList();
            Track at = packed.track();
            for (int i = done.size() - 1; i >= 0; i--) {
                at = Rebase.replayInOrder(at, done.get(i).reversed());
            }
            for (Change change : done) {
                at = Rebase.replayInOrder(at, change);
            }
            boolean same = at.cues().equals(packed.track().cues());
            for (PackedStep step : packed.steps()) {
                at = step.undone() ? doneAgain(at, step.change()) : at;
            }
            return same;
        } catch (RuntimeException itDoesNot) {
            return false;
        }
    }

    /** A step that was undone separately need not apply any more, because later ones changed the same. */
    private static Track doneAgain(Track at, Change step) {
        try {
            return Rebase.replayInOrder(at, step);
        } catch (ConflictingChangeException over) {
            return at;
        }
    }

    private void take(PackageManifest said, PackageArchive packed) {
        for (PackedFile font : said.fonts()) {
            try {
                fonts.take(font.named(), font.about(), packed.bytes(font.entry(), PackageArchive.MOST_FILE));
            } catch (BadInputException here) {
                // Broken, or one of its weight is here already; captions are painted with what is here.
            }
        }
        for (PackedFile sticker : said.stickers()) {
            stickers.take(sticker.about(), packed.bytes(sticker.entry(), PackageArchive.MOST_FILE));
        }
    }

    /**
     * Resolves every style that is referenced: the installed one if it is identical, or one of the package's under a
     * free name.
     */
    private Map<String, StyleRow> dress(PackageManifest said) {
        Map<String, StyleRow> rows = new HashMap<>();
        for (PackedStyle packed : said.styles()) {
            Style style = StyleCheck.read(packed.style());
            rows.put(key(packed.name(), packed.version()), here(style, said.name()));
        }
        return rows;
    }

    static String key(String style, int version) {
        return style + "\n" + version;
    }

    private StyleRow here(Style style, String clip) {
        if (!styles.has(style.name())) {
            return styles.save(style, false);
        }
        for (StyleRow row : styles.versions(style.name())) {
            if (row.style().equals(style)) {
                return row;
            }
        }
        String base = shortened(style.name() + ", of " + clip);
        String free = base;
        for (int i = 2; styles.has(free); i++) {
            StyleRow row = styles.row(free, 0);
            if (row.style().named(style.name(), style.about()).equals(style)) {
                return row;
            }
            free = base + " " + i;
        }
        return styles.save(style.named(free, style.about()), false);
    }

    private static String shortened(String name) {
        return name.length() <= 36
                ? name
                : name.substring(0, name.offsetByCodePoints(0, 34)).strip();
    }

    /** Pictures are named by their bytes as they are kept here. */
    private Map<String, String> hang(PackageManifest said, PackageArchive packed) throws IOException {
        Map<String, String> hashes = new HashMap<>();
        for (PackedFile picture : said.pictures()) {
            Path part = media.workFile(".part");
            Files.write(part, packed.bytes(picture.entry(), PackageArchive.MOST_FILE));
            hashes.put(picture.named(), pictures.take(picture.about(), part).hash());
        }
        return hashes;
    }

    /** Makes a track and its history ask for what is here. */
    private record Tailor(Map<String, StyleRow> worn, Map<String, String> drawn, long lengthMs) {
        TrackImport.WithHistory fitted(PackedTrack packed) {
            Track track = packed.track();
            StyleRow row = worn.get(key(track.style(), track.styling().version()));
            Track fitted = redrawn(track, Track.class).withLength((int) lengthMs);
            if (row != null) {
                fitted = fitted.withStyle(row.name()).withStyling(versioned(fitted.styling(), row.version()));
            }
            List<TrackImport.Step> steps = new ArrayList<>();
            for (PackedStep step : packed.steps()) {
                Change change = redrawn(step.change(), Change.class);
                steps.add(new TrackImport.Step(
                        step.said(),
                        new Change(
                                change.from(),
                                change.removed(),
                                change.added(),
                                fitted(change.before()),
                                fitted(change.after())),
                        step.step(),
                        step.undone(),
                        time(step.made())));
            }
            return new TrackImport.WithHistory(fitted, steps);
        }

        private Change.Decisions fitted(Change.Decisions old) {
            StyleRow row = worn.get(key(old.style(), old.styling().version()));
            return row == null
                    ? old
                    : new Change.Decisions(
                            old.language(),
                            row.name(),
                            versioned(old.styling(), row.version()),
                            old.recipe(),
                            old.frame(),
                            old.nextId(),
                            old.beside());
        }

        /** Zero asks for the newest, as before. */
        private static Styling versioned(Styling styling, int version) {
            return styling.withVersion(styling.version() == 0 ? 0 : version);
        }

        private <T> T redrawn(T value, Class<T> type) {
            String json = saltdrum.core.Json.write(value);
            String other = json;
            for (Map.Entry<String, String> picture : drawn.entrySet()) {
                other = other.replace("\"" + picture.getKey() + "\"", "\"" + picture.getValue() + "\"");
            }
            return other.equals(json) ? value : saltdrum.core.Json.read(other, type, "captions");
        }

        private static OffsetDateTime time(String written) {
            try {
                return OffsetDateTime.parse(written);
            } catch (DateTimeParseException e) {
                throw new BadInputException("A step of the history in this file has no time. Nothing was imported.");
            }
        }
    }
}
