package saltdrum.media.clip;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.cue.Size;
import saltdrum.core.plane.Box;

/** The ffmpeg filters that put a clip's picture into its frame. */
public final class FrameFilter {
    private FrameFilter() {}

    /** Filters joined by commas; never empty. The result is upright, even, square and 8-bit 4:2:0. */
    public static String of(ClipInfo clip, Frame frame) {
        List<String> filters = new ArrayList<>();
        FrameLayout layout = frame.layout(clip.size());
        Size out = layout.output();
        Box picture = layout.picture();
        boolean scaled = picture.width() != clip.width() || picture.height() != clip.height();
        if (scaled || !clip.squarePixels()) {
            filters.add(format("scale=%.0f:%.0f:flags=bicubic", picture.width(), picture.height()) + ",setsar=1");
        }
        if (picture.width() > out.width() || picture.height() > out.height()) {
            filters.add(format("crop=%d:%d:%.0f:%.0f", out.width(), out.height(), 0 - picture.x(), 0 - picture.y()));
        } else if (picture.width() < out.width() || picture.height() < out.height()) {
            filters.add(format("pad=%d:%d:%.0f:%.0f", out.width(), out.height(), picture.x(), picture.y())
                    + ":color=0x"
                    + frame.barColour().substring(1));
        }
        if (!clip.pixelFormat().equals("yuv420p")) {
            filters.add("format=yuv420p");
        }
        return filters.isEmpty() ? "null" : String.join(",", filters);
    }

    private static String format(String pattern, Object... values) {
        return String.format(Locale.ROOT, pattern, values);
    }
}
