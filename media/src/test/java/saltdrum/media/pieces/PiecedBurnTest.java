package saltdrum.media.pieces;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.data.Offset.offset;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.core.cue.Frame;
import saltdrum.core.scene.Scene;
import saltdrum.media.Plates;
import saltdrum.media.TestClips;
import saltdrum.media.burn.Burn;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.burn.PieceGrid;
import saltdrum.media.burn.Span;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Probe;
import saltdrum.media.ffmpeg.ToolRun;

/** A film of kept pieces beside the same film burned whole; both are read by ffprobe and decoded by ffmpeg. */
class PiecedBurnTest {
    private static final int[] EACH_SECOND = {500, 1500};

    @TempDir
    Path folder;

    private Path clip;
    private ClipInfo info;
    private int number;

    private record Film(Path file, PiecedBurn.Made made, Scene scene) {
        PiecedBurn.Earlier earlier() {
            return new PiecedBurn.Earlier(file, made.pieces());
        }
    }

    private Film film(Scene scene, Film... earlier) {
        Path out = folder.resolve("film" + number++ + ".mp4");
        Burn burn = new Burn(clip, info, Frame.OWN, scene, new BurnOrder("veryfast", 20));
        PiecedBurn.Made made = new PiecedBurn(burn, "clip")
                .to(out, Arrays.stream(earlier).map(Film::earlier).toList(), null, done -> {}, () -> false);
        return new Film(out, made, scene);
    }

    private List<Span> grid() {
        return PieceGrid.of(new Burn(clip, info, Frame.OWN, plates(), BurnOrder.USUAL).times());
    }

    private Scene plates(int[]... spans) {
        return Plates.plate(info.width(), info.height(), spans);
    }

    /** One line a packet. */
    private static List<String> packets(Path file) {
        return TestClips.probe(
                        file,
                        "-select_streams",
                        "v",
                        "-show_entries",
                        "packet=pts,dts,duration,flags",
                        "-of",
                        "csv=p=0")
                .lines()
                .toList();
    }

    private static List<String> pictures(Path file) {
        return ToolRun.text(
                        List.of(
                                "ffmpeg",
                                "-nostdin",
                                "-v",
                                "error",
                                "-err_detect",
                                "explode",
                                "-i",
                                file.toString(),
                                "-map",
                                "0:v",
                                "-fps_mode",
                                "passthrough",
                                "-f",
                                "framehash",
                                "-hash",
                                "md5",
                                "-"),
                        60,
                        run -> {
                            throw new IllegalStateException(run.errors());
                        })
                .lines()
                .filter(line -> !line.startsWith("#"))
                .map(line -> line.substring(line.lastIndexOf(',') + 1).strip())
                .toList();
    }

    /** Lightness of the middle of each frame. */
    private static byte[] middles(Path file) throws IOException {
        Path grey = Files.createTempFile("middles", ".grey");
        try {
            ToolRun.text(
                    List.of(
                            "ffmpeg",
                            "-nostdin",
                            "-y",
                            "-v",
                            "error",
                            "-i",
                            file.toString(),
                            "-vf",
                            "crop=2:2,scale=1:1:flags=area,format=gray",
                            "-fps_mode",
                            "passthrough",
                            "-f",
                            "rawvideo",
                            grey.toString()),
                    60,
                    run -> {
                        throw new IllegalStateException(run.errors());
                    });
            return Files.readAllBytes(grey);
        } finally {
            Files.delete(grey);
        }
    }

    /** Decoder's settings and colours, as ffprobe tells them. */
    private static String tags(Path file) {
        return TestClips.probe(
                file,
                "-select_streams",
                "v",
                "-show_data_hash",
                "md5",
                "-show_entries",
                "stream=codec_name,profile,width,height,pix_fmt,color_range,color_space,color_transfer,color_primaries,"
                        + "time_base,start_pts,duration_ts,nb_frames,extradata_hash",
                "-of",
                "csv=p=0");
    }

    private void isWhatAWholeBurnIs(Film joined) throws Exception {
        Film whole = film(joined.scene);
        assertThat(tags(joined.file)).isEqualTo(tags(whole.file));
        assertThat(packets(joined.file)).isEqualTo(packets(whole.file));
        if (!info.sounds().isEmpty()) {
            assertThat(TestClips.soundHash(joined.file)).isEqualTo(TestClips.soundHash(whole.file));
        }
        byte[] light = middles(joined.file);
        byte[] wanted = middles(whole.file);
        assertThat(light).hasSameSizeAs(wanted);
        for (int i = 0; i < wanted.length; i++) {
            assertThat(light[i] & 255).as("frame %d", i).isCloseTo(wanted[i] & 255, offset(6));
        }
    }

    private void sameBut(Film film, Film before, List<Integer> anew) {
        List<String> was = pictures(before.file);
        List<String> is = pictures(film.file);
        assertThat(is).hasSameSizeAs(was);
        List<Span> grid = grid();
        for (int i = 0; i < grid.size(); i++) {
            Span piece = grid.get(i);
            assertThat(is.subList(piece.from(), piece.to()).equals(was.subList(piece.from(), piece.to())))
                    .as("piece %d is the same", i)
                    .isEqualTo(!anew.contains(i));
        }
    }

    private void made(String source, String... more) {
        String[] words = source.split(" ");
        String ending = words[0];
        List<String> arguments = new ArrayList<>(List.of("-f", "lavfi", "-i"));
        arguments.addAll(Arrays.asList(words).subList(1, words.length));
        arguments.addAll(List.of(more));
        clip = TestClips.make(folder.resolve("clip." + ending), arguments.toArray(String[]::new));
        info = Probe.of(clip);
    }

    /** A piece alone, then the first and the last of the film that was joined before. */
    private void piecesOfAllKindsFit() throws Exception {
        int last = grid().size() - 1;
        assertThat(last).isEqualTo(4);
        int end = (int) info.durationMs();
        int[] later = {9000, 9800};
        Film first = film(plates(EACH_SECOND, later));
        assertThat(first.made.anew()).isEqualTo(last + 1);

        int[] alone = {5200, 6100};
        Film middle = film(plates(EACH_SECOND, alone, later), first);
        assertThat(middle.made.anew()).isEqualTo(1);

        Film ends = film(plates(new int[] {0, 1200}, alone, later, new int[] {end - 700, end + 100}), first, middle);
        assertThat(ends.made.anew()).isEqualTo(2);
        isWhatAWholeBurnIs(ends);
        sameBut(ends, first, List.of(0, 1, last));
    }

    @Test
    void piecesSideBySideAreMadeTogether() throws Exception {
        made("mp4 testsrc=s=160x120:r=30:d=18 -f lavfi -i sine=d=18 -c:v libx264 -c:a aac -bf 3");
        Film first = film(plates(EACH_SECOND));
        Film sideBySide = film(plates(EACH_SECOND, new int[] {7500, 8500}), first);
        assertThat(sideBySide.made.anew()).isEqualTo(2);
        isWhatAWholeBurnIs(sideBySide);
        sameBut(sideBySide, first, List.of(1, 2));
    }

    @Test
    void aFilmOfWhichNothingChangedIsTheSame() throws Exception {
        made("mp4 testsrc=s=160x120:r=25:d=18 -c:v libx264");
        Film first = film(plates(EACH_SECOND));
        Film same = film(plates(EACH_SECOND), first);
        assertThat(same.made.anew()).isZero();
        assertThat(packets(same.file)).isEqualTo(packets(first.file));
        assertThat(pictures(same.file)).isEqualTo(pictures(first.file));
    }

    /** The last ones only in {@code ./salt-drum test long}. */
    private static Stream<String> some(int usually, String... all) {
        return Stream.of(all).limit(Boolean.getBoolean("long") ? all.length : usually);
    }

    static Stream<String> rates() {
        return some(1, "30000/1001", "24000/1001", "25", "30", "60");
    }

    @ParameterizedTest
    @MethodSource("rates")
    void atEveryRate(String rate) throws Exception {
        made("mp4 testsrc=s=160x120:r=" + rate + ":d=18 -f lavfi -i sine=d=18 -c:v libx264 -c:a aac -bf 3");
        piecesOfAllKindsFit();
    }

    static Stream<String> varyingRates() {
        return some(
                2,
                "select='not(mod(n,2))+lt(mod(n,17),4)'",
                "setpts='if(lt(T,6),PTS,PTS+0.4/TB)'",
                "select='lt(mod(n,90),60)+not(mod(n,9))'",
                "settb=1/90000,setpts=PTS+0.004*mod(N\\,5)/TB",
                "select='mod(n,7)*mod(n,3)'");
    }

    @ParameterizedTest
    @MethodSource("varyingRates")
    void atRatesThatVary(String how) throws Exception {
        made(
                "mp4 testsrc=s=160x120:r=50:d=18 -f lavfi -i sine=d=18",
                "-vf",
                how,
                "-fps_mode",
                "vfr",
                "-c:v",
                "libx264",
                "-c:a",
                "aac");
        assertThat(info.variableRate()).isTrue();
        piecesOfAllKindsFit();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "mkv testsrc=s=160x120:r=25:d=18 -f lavfi -i sine=d=18 -c:v libx264 -c:a aac -output_ts_offset 5",
                "mp4 testsrc=s=160x120:r=30:d=18 -itsoffset -0.35 -f lavfi -i sine=d=18 -c:v libx264 -c:a aac",
                "mp4 testsrc=s=160x120:r=30:d=18 -c:v libx264 -x264-params open-gop=1:keyint=70",
                "mp4 testsrc=s=160x120:r=30:d=18 -c:v libx265 -x265-params log-level=none:keyint=90",
                "webm testsrc=s=160x120:r=30:d=18 -c:v libvpx-vp9 -deadline realtime -cpu-used 8",
                "mp4 testsrc=s=160x120:r=30:d=18 -c:v libx264 -g 9999 -keyint_min 9999"
            })
    void ofClipsOfAllKinds(String source) throws Exception {
        made(source);
        piecesOfAllKindsFit();
    }

    @Test
    void aChangeOfEverythingIsBurnedWhole() {
        made("mp4 testsrc=s=160x120:r=25:d=18 -c:v libx264");
        Film first = film(plates(EACH_SECOND));
        Film other = film(plates(new int[] {0, 13_900}), first);
        assertThat(other.made.anew()).isEqualTo(grid().size());
    }

    @Test
    void aFilmThatIsNotWhatItSaysIsNotUsed() throws Exception {
        made("mp4 testsrc=s=160x120:r=25:d=18 -c:v libx264");
        Film first = film(plates(EACH_SECOND));
        Path broken = folder.resolve("broken.mp4");
        byte[] bytes = Files.readAllBytes(first.file);
        for (byte[] film : List.of(
                Arrays.copyOf(bytes, bytes.length / 2),
                new byte[0],
                "no film at all".getBytes(StandardCharsets.UTF_8))) {
            Files.write(broken, film);
            Film again = film(plates(EACH_SECOND, new int[] {5000, 6000}), new Film(broken, first.made, first.scene));
            assertThat(again.made.anew()).isEqualTo(grid().size());
            assertThat(packets(again.file)).isEqualTo(packets(first.file));
        }
    }

    @Test
    void aFilmOfAnotherEncoderIsNotUsed() {
        made("mp4 testsrc=s=160x120:r=25:d=18 -c:v libx264");
        Scene scene = plates(EACH_SECOND);
        Film first = film(scene);
        Burn finer = new Burn(clip, info, Frame.OWN, scene, new BurnOrder("veryfast", 15));
        PiecedBurn.Made made = new PiecedBurn(finer, "clip")
                .to(folder.resolve("fine.mp4"), List.of(first.earlier()), null, done -> {}, () -> false);
        assertThat(made.anew()).isEqualTo(grid().size());
    }

    /** Burns until so much of it is done, and is ended there. */
    private Path ended(Scene scene, double at) throws IOException {
        Path halves = folder.resolve("halves");
        Burn burn = new Burn(clip, info, Frame.OWN, scene, new BurnOrder("veryfast", 20));
        boolean[] over = {false};
        assertThatThrownBy(() -> new PiecedBurn(burn, "clip")
                        .to(
                                folder.resolve("ended.mp4"),
                                List.of(),
                                halves,
                                done -> over[0] |= done > at,
                                () -> over[0]))
                .hasMessageContaining("stopped");
        assertThat(halves.resolve("list.csv")).exists();
        return halves;
    }

    @Test
    void aBurnThatWasKilledGoesOnAtItsLastWholePiece() throws Exception {
        made("mp4 testsrc2=s=320x180:r=30000/1001:d=26 -itsoffset -0.35 -f lavfi -i sine=d=26 -c:v libx264 -c:a aac");
        // The captions change all the time, so that the burn can be ended at any.
        int[][] spans = IntStream.range(0, 65)
                .mapToObj(i -> new int[] {i * 400, i * 400 + 200})
                .toArray(int[][]::new);
        Scene scene = plates(spans);
        Path halves = ended(scene, 0.5);
        int whole = Files.readAllLines(halves.resolve("list.csv")).size();
        assertThat(whole).isBetween(2, grid().size() - 1);
        Burn burn = new Burn(clip, info, Frame.OWN, scene, new BurnOrder("veryfast", 20));
        Path out = folder.resolve("went-on.mp4");
        double[] first = {1};
        PiecedBurn.Made made = new PiecedBurn(burn, "clip")
                .to(out, List.of(), halves, done -> first[0] = Math.min(first[0], done), () -> false);
        assertThat(first[0]).as("where it went on").isGreaterThan(0.2);
        isWhatAWholeBurnIs(new Film(out, made, scene));

        // Of what another left nothing is used.
        Scene other = plates(EACH_SECOND);
        Film whole2 = film(other);
        Path again = folder.resolve("again.mp4");
        double[] from = {1};
        new PiecedBurn(new Burn(clip, info, Frame.OWN, other, new BurnOrder("veryfast", 20)), "clip")
                .to(again, List.of(), halves, done -> from[0] = Math.min(from[0], done), () -> false);
        assertThat(from[0]).isLessThan(0.1);
        assertThat(packets(again)).isEqualTo(packets(whole2.file));
    }
}
