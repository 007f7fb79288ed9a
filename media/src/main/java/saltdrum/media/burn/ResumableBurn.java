package saltdrum.media.burn;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.DirectoryNotEmptyException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.stream.Stream;
import saltdrum.core.SaltDrumException;
import saltdrum.media.clip.FrameTimes;
import saltdrum.media.clip.Probe;
import saltdrum.media.mp4.Concatenation;
import saltdrum.media.mp4.NotJoinableException;

/**
 * Burns a clip so that its finished pieces survive when the burn is killed. Besides the film, which cannot be read
 * before it is finished, its pieces are written to files of their own, and a list records which are whole. Another
 * burn in the same folder continues at the first missing piece.
 */
public final class ResumableBurn {
    static final String FILM = "film.mp4";
    private static final String LIST = "list.csv";
    private static final String MADE = "made";
    private static final System.Logger LOG = System.getLogger(ResumableBurn.class.getName());

    private final Burn burn;
    private final List<Span> grid;
    private final Path folder;
    private final String made;

    /**
     * @param folder for this burn alone; made where it is not there
     * @param made what the film is made of: what was left by another is not used
     */
    public ResumableBurn(Burn burn, Path folder, String made) {
        this.burn = burn;
        this.grid = PieceGrid.of(burn.times());
        this.folder = folder;
        this.made = made;
    }

    /** Arguments that write the film and its pieces, by names in the folder that ffmpeg runs in. */
    static List<String> tee(List<String> muxer, List<String> begins) {
        StringBuilder film = new StringBuilder("[f=mp4:strict=-2");
        StringBuilder piece =
                new StringBuilder("[f=segment:select=v:segment_format=mp4:segment_list_type=csv:segment_list=" + LIST);
        for (int i = 0; i < muxer.size(); i += 2) {
            film.append(':').append(muxer.get(i)).append('=').append(muxer.get(i + 1));
            if (!muxer.get(i).equals("movflags")) {
                piece.append(":segment_format_options=")
                        .append(muxer.get(i))
                        .append('=')
                        .append(muxer.get(i + 1));
            }
        }
        if (!begins.isEmpty()) {
            piece.append(":segment_times=").append(String.join(",", begins));
        }
        return List.of("-flags", "+global_header", "-f", "tee", film + "]" + FILM + "|" + piece + "]piece%05d.mp4");
    }

    /**
     * @return what was burned this time
     */
    public Burn.Result to(Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        try {
            List<Path> whole = whole();
            if (!whole.isEmpty()) {
                try {
                    return goOn(whole, out, progress, stopped);
                } catch (NotJoinableException | SaltDrumException e) {
                    if (stopped.getAsBoolean()) {
                        throw e;
                    }
                    LOG.log(System.Logger.Level.WARNING, "a burn starts again: {0}", e.getMessage());
                }
            }
            clear(folder);
            Files.createDirectories(folder);
            Files.writeString(folder.resolve(MADE), made);
            return burn.alsoInPieces(folder).to(out, progress, stopped);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Burn.Result goOn(List<Path> whole, Path out, DoubleConsumer progress, BooleanSupplier stopped)
            throws IOException {
        FrameTimes times = burn.times();
        List<Path> all = new ArrayList<>(whole);
        Burn.Result result = new Burn.Result(0, 0, 0, 0);
        // Killed while the index was put to the front, nothing is left to encode.
        if (whole.size() < grid.size()) {
            Span rest = new Span(grid.get(whole.size()).from(), times.count());
            double before = (double) rest.from() / times.count();
            Path last = folder.resolve("rest.mp4");
            result = burn.to(last, rest, part -> progress.accept(before + (1 - before) * part), stopped);
            all.add(last);
        }
        Path picture = folder.resolve("picture.mp4");
        Concatenation.write(all, times.us(), picture);
        burn.complete(picture, out);
        FrameTimes is = FrameTimes.of(out, Probe.of(out));
        if (!is.near(times)) {
            throw new NotJoinableException("its frames come at other times");
        }
        return result;
    }

    /** Pieces that the list says are whole, from the first on without a gap. */
    private List<Path> whole() throws IOException {
        List<Path> whole = new ArrayList<>();
        Path list = folder.resolve(LIST);
        if (!Files.exists(list)
                || !Files.exists(folder.resolve(MADE))
                || !Files.readString(folder.resolve(MADE)).equals(made)) {
            return whole;
        }
        String written = Files.readString(list);
        // A line that has no end was being written.
        for (String line :
                written.substring(0, written.lastIndexOf('\n') + 1).lines().toList()) {
            Path piece = folder.resolve(line.split(",")[0]);
            if (!piece.normalize().startsWith(folder) || !Files.exists(piece)) {
                return whole;
            }
            whole.add(piece);
        }
        return whole;
    }

    /** Nothing of it is needed any more. A folder that is still being written to stays; what was in it goes. */
    public static void clear(Path folder) {
        if (!Files.isDirectory(folder)) {
            return;
        }
        try (Stream<Path> inside = Files.list(folder)) {
            for (Path file : inside.toList()) {
                Files.deleteIfExists(file);
            }
            Files.deleteIfExists(folder);
        } catch (DirectoryNotEmptyException | NoSuchFileException e) {
            LOG.log(System.Logger.Level.DEBUG, "{0} is not cleared by us alone", folder);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
