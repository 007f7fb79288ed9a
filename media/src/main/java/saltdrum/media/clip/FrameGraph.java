package saltdrum.media.clip;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import saltdrum.core.cue.Backdrop;
import saltdrum.core.cue.Bars;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.cue.FrameLayout.Move;
import saltdrum.core.cue.Size;
import saltdrum.core.plane.Box;
import saltdrum.media.paint.VideoColours;

/** The ffmpeg filters that put a clip's picture into its frame, by its {@link FrameLayout}. */
public final class FrameGraph {
    private final ClipInfo clip;
    private final Frame frame;
    private final FrameLayout layout;
    private final VideoColours colours;

    public FrameGraph(ClipInfo clip, Frame frame) {
        this.clip = clip;
        this.frame = frame;
        this.layout = frame.layout(clip.size());
        this.colours = ClipColours.of(clip);
    }

    /** Whether a picture of the output's size has to come in, which the bars are cut from ({@code BarsPicture}). */
    public boolean wantsBarsPicture() {
        return !layout.bars().isEmpty()
                && (frame.bars().kind() == Bars.Kind.GRADIENT || frame.bars().kind() == Bars.Kind.PICTURE);
    }

    /** That picture as one more input. */
    public static List<String> barsInput(Path png) {
        return List.of("-f", "png_pipe", "-i", "file:" + png.toAbsolutePath());
    }

    /**
     * The graph from {@code [from]} to {@code [to]}. What comes out is upright, even, square and 8-bit 4:2:0.
     *
     * @param barsPicture label of the picture that the bars are cut from; null where none is wanted
     * @param startSeconds clip time of the first frame that comes, which ffmpeg calls 0
     */
    public String graph(String from, String to, String barsPicture, double startSeconds) {
        List<String> chains = new ArrayList<>();
        List<String> first = new ArrayList<>();
        if (clip.colour().rgb()) {
            first.add(colours.scaleFromRgb());
            first.add("format=yuv420p");
        }
        first.addAll(upright());
        if (layout.backdrop() != null && !layout.bars().isEmpty()) {
            first.add("split[near][far]");
            chains.add("[" + from + "]" + String.join(",", first));
            chains.add("[far]" + String.join(",", backdrop(layout.backdrop())) + "[back]");
            chains.add("[near]" + String.join(",", scaled()) + "[front]");
            chains.add("[back][front]" + overlay(layout.picture()) + "[framed]");
        } else {
            first.addAll(scaled());
            first.addAll(cropped(startSeconds));
            chains.add("[" + from + "]" + chain(first) + "[framed]");
        }
        String last = "framed";
        if (barsPicture != null) {
            last = bars(barsPicture, chains);
        }
        chains.add(
                "[" + last + "]" + (clip.pixelFormat().equals("yuv420p") ? "null" : "format=yuv420p") + "[" + to + "]");
        return String.join(";", chains);
    }

    private static String chain(List<String> filters) {
        return filters.isEmpty() ? "null" : String.join(",", filters);
    }

    /** Turned as it was said to be. ffmpeg itself has put right what the file says of its turn. */
    private List<String> upright() {
        return switch (frame.turn()) {
            case 90 -> List.of("transpose=clock");
            case 180 -> List.of("hflip", "vflip");
            case 270 -> List.of("transpose=cclock");
            default -> List.of();
        };
    }

    private List<String> scaled() {
        Box picture = layout.picture();
        Size turned = layout.turned();
        boolean same = picture.width() == turned.width() && picture.height() == turned.height();
        if (same && clip.squarePixels()) {
            return List.of("null");
        }
        // Larger as a browser makes it larger: the stage shows what is burned.
        String way = picture.width() > turned.width() ? "bilinear" : "bicubic";
        return List.of(format("scale=%.0f:%.0f:flags=%s", picture.width(), picture.height(), way), "setsar=1");
    }

    /** Cut to the output, or with bars of one colour around it. */
    private List<String> cropped(double startSeconds) {
        Size out = layout.output();
        Box picture = layout.picture();
        if (picture.width() > out.width() || picture.height() > out.height()) {
            return List.of(
                    layout.moves().isEmpty()
                            ? format(
                                    "crop=%d:%d:%.0f:%.0f", out.width(), out.height(), 0 - picture.x(), 0 - picture.y())
                            : format(
                                    "crop=%d:%d:'%s':'%s'",
                                    out.width(), out.height(), way(Move::x, startSeconds), way(Move::y, startSeconds)));
        }
        return layout.bars().isEmpty()
                ? List.of()
                : List.of(format("pad=%d:%d:%.0f:%.0f", out.width(), out.height(), picture.x(), picture.y())
                        + ":color=0x"
                        + colours.asBt601(frame.barColour()));
    }

    private interface Side {
        double of(Move move);
    }

    /** {@link FrameLayout#at} as an expression of the frame's time t: how far into the picture its crop begins. */
    private String way(Side side, double startSeconds) {
        List<Move> moves = layout.moves();
        StringBuilder way = new StringBuilder();
        for (int i = 0; i < moves.size(); i++) {
            double at = 0 - side.of(moves.get(i));
            if (i == 0) {
                way.append(format("if(lt(t,%.6f),%.3f,", seconds(moves.get(0), startSeconds), at));
            }
            if (i + 1 == moves.size()) {
                way.append(format("%.3f", at)).append(")".repeat(moves.size()));
                break;
            }
            double begin = seconds(moves.get(i), startSeconds);
            double end = seconds(moves.get(i + 1), startSeconds);
            double by = 0 - side.of(moves.get(i + 1)) - at;
            way.append(format(
                    "if(lt(t,%.6f),st(0,(t-(%.6f))/%.6f)*0+%.3f+(%.3f)*ld(0)*ld(0)*(3-2*ld(0)),",
                    end, begin, end - begin, at, by));
        }
        return way.toString();
    }

    private static double seconds(Move move, double startSeconds) {
        return move.ms() / 1000.0 - startSeconds;
    }

    private List<String> backdrop(Backdrop backdrop) {
        Box part = backdrop.part();
        Size out = layout.output();
        List<String> filters = new ArrayList<>();
        if (!clip.squarePixels()) {
            filters.add(format(
                    "scale=%d:%d", layout.turned().width(), layout.turned().height()));
        }
        filters.add(format("crop=%.0f:%.0f:%.0f:%.0f", part.width(), part.height(), part.x(), part.y()));
        filters.add(format(
                "scale=%d:%d:flags=area,setsar=1",
                backdrop.small().width(), backdrop.small().height()));
        filters.add("format=yuv420p");
        filters.add(format("gblur=sigma=%.3f:steps=3", backdrop.sigma()));
        int black = colours.fullRange() ? 0 : 16;
        filters.add(format(
                "lutyuv=y=(val-%d)*%.4f+%d:u=(val-128)*%.4f+128:v=(val-128)*%.4f+128",
                black, backdrop.light(), black, backdrop.light(), backdrop.light()));
        filters.add(format("scale=%d:%d:flags=bilinear,setsar=1", out.width(), out.height()));
        return filters;
    }

    /** Cuts each bar out of the picture and lays it where it belongs. @return the label of the result */
    private String bars(String barsPicture, List<String> chains) {
        int count = layout.bars().size();
        StringBuilder pieces = new StringBuilder();
        for (int i = 0; i < count; i++) {
            pieces.append("[piece").append(i).append("]");
        }
        chains.add("[" + barsPicture + "]" + colours.scaleFromRgb() + ",format=yuv420p,split=" + count + pieces);
        String last = "framed";
        for (int i = 0; i < count; i++) {
            Box bar = layout.bars().get(i);
            chains.add(format(
                    "[piece%d]crop=%.0f:%.0f:%.0f:%.0f[bar%d]", i, bar.width(), bar.height(), bar.x(), bar.y(), i));
            chains.add("[" + last + "][bar" + i + "]" + overlay(bar) + ":eof_action=repeat[barred" + i + "]");
            last = "barred" + i;
        }
        return last;
    }

    private static String overlay(Box at) {
        return format("overlay=%.0f:%.0f:format=yuv420", at.x(), at.y());
    }

    private static String format(String pattern, Object... values) {
        return String.format(Locale.ROOT, pattern, values);
    }
}
