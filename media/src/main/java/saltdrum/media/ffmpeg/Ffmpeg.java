package saltdrum.media.ffmpeg;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** The arguments every call shares, so that no file can make ffmpeg open another file or an address. */
public final class Ffmpeg {
    private static final String DEMUXERS = "mov,mp4,m4a,3gp,3g2,mj2,matroska,webm";

    private Ffmpeg() {}

    public static List<String> ffmpeg() {
        return new ArrayList<>(List.of("ffmpeg", "-hide_banner", "-nostdin", "-nostats", "-loglevel", "error", "-y"));
    }

    public static List<String> ffprobe() {
        return new ArrayList<>(List.of("ffprobe", "-hide_banner", "-loglevel", "error"));
    }

    /** An untrusted clip as input. */
    public static List<String> clip(Path clip) {
        return List.of(
                "-format_whitelist",
                DEMUXERS,
                "-protocol_whitelist",
                "file",
                "-max_pixels",
                Integer.toString(8192 * 8192),
                "-i",
                "file:" + clip.toAbsolutePath());
    }
}
