package saltdrum.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import saltdrum.core.cue.Frame;
import saltdrum.core.scene.Scene;
import saltdrum.media.burn.Burn;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Probe;

@Command(description = "Burns captions into a clip.")
final class BurnCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "CLIP")
    Path clip;

    @Mixin
    CaptionOptions captions;

    @Option(names = "--preset", defaultValue = "veryfast", description = "x264's preset, veryfast by default.")
    String preset;

    @Option(names = "--crf", defaultValue = "20", description = "x264's rate factor, 20 by default.")
    int crf;

    @Option(names = "-o", required = true, paramLabel = "OUT.mp4")
    Path out;

    @Override
    public Integer call() throws Exception {
        ClipInfo info = Probe.of(clip);
        Frame frame = Frame.parse(captions.frame);
        Scene scene = captions.scene(info.size());
        BurnOrder order = new BurnOrder(preset, crf);
        Path part = out.toAbsolutePath().resolveSibling("." + out.getFileName() + ".part");
        try {
            new Burn(clip, info, frame, scene, order).to(part, done -> {}, () -> false);
            Files.move(part, out, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(part);
        }
        return 0;
    }
}
