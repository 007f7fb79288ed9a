package saltdrum.media.burn;

import java.util.List;
import java.util.Set;
import saltdrum.media.clip.ClipInfo;

/** Decides whether a burn copies, encodes or omits the clip's sound. */
public enum SoundPlan {
    NONE("The clip has no sound."),
    COPIED("The sound is copied as it is."),
    ENCODED("MP4 cannot hold the sound as it is: it is encoded as AAC at 192 kbit/s.");

    /** Codecs that MP4 can hold, as ffmpeg names them. */
    private static final Set<String> IN_MP4 = Set.of("aac", "mp3", "ac3", "eac3", "opus", "alac", "flac");

    private final String said;

    SoundPlan(String said) {
        this.said = said;
    }

    public static SoundPlan of(ClipInfo info) {
        if (info.sounds().isEmpty()) {
            return NONE;
        }
        return info.sounds().stream().allMatch(sound -> IN_MP4.contains(sound.codec())) ? COPIED : ENCODED;
    }

    /** In a sentence. */
    public String said() {
        return said;
    }

    /** For ffmpeg, where all sounds go into an MP4. */
    public List<String> arguments() {
        return this == ENCODED ? List.of("-c:a", "aac", "-b:a", "192k") : List.of("-c:a", "copy");
    }
}
