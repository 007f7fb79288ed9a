package saltdrum.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import saltdrum.core.cue.Frame;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Pictures;
import saltdrum.media.clip.Probe;

@Command(description = "One frame of the clip with its captions, as PNG.")
final class StillCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "CLIP")
    Path clip;

    @Mixin
    CaptionOptions captions;

    @Option(names = "--at", required = true, paramLabel = "SECONDS")
    double at;

    @Option(names = "-o", required = true, paramLabel = "OUT.png")
    Path out;

    @Override
    public Integer call() throws Exception {
        ClipInfo info = Probe.of(clip);
        byte[] png = Pictures.still(
                clip,
                info,
                Frame.parse(captions.frame),
                null,
                () -> captions.unchecked(info.size()),
                Math.round(at * 1000));
        Files.write(out, png);
        return 0;
    }
}
