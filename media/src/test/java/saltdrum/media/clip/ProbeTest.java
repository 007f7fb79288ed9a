package saltdrum.media.clip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import saltdrum.core.BadInputException;
import saltdrum.media.TestClips;

class ProbeTest {
    @TempDir
    Path folder;

    private void refused(Path file, String... said) {
        assertThatThrownBy(() -> Probe.of(file))
                .isInstanceOf(BadInputException.class)
                .satisfies(e -> {
                    assertThat(e.getMessage()).doesNotContain(folder.toString()).hasLineCount(1);
                    for (String part : said) {
                        assertThat(e.getMessage()).contains(part);
                    }
                });
    }

    @Test
    void anEmptyFileIsRefused() throws IOException {
        refused(Files.createFile(folder.resolve("a.mp4")), "0 bytes");
    }

    @Test
    void aTruncatedFileIsRefused() throws IOException {
        Path whole = TestClips.make(
                folder.resolve("whole.mp4"), "-f", "lavfi", "-i", "testsrc=s=320x240:d=2", "-c:v", "libx264");
        byte[] bytes = Files.readAllBytes(whole);
        Path cut = Files.write(folder.resolve("cut.mp4"), java.util.Arrays.copyOf(bytes, bytes.length / 2));
        refused(cut, "incomplete");
    }

    /** Wide pixels make a small picture huge. */
    @Test
    void pixelsThatMakeThePictureHugeAreRefused() {
        Path clip = TestClips.make(
                folder.resolve("wide.mkv"),
                "-f",
                "lavfi",
                "-i",
                "testsrc=s=320x240:d=1,setsar=100/1",
                "-c:v",
                "libx264");
        refused(clip, "32000x240", "largest side");
    }

    /** A length of nothing would divide by nothing further on. */
    @Test
    void oneFrameOfATenThousandthOfASecondHasALength() {
        Path clip = TestClips.make(
                folder.resolve("blink.mkv"),
                "-f",
                "lavfi",
                "-i",
                "testsrc=s=320x240:r=10000",
                "-frames:v",
                "1",
                "-c:v",
                "ffv1");
        assertThat(Probe.of(clip).durationMs()).isBetween(1L, 40L);
    }

    @Test
    void textWithAVideosNameIsRefused() throws IOException {
        refused(Files.writeString(folder.resolve("a.mp4"), "a letter home ".repeat(300)), "MP4");
    }

    @Test
    void filesThatPointElsewhereAreRefused() throws IOException {
        Path clip = TestClips.make(
                folder.resolve("clip.mp4"), "-f", "lavfi", "-i", "testsrc=s=320x240:d=1", "-c:v", "libx264");
        refused(
                Files.writeString(
                        folder.resolve("list.mp4"), "#EXTM3U\n#EXT-X-TARGETDURATION:5\n#EXTINF:5,\n" + clip + "\n"),
                "Upload");
        refused(
                Files.writeString(folder.resolve("concat.mp4"), "ffconcat version 1.0\nfile '" + clip + "'\n"),
                "Upload");
        refused(
                Files.writeString(folder.resolve("sdp.mp4"), "v=0\nc=IN IP4 127.0.0.1\nm=video 9 RTP/AVP 96\n"),
                "Upload");
    }

    @Test
    void soundAloneIsRefused() {
        refused(TestClips.make(folder.resolve("a.mp4"), "-f", "lavfi", "-i", "sine=d=1", "-c:a", "aac"), "no picture");
    }

    @Test
    void aHugePictureIsRefused() {
        refused(
                TestClips.make(
                        folder.resolve("a.mp4"),
                        "-f",
                        "lavfi",
                        "-i",
                        "color=s=8000x8000:d=0.04:r=25",
                        "-c:v",
                        "libx264",
                        "-preset",
                        "ultrafast"),
                "8000x8000",
                "1080x1920");
    }

    @Test
    void threeHoursAreRefused() {
        refused(
                TestClips.make(
                        folder.resolve("a.mp4"),
                        "-f",
                        "lavfi",
                        "-i",
                        "color=s=64x64:r=1/60:d=10800",
                        "-c:v",
                        "libx264",
                        "-preset",
                        "ultrafast"),
                "180 min",
                "30");
    }

    @Test
    void pictureWithoutSoundIsFine() {
        ClipInfo info = Probe.of(TestClips.make(
                folder.resolve("a.mp4"), "-f", "lavfi", "-i", "testsrc=s=320x240:d=1:r=25", "-c:v", "libx264"));
        assertThat(info.sounds()).isEmpty();
        assertThat(info.durationMs()).isEqualTo(1000);
        assertThat(info.frameRate()).isEqualTo(25);
    }

    @Test
    void aTurnedPictureIsSeenUpright() {
        Path flat = TestClips.make(
                folder.resolve("flat.mp4"),
                "-f",
                "lavfi",
                "-i",
                "testsrc=s=640x360:d=1",
                "-c:v",
                "libx264",
                "-pix_fmt",
                "yuv420p");
        Path turned = TestClips.make(
                folder.resolve("turned.mp4"), "-i", flat.toString(), "-c", "copy", "-metadata:s:v:0", "rotate=90");
        ClipInfo info = Probe.of(turned);
        assertThat(info.rotation()).isIn(90, 270);
        assertThat(info.width()).isEqualTo(360);
        assertThat(info.height()).isEqualTo(640);
    }

    @Test
    void tenBitsAndOtherCodecsAreTakenWithAProxy() {
        ClipInfo info = Probe.of(TestClips.make(
                folder.resolve("a.mp4"),
                "-f",
                "lavfi",
                "-i",
                "testsrc=s=320x240:d=1",
                "-c:v",
                "libx265",
                "-x265-params",
                "log-level=none",
                "-pix_fmt",
                "yuv420p10le"));
        assertThat(info.videoCodec()).isEqualTo("hevc");
        assertThat(info.playsInBrowsers()).isFalse();
    }

    @Test
    void oddNamesAreOnlyNames() throws IOException {
        Path strange = folder.resolve("-i 'odd \"name\" 🚣 $(touch x).mp4");
        Files.copy(
                TestClips.make(
                        folder.resolve("a.mp4"), "-f", "lavfi", "-i", "testsrc=s=320x240:d=1", "-c:v", "libx264"),
                strange);
        assertThat(Probe.of(strange).width()).isEqualTo(320);
        assertThat(folder.resolve("x")).doesNotExist();
    }

    @Test
    void peaksAreOnTheClipsClock() {
        Path clip = TestClips.make(
                folder.resolve("a.mp4"),
                "-f",
                "lavfi",
                "-i",
                "testsrc=s=320x240:d=2",
                "-f",
                "lavfi",
                "-i",
                "sine=frequency=440:d=2,volume=enable='lt(t,1)':volume=0",
                "-c:v",
                "libx264",
                "-c:a",
                "aac");
        byte[] peaks = Peaks.of(clip, Probe.of(clip), SoundChoice.USUAL);
        assertThat(peaks).hasSizeBetween(195, 206);
        assertThat(peaks[50] & 0xff).isLessThan(4);
        assertThat(peaks[150] & 0xff).isGreaterThan(10);
    }
}
