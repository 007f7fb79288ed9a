package saltdrum.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import saltdrum.core.format.CaptionFormats;
import saltdrum.core.format.file.CaptionFile.Repair;
import saltdrum.core.style.ShippedStyles;

@Command(
        description = "Converts a caption file to another format, by the file names' extensions: json, srt, vtt, "
                + "ttml, ass, txt.")
final class ConvertCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "IN")
    Path in;

    @Option(
            names = "--recipe",
            paramLabel = "NAME|key=value,…",
            description = "Breaks the text again. Without it the file's own breaks are kept; a words file without "
                    + "breaks gets “phrase”.")
    String recipe;

    @Option(names = "-o", required = true, paramLabel = "OUT")
    Path out;

    @Spec
    CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        CaptionFormats.named(out.getFileName().toString());
        List<Repair> repairs = new ArrayList<>();
        var track = CaptionOptions.track(in, recipe, ShippedStyles.FIRST, repairs);
        PrintWriter told = spec.commandLine().getErr();
        repairs.forEach(repair -> told.println("repaired: " + repair));
        CaptionOptions.write(track, out, told);
        return 0;
    }
}
