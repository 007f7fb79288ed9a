package saltdrum.media.clip;

import java.util.List;
import saltdrum.core.cue.Size;

/**
 * The properties of a clip, as probed.
 *
 * @param width of the upright picture in square pixels
 * @param rotation degrees clockwise that the player turns the stored picture
 * @param frameRate average frames a second
 * @param variableRate frames do not come at even times
 * @param timeBase of the picture's timestamps, seconds as a fraction
 * @param startSeconds the container's first time; clip time 0 is this
 * @param odd the stored picture has an odd width or height
 */
public record ClipInfo(
        String container,
        long durationMs,
        int width,
        int height,
        int rotation,
        double frameRate,
        boolean variableRate,
        Ratio timeBase,
        double startSeconds,
        String videoCodec,
        String pixelFormat,
        Colour colour,
        boolean odd,
        boolean squarePixels,
        List<Sound> sounds,
        List<Captions> captions) {

    public record Ratio(long numerator, long denominator) {}

    /** Names as ffprobe gives them; null where the file does not say. */
    public record Colour(String space, String primaries, String transfer, String range) {
        /** The picture is red, green and blue, as some screen recorders write it. */
        public boolean rgb() {
            return "gbr".equals(space) || "rgb".equals(space);
        }

        /** As a video that is made of it says it: always of lightness and two colours. */
        public Colour written() {
            return rgb() ? new Colour("bt709", primaries, transfer, "tv") : this;
        }
    }

    public record Sound(int index, String codec, int channels, int rate, String language) {}

    public record Captions(int index, String codec, String language) {}

    public Size size() {
        return new Size(width, height);
    }

    /**
     * Whether browsers play it without conversion: 8-bit H.264 in MP4 or MOV, or VP8/VP9 in WebM, with a supported
     * sound codec.
     */
    public boolean playsInBrowsers() {
        boolean sound = sounds.stream()
                .allMatch(s -> List.of("aac", "mp3", "opus", "vorbis", "flac").contains(s.codec()));
        boolean mp4 = container.contains("mp4") && videoCodec.equals("h264");
        boolean webm = container.contains("webm") && List.of("vp8", "vp9").contains(videoCodec);
        return sound && (mp4 || webm) && List.of("yuv420p", "yuvj420p").contains(pixelFormat);
    }
}
