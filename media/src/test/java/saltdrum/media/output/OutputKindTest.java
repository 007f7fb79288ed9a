package saltdrum.media.output;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Media types as registered with IANA, https://www.iana.org/assignments/media-types (GIF, WebP and QuickTime too). */
class OutputKindTest {
    @ParameterizedTest
    @CsvSource({
        "film.mp4, video/mp4",
        "film.MP4, video/mp4",
        "film.mov, video/quicktime",
        "a.b.webm, video/webm",
        "frames.zip, application/zip",
        "voice.m4a, audio/mp4",
        "still.png, image/png",
        "preview.webp, image/webp",
        "preview.gif, image/gif"
    })
    void filesAreServedAsWhatTheyAre(String file, String type) {
        assertThat(OutputKind.mediaType(file)).isEqualTo(type);
    }

    /** In a browser a caption file is a text to read, not a download. */
    @Test
    void captionFilesAreTexts() {
        assertThat(OutputKind.mediaType("tide.vtt")).isEqualTo("text/plain;charset=UTF-8");
    }

    /** It was served as a video. */
    @Test
    void anUnknownFileIsBytes() {
        assertThat(OutputKind.mediaType("tide.html")).isEqualTo("application/octet-stream");
    }

    @ParameterizedTest
    @EnumSource(names = "SIDECAR", mode = EnumSource.Mode.EXCLUDE)
    void everyOutputHasAType(OutputKind kind) {
        assertThat(OutputKind.mediaType("film." + kind.ending)).isNotEqualTo("application/octet-stream");
    }
}
