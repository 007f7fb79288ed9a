package saltdrum.media.clip;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Size;

/** The ffmpeg filters that put a clip's picture into its frame. */
public final class FrameFilter {
    private FrameFilter() {}

    /** Filters joined by commas; never empty. The result is upright, even, square and 8-bit 4:2:0. */
    public static String of(ClipInfo clip, Frame frame) {
        List<String> filters = new ArrayList<>();
        Size out = frame.output(clip.size());
        if (!clip.squarePixels()) {
            filters.add("scale=" + clip.width() + ":" + clip.height() + ",setsar=1");
        }
        if (frame.aspect() == Frame.Aspect.OWN) {
            if (out.width() != clip.width() || out.height() != clip.height()) {
                filters.add("crop=" + out.width() + ":" + out.height() + ":0:0");
            }
        } else if (frame.sit() == Frame.Sit.FILL) {
            filters.add(String.format(
                    Locale.ROOT,
                    "scale=%d:%d:force_original_aspect_ratio=increase,crop=%d:%d,setsar=1",
                    out.width(),
                    out.height(),
                    out.width(),
                    out.height()));
        } else {
            filters.add(String.format(
                    Locale.ROOT,
                    "scale=%d:%d:force_original_aspect_ratio=decrease:force_divisible_by=2,pad=%d:%d:-1:-1:color=0x%s,setsar=1",
                    out.width(),
                    out.height(),
                    out.width(),
                    out.height(),
                    frame.barColour().substring(1)));
        }
        if (!clip.pixelFormat().equals("yuv420p")) {
            filters.add("format=yuv420p");
        }
        return filters.isEmpty() ? "null" : String.join(",", filters);
    }
}
