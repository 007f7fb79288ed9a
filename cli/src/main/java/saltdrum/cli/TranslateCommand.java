package saltdrum.cli;

import java.io.PrintWriter;
import java.net.URI;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;
import saltdrum.core.format.CaptionFormats;
import saltdrum.core.format.file.CaptionFile.Repair;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.translation.Translation;
import saltdrum.speech.translate.Apertium;
import saltdrum.speech.translate.OutsideTranslator;
import saltdrum.speech.translate.Translator;

@Command(
        description = "Translates a caption file cue by cue; cues and times stay. By Apertium, or by the service at "
                + "SALT_DRUM_TRANSLATOR_URL where that is set.")
final class TranslateCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "IN")
    Path in;

    @Option(names = "--to", required = true, paramLabel = "LANGUAGE", description = "such as es")
    String to;

    @Option(names = "--from", paramLabel = "LANGUAGE", description = "Without it, the file's own.")
    String from;

    @Option(names = "-o", required = true, paramLabel = "OUT")
    Path out;

    @Spec
    CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        CaptionFormats.named(out.getFileName().toString());
        List<Repair> repairs = new ArrayList<>();
        Track read = CaptionOptions.track(in, null, ShippedStyles.FIRST, repairs);
        Track first = from == null ? read : read.withLanguage(from);
        PrintWriter told = spec.commandLine().getErr();
        repairs.forEach(repair -> told.println("repaired: " + repair));
        String address = System.getenv("SALT_DRUM_TRANSLATOR_URL");
        Translator translator = address == null || address.isBlank()
                ? new Apertium()
                : new OutsideTranslator(URI.create(address), Duration.ofMinutes(2));
        List<String> texts =
                translator.translate(first.cues().stream().map(Cue::text).toList(), first.language(), to, () -> false);
        Map<Long, String> byCue = new HashMap<>();
        for (int i = 0; i < texts.size(); i++) {
            byCue.put(first.cues().get(i).id(), texts.get(i));
        }
        Track translated = Translation.filled(first, Translation.empty(first, to), byCue);
        CaptionOptions.write(translated, out, told);
        return 0;
    }
}
