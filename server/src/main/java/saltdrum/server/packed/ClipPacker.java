package saltdrum.server.packed;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Component;
import saltdrum.core.cue.Track;
import saltdrum.core.merge.Change;
import saltdrum.core.style.StyleFile;
import saltdrum.server.packed.PackageManifest.PackedStep;
import saltdrum.server.packed.PackageManifest.PackedStyle;
import saltdrum.server.packed.PackageManifest.PackedTrack;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.store.style.StyleStore;
import saltdrum.server.store.track.TrackImport;
import saltdrum.server.store.track.TrackStore;

/** Writes a clip with its footage, captions, histories, styles, and the fonts, stickers and pictures of one's own in them. */
@Component
public class ClipPacker {
    static final String ABOUT = "clip.json";

    private final ClipStore clips;
    private final TrackStore tracks;
    private final TrackImport carried;
    private final StyleStore styles;
    private final OwnFiles own;
    private final MediaStore media;

    ClipPacker(
            ClipStore clips,
            TrackStore tracks,
            TrackImport carried,
            StyleStore styles,
            OwnFiles own,
            MediaStore media) {
        this.clips = clips;
        this.tracks = tracks;
        this.carried = carried;
        this.styles = styles;
        this.own = own;
        this.media = media;
    }

    /** Writes a ZIP; the stream stays open. */
    public void pack(String clipId, OutputStream out) throws IOException {
        ClipRow clip = clips.get(clipId);
        List<PackedTrack> packed = new ArrayList<>(List.of(track(clipId, false)));
        tracks.translations(clipId)
                .forEach(language -> packed.add(track(TrackStore.translationId(clipId, language), true)));
        List<PackedStyle> worn = worn(packed);
        PackageManifest bare = new PackageManifest(
                clip.name(),
                clip.client(),
                clip.sound(),
                "media/clip." + ending(clip),
                packed,
                worn,
                List.of(),
                List.of(),
                List.of());
        // Everything that the package refers to appears by its name somewhere in this text.
        String said = PackageManifest.FORM.write(bare);
        Map<String, Supplier<byte[]>> files = new LinkedHashMap<>();
        PackageManifest whole = new PackageManifest(
                bare.name(),
                bare.client(),
                bare.sound(),
                bare.media(),
                packed,
                worn,
                own.fonts(said, files),
                own.stickers(said, files),
                own.pictures(said, files));
        ZipOutputStream zip = new ZipOutputStream(out);
        entry(zip, ABOUT, PackageManifest.FORM.write(whole).getBytes(StandardCharsets.UTF_8));
        for (Map.Entry<String, Supplier<byte[]>> file : files.entrySet()) {
            entry(zip, file.getKey(), file.getValue().get());
        }
        // Films do not become smaller.
        zip.setLevel(Deflater.NO_COMPRESSION);
        zip.putNextEntry(new ZipEntry(whole.media()));
        Files.copy(media.file(clip.mediaHash()), zip);
        zip.closeEntry();
        zip.finish();
    }

    private static String ending(ClipRow clip) {
        String container = clip.info().container();
        return container.contains("webm") ? "webm" : container.contains("matroska") ? "mkv" : "mp4";
    }

    private PackedTrack track(String trackId, boolean translation) {
        TrackImport.WithHistory whole = carried.withHistory(trackId);
        return new PackedTrack(
                translation,
                whole.track(),
                whole.steps().stream()
                        .map(step -> new PackedStep(
                                step.said(),
                                step.change(),
                                step.step(),
                                step.undone(),
                                step.made().toString()))
                        .toList());
    }

    private record Worn(String style, int version) {
        static Worn of(Track track) {
            return new Worn(track.style(), track.styling().version());
        }

        static Worn of(Change.Decisions decisions) {
            return new Worn(decisions.style(), decisions.styling().version());
        }
    }

    private List<PackedStyle> worn(List<PackedTrack> packed) {
        Set<Worn> all = new LinkedHashSet<>();
        for (PackedTrack one : packed) {
            all.add(Worn.of(one.track()));
            for (PackedStep step : one.steps()) {
                all.add(Worn.of(step.change().before()));
                all.add(Worn.of(step.change().after()));
            }
        }
        return all.stream()
                .filter(worn -> styles.has(worn.style()))
                .map(worn -> new PackedStyle(
                        worn.style(), worn.version(), StyleFile.write(styles.get(worn.style(), worn.version()))))
                .toList();
    }

    private static void entry(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(bytes);
        zip.closeEntry();
    }
}
