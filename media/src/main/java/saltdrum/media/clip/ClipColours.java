package saltdrum.media.clip;

import saltdrum.media.paint.VideoColours;

/** The colour encoding of a clip's video: from its tags, or the usual one for its size. */
public final class ClipColours {
    private static final int HIGH_DEFINITION = 720;

    private ClipColours() {}

    public static VideoColours of(ClipInfo info) {
        ClipInfo.Colour colour = info.colour().written();
        boolean full = "pc".equals(colour.range());
        String space = colour.space();
        if (space == null) {
            boolean high = Math.min(info.width(), info.height()) >= HIGH_DEFINITION;
            return high ? VideoColours.bt709(full) : VideoColours.bt601(full);
        }
        return switch (space) {
            case "smpte170m", "bt470bg" -> VideoColours.bt601(full);
            case "bt2020nc", "bt2020c" -> VideoColours.bt2020(full);
            default -> VideoColours.bt709(full);
        };
    }
}
