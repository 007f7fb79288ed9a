package saltdrum.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import saltdrum.cli.draft.DraftFolder;
import saltdrum.core.Json;
import saltdrum.core.cue.Recipe;
import saltdrum.core.firstdraft.DraftSettings;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;
import saltdrum.media.font.MachineHyphens;
import saltdrum.media.font.SkijaTypesetter;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.recognise.Term;

@Command(
        description =
                "Makes a first draft of every clip in a folder: words, breaks, style and emphasis, mended, as film"
                        + " and caption files, and a page of what needs a look. Ends with 4 if a clip has no draft.")
final class DraftCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "FOLDER")
    Path folder;

    @Option(names = "-o", required = true, paramLabel = "OUT", description = "Folder for the drafts.")
    Path out;

    @Option(
            names = "--client",
            paramLabel = "NAME",
            description = "Takes what the client wants from NAME.draft.json in the folder, where there is one,"
                    + " and terms from NAME.terms.txt.")
    String client;

    @Option(names = "--style", paramLabel = "NAME|FILE", description = "In place of the client's.")
    String style;

    @Option(names = "--recipe", paramLabel = "NAME|key=value,…", description = "In place of the client's.")
    String recipe;

    @Option(names = "--language", description = "BCP 47 tag, in place of the client's; en by default.")
    String language;

    @Spec
    CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        CaptionFonts fonts = new CaptionFonts();
        DraftSettings settings = settings();
        Style look = fonts.style(settings.style() == null ? ShippedStyles.FIRST : settings.style());
        SceneMaker scenes = new SceneMaker(new SkijaTypesetter(fonts.shelf(), fonts.stickers()), new MachineHyphens());
        DraftFolder drafts = new DraftFolder(
                settings,
                look,
                scenes,
                new SpeechDesk(),
                terms(),
                out,
                spec.commandLine().getOut());
        String title = client == null ? "Drafts" : "Drafts for " + client;
        return drafts.of(folder, title) == 0 ? 0 : CheckCommand.FOUND;
    }

    private DraftSettings settings() throws java.io.IOException {
        Path file = folder.resolve(client + ".draft.json");
        DraftSettings settings = client != null && Files.isRegularFile(file)
                ? Json.read(CaptionOptions.text(file), DraftSettings.class, "draft settings")
                : DraftSettings.USUAL;
        settings = style == null ? settings : settings.withStyle(style);
        settings = recipe == null ? settings : settings.withRecipe(Recipe.parse(recipe));
        return language == null ? settings : settings.withLanguage(language);
    }

    private List<Term> terms() throws java.io.IOException {
        Path file = folder.resolve(client + ".terms.txt");
        return client != null && Files.isRegularFile(file) ? Term.lines(CaptionOptions.text(file)) : List.of();
    }
}
