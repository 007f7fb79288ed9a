package saltdrum.media.burn;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import saltdrum.core.cue.Frame;
import saltdrum.media.clip.CaptionStream;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.FrameGraph;
import saltdrum.media.clip.FrameRate;
import saltdrum.media.clip.FrameTimes;
import saltdrum.media.ffmpeg.Ffmpeg;
import saltdrum.media.paint.Band;

/**
 * The ffmpeg arguments of a burn.
 *
 * @param barsFile the picture that the frame's bars are cut from; null if not needed
 * @param times of all output frames
 * @param inPieces whether every piece begins with a key frame, so that it can be encoded again separately
 */
record BurnArguments(
        Path clip, ClipInfo info, Frame frame, Path barsFile, BurnOrder order, FrameTimes times, boolean inPieces) {
    private static final String MICROSECOND = "1/1000000";
    /** A seek goes to a key frame at or before this much ahead of a span. */
    private static final double EARLY_US = 0.5e6;

    /**
     * Of one run that burns a span.
     *
     * @param bits flags that say how many of them the picture gets
     * @param alsoPieces whether the film is written in pieces as well, into the folder that ffmpeg runs in
     */
    List<String> burning(Band band, List<String> bits, Span span, Path out, boolean alsoPieces) {
        boolean whole = span.isAll(times);
        List<String> command = Ffmpeg.ffmpeg();
        command.remove("-nostdin");
        command.addAll(List.of("-benchmark", "-loglevel", "info"));
        if (!whole) {
            // Clip times stay what they are, in the frame's moves and in what is painted.
            command.addAll(List.of("-copyts", "-start_at_zero"));
            command.addAll(seek(span));
        }
        command.addAll(Ffmpeg.clip(clip));
        command.addAll(List.of("-thread_queue_size", "16", "-f", "matroska", "-i", "pipe:0"));
        FrameRate rate = rate();
        FrameGraph framing = new FrameGraph(info, frame);
        String bars = framing.wantsBarsPicture() ? "2:v" : null;
        if (bars != null) {
            command.addAll(FrameGraph.barsInput(barsFile));
        }
        String before = rate != null ? "fps=" + rate.written() : whole ? "null" : trim(span);
        String graph = "[0:v:0]" + before + "[span];"
                + framing.graph("span", "picture", bars, 0) + ";"
                + "[1:v]settb=" + (rate == null ? tick() : MICROSECOND) + "[words];"
                + "[picture][words]overlay=" + band.left + ":" + band.top
                + ":format=yuv420:alpha=straight:eof_action=repeat[done]";
        command.addAll(List.of("-filter_complex", graph, "-map", "[done]"));
        command.addAll(encoder());
        command.addAll(bits);
        command.addAll(keyFrames(span));
        if (whole) {
            command.addAll(beside("0"));
        }
        command.addAll(List.of("-strict", "-2", "-map_chapters", "-1", "-progress", "pipe:1"));
        command.addAll(alsoPieces ? ResumableBurn.tee(muxer(), beginnings(span)) : mp4(out));
        return command;
    }

    /** Of a run that gives a picture that is whole what else belongs to the film. */
    List<String> completing(Path picture, Path out) {
        List<String> command = Ffmpeg.ffmpeg();
        command.addAll(Ffmpeg.clip(picture));
        command.addAll(Ffmpeg.clip(clip));
        command.addAll(List.of("-map", "0:v:0", "-c:v", "copy"));
        command.addAll(beside("1"));
        command.addAll(List.of("-strict", "-2", "-map_chapters", "-1"));
        command.addAll(mp4(out.toAbsolutePath()));
        return command;
    }

    /** Names and values, by turns. */
    private List<String> muxer() {
        List<String> muxer = new ArrayList<>(List.of("movflags", "+faststart"));
        if (tick().startsWith("1/")) {
            muxer.addAll(List.of("video_track_timescale", tick().substring(2)));
        }
        return muxer;
    }

    private List<String> mp4(Path out) {
        List<String> command = new ArrayList<>();
        List<String> muxer = muxer();
        for (int i = 0; i < muxer.size(); i += 2) {
            command.addAll(List.of("-" + muxer.get(i), muxer.get(i + 1)));
        }
        command.addAll(List.of("-f", "mp4", "file:" + out));
        return command;
    }

    /** Null for the clip's own frames. */
    private FrameRate rate() {
        return order.rate() == null ? null : FrameRate.of(order.rate());
    }

    private String tick() {
        return rate() != null
                ? rate().tick()
                : info.timeBase().numerator() + "/" + info.timeBase().denominator();
    }

    /** All that decides how the film comes out beside the clip's bytes and the captions. */
    List<Object> making() {
        return List.of(info, frame, order, tick(), encoder());
    }

    /** How the picture is encoded and tagged: what is equal here fits together. */
    private List<String> encoder() {
        List<String> flags = new ArrayList<>(List.of("-c:v", "libx264", "-preset", order.preset()));
        flags.addAll(List.of("-pix_fmt", "yuv420p", "-fps_mode", "passthrough", "-enc_time_base", tick()));
        flags.addAll(colourTags());
        return flags;
    }

    /** Every piece begins with a key frame, so that it can be made again alone. */
    private List<String> keyFrames(Span span) {
        if (!inPieces) {
            return List.of();
        }
        List<String> begins = beginnings(span);
        return begins.isEmpty() ? List.of() : List.of("-force_key_frames", String.join(",", begins));
    }

    /** Of pieces inside a span, just ahead of their first frames, seconds. */
    private List<String> beginnings(Span span) {
        return PieceGrid.of(times).stream()
                .filter(piece -> piece.from() > span.from() && piece.from() < span.to())
                .map(piece -> seconds(before(piece.from())))
                .toList();
    }

    /** What the film has beside its picture, of the input of that number. */
    private List<String> beside(String input) {
        List<String> command = new ArrayList<>(List.of("-map", input + ":a?"));
        command.addAll(SoundPlan.of(info).arguments());
        if (order.keepCaptions()) {
            for (ClipInfo.Captions stream : info.captions()) {
                if (CaptionStream.readable(stream)) {
                    command.addAll(List.of("-map", input + ":s:" + stream.index()));
                }
            }
            command.addAll(List.of("-c:s", "mov_text"));
        }
        return command;
    }

    /** Midway between a frame and the one before it, microseconds: no rounding moves a frame to the other side. */
    private double before(int frame) {
        return (times.us(frame - 1) + times.us(frame)) / 2.0;
    }

    /** To a key frame of the clip before the span; frames on the way are decoded and dropped. */
    private List<String> seek(Span span) {
        double early = times.us(span.from()) - EARLY_US;
        return early <= 0 ? List.of() : List.of("-noaccurate_seek", "-ss", seconds(early));
    }

    private String trim(Span span) {
        List<String> sides = new ArrayList<>();
        if (span.from() > 0) {
            sides.add("start=" + seconds(before(span.from())));
        }
        if (span.to() < times.count()) {
            sides.add("end=" + seconds(before(span.to())));
        }
        return "trim=" + String.join(":", sides);
    }

    private static String seconds(double us) {
        return String.format(Locale.ROOT, "%.6f", us / 1e6);
    }

    private List<String> colourTags() {
        List<String> tags = new ArrayList<>();
        ClipInfo.Colour colour = info.colour().written();
        if (colour.space() != null) {
            tags.addAll(List.of("-colorspace", colour.space()));
        }
        if (colour.primaries() != null) {
            tags.addAll(List.of("-color_primaries", colour.primaries()));
        }
        if (colour.transfer() != null) {
            tags.addAll(List.of("-color_trc", colour.transfer()));
        }
        if (colour.range() != null) {
            tags.addAll(List.of("-color_range", colour.range()));
        }
        return tags;
    }
}
