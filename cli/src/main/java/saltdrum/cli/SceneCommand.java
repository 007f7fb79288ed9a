package saltdrum.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import saltdrum.core.Json;
import saltdrum.core.cue.Size;

@Command(description = "Writes the display list that the painters draw.")
final class SceneCommand implements Callable<Integer> {
    @Mixin
    CaptionOptions captions;

    @Option(names = "-o", required = true, paramLabel = "OUT.json")
    Path out;

    @Override
    public Integer call() throws Exception {
        Files.write(out, Json.bytes(captions.scene(new Size(1080, 1920))));
        return 0;
    }
}
