package saltdrum.cli;

import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Track;
import saltdrum.core.format.CaptionFormats;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.scene.Scene;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Probe;
import saltdrum.media.output.BarsFile;
import saltdrum.media.output.Delivery;
import saltdrum.media.output.OutputKind;

@Command(description = "Makes several outputs of a clip and its captions in a folder. Existing files are replaced.")
final class DeliverCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "CLIP")
    Path clip;

    @Mixin
    CaptionOptions captions;

    @Option(
            names = "--as",
            required = true,
            split = ",",
            paramLabel = "KIND",
            completionCandidates = Kinds.class,
            description = "One or more of: ${COMPLETION-CANDIDATES}. The last are caption files.")
    List<String> kinds;

    @Option(names = "--preset", defaultValue = "veryfast", description = "x264's preset, veryfast by default.")
    String preset;

    @Option(names = "--crf", defaultValue = "20", description = "x264's rate factor, 20 by default.")
    int crf;

    @Option(names = "--rate", paramLabel = "FRAMES", description = "Frames a second, in place of the clip's own.")
    Double rate;

    @Option(
            names = "--megabytes",
            paramLabel = "MB",
            description = "Target size of each video, instead of the rate factor; encoded in two passes.")
    Double megabytes;

    @Option(names = "--at", paramLabel = "SECONDS", description = "Of stills; the middle of the first cue by default.")
    Double at;

    @Option(names = "-o", required = true, paramLabel = "FOLDER")
    Path folder;

    @Spec
    CommandSpec spec;

    /** What {@code --as} takes. */
    static final class Kinds implements Iterable<String> {
        @Override
        public Iterator<String> iterator() {
            return Stream.concat(
                            OutputKind.NAMED.stream().map(OutputKind::written),
                            CaptionFormats.ALL.stream()
                                    .map(format -> format.endings().get(0)))
                    .iterator();
        }
    }

    @Override
    public Integer call() throws Exception {
        ClipInfo info = Probe.of(clip);
        Frame frame = Frame.parse(captions.frame);
        CaptionOptions.Dressed dressed = captions.dressed(info);
        Scene scene = captions.scene(dressed, info.size());
        Track track = dressed.track();
        List<Object> wanted = new ArrayList<>();
        for (String kind : kinds) {
            wanted.add(
                    CaptionFormats.ALL.stream()
                                    .anyMatch(format -> format.endings().contains(kind))
                            ? CaptionFormats.named("a." + kind)
                            : OutputKind.of(kind));
        }
        Files.createDirectories(folder);
        Path bars = Files.createTempFile(folder, "bars", ".png");
        try {
            Delivery delivery = new Delivery(
                    clip,
                    info,
                    frame,
                    BarsFile.write(info, frame, picture -> null, bars),
                    scene,
                    List.of(track),
                    new BurnOrder(preset, crf, false, rate, megabytes == null ? null : Math.round(megabytes * 1e6)),
                    at == null ? null : Math.round(at * 1000),
                    null,
                    null);
            for (Object what : wanted) {
                deliver(delivery, track, what);
            }
        } finally {
            Files.deleteIfExists(bars);
        }
        return 0;
    }

    private void deliver(Delivery delivery, Track track, Object what) throws Exception {
        PrintWriter told = spec.commandLine().getOut();
        String name = clip.getFileName().toString().replaceAll("\\.[^.]*$", "");
        if (what instanceof CaptionFormat format) {
            Path out = folder.resolve(name + "." + format.endings().get(0));
            CaptionOptions.write(track, out, spec.commandLine().getErr());
            told.println(out + ": " + format.label());
        } else {
            OutputKind kind = (OutputKind) what;
            Path out = folder.resolve(name + " " + kind.written() + "." + kind.ending);
            Path part = folder.resolve("." + out.getFileName() + ".part");
            try {
                delivery.make(kind, part, done -> {}, () -> false);
                Files.move(part, out, StandardCopyOption.REPLACE_EXISTING);
            } finally {
                Files.deleteIfExists(part);
            }
            told.println(out + ": " + kind.said);
        }
        told.flush();
    }
}
