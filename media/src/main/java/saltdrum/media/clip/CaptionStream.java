package saltdrum.media.clip;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.text.Quoted;
import saltdrum.media.ffmpeg.Ffmpeg;
import saltdrum.media.ffmpeg.ToolRun;

/** Extracts caption streams of a video as caption files. */
public final class CaptionStream {
    private static final List<String> TEXT =
            List.of("mov_text", "subrip", "srt", "webvtt", "ass", "ssa", "text", "ttml");

    private CaptionStream() {}

    public static boolean readable(ClipInfo.Captions stream) {
        return TEXT.contains(stream.codec());
    }

    /** The bytes of a WebVTT or ASS file, whichever keeps more. @throws BadInputException for pictures of text */
    public static byte[] read(Path clip, ClipInfo info, int index) {
        if (index < 0 || index >= info.captions().size()) {
            throw new BadInputException("The clip has no caption stream " + (index + 1) + ".");
        }
        ClipInfo.Captions stream = info.captions().get(index);
        if (!readable(stream)) {
            throw new BadInputException("The caption stream is " + Quoted.of(stream.codec())
                    + ": pictures of text, which cannot be read as words. Paste the script instead.");
        }
        boolean ass = stream.codec().equals("ass") || stream.codec().equals("ssa");
        List<String> command = Ffmpeg.ffmpeg();
        command.addAll(Ffmpeg.clip(clip));
        command.addAll(List.of("-map", "0:s:" + index, "-f", ass ? "ass" : "webvtt", "pipe:1"));
        return ToolRun.text(command, 60, failed -> {
                    throw new BadInputException("The caption stream cannot be read (" + failed.failureReason()
                            + "). The clip was not changed.");
                })
                .getBytes(StandardCharsets.UTF_8);
    }
}
