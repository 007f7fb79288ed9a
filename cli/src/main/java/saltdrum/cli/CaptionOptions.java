package saltdrum.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.CaptionImport;
import saltdrum.core.edit.fitted.FittedBreaks;
import saltdrum.core.format.CaptionFormats;
import saltdrum.core.format.Captions;
import saltdrum.core.format.file.CaptionFile;
import saltdrum.core.format.file.CaptionFile.Repair;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleCheck;
import saltdrum.core.text.TextFile;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.emoji.Stickers;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.MachineHyphens;
import saltdrum.media.font.SkijaTypesetter;

/** What makes a scene on the command line: captions, style, recipe, frame. */
public final class CaptionOptions {
    @Option(
            names = "--captions",
            required = true,
            paramLabel = "FILE",
            description = "Caption file: .json, .srt, .vtt, .ttml, .ass or .txt.")
    Path captions;

    @Option(
            names = "--style",
            paramLabel = "NAME|FILE",
            defaultValue = ShippedStyles.FIRST,
            description = "A style's name, its file, or a ZIP of it and its fonts.")
    String style;

    @Option(
            names = "--recipe",
            paramLabel = "NAME|key=value,…",
            description = "one word, phrase, two lines, or keys such as lineCharacters=18,lines=2. "
                    + "Without it a file's own breaks are kept; a words file without breaks gets “phrase”.")
    String recipe;

    @Option(
            names = "--frame",
            paramLabel = "FRAME",
            defaultValue = "own",
            description = "own, 9:16, 4:5, 1:1 or 16:9; add ,fit for bars.")
    String frame;

    @Option(
            names = "--font",
            paramLabel = "FILE",
            description = "A font that the style asks for: .ttf, .otf or .woff2. Can be repeated.")
    List<Path> given = new ArrayList<>();

    @Option(
            names = "--sticker",
            paramLabel = "FILE",
            description = "A picture to show at words: .svg in flat colours, or .png. Can be repeated.")
    List<Path> drawings = new ArrayList<>();

    private final CaptionFonts fonts = new CaptionFonts();

    @Spec(Spec.Target.MIXEE)
    CommandSpec mixee;

    Style style() throws IOException {
        return fonts.style(style);
    }

    Track track() throws IOException {
        return track(captions, recipe, style().name(), new ArrayList<>()).withFrame(Frame.parse(frame));
    }

    /**
     * The track of a caption file.
     *
     * @param recipe null keeps the file's own breaks, where it has some
     * @param repairs gets what had to be put right
     */
    static Track track(Path file, String recipe, String style, List<Repair> repairs) throws IOException {
        String name = file.getFileName().toString();
        CaptionFile read = Captions.read(Files.readAllBytes(file), name);
        String language = read.language() == null ? "und" : read.language();
        CaptionImport bring = CaptionImport.of(read, name, language, Integer.MAX_VALUE);
        repairs.addAll(bring.repairs());
        return recipe != null
                ? Track.of(language, Recipe.parse(recipe), style, bring.words())
                : bring.edit().on(Track.empty(language, style).withRecipe(Recipe.parse("phrase")));
    }

    /** Writes a track in the format of the file name's ending, and first reports what that format cannot hold. */
    static void write(Track track, Path out, PrintWriter told) throws IOException {
        CaptionFormat format = CaptionFormats.named(out.getFileName().toString());
        List<String> lost = format.losses(track, null);
        if (!lost.isEmpty()) {
            told.println(format.label() + " cannot keep " + String.join("; ", lost) + ".");
        }
        told.flush();
        Files.writeString(out, format.write(track, null, new Size(1080, 1920)), StandardCharsets.UTF_8);
    }

    /** The captions in their look, broken so that they fit it. */
    record Dressed(SceneMaker scenes, Style style, Track track) {}

    Dressed dressed(ClipInfo info) throws IOException {
        Dressed dressed = dressed(info.size());
        return new Dressed(dressed.scenes, dressed.style, dressed.track.withLength((int)
                Math.min(Track.NO_END, info.durationMs())));
    }

    /** Reports on standard error which typefaces are missing for the look. */
    private Dressed dressed(Size clip) throws IOException {
        fonts.add(given);
        for (Path drawing : drawings) {
            fonts.stickers().add(Stickers.read(Files.readAllBytes(drawing)));
        }
        Style style = style();
        PrintWriter err = mixee.commandLine().getErr();
        StyleCheck.missing(style, fonts.shelf()::has)
                .forEach(family -> err.println(
                        "The typeface “" + family + "” is missing: “" + FontShelf.STAND_IN + "” is used instead."));
        err.flush();
        SceneMaker scenes = new SceneMaker(new SkijaTypesetter(fonts.shelf(), fonts.stickers()), new MachineHyphens());
        Track track = track();
        Track empty = Track.empty(track.language(), track.style()).withFrame(track.frame());
        Track fitted = FittedBreaks.followed(empty, track, null, clip, any -> scenes.measure(any, style, clip));
        return new Dressed(scenes, style, fitted);
    }

    /** Reports on standard error what is missing for the look: typefaces, and characters that none of them has. */
    Scene scene(Size clip) throws IOException {
        return scene(dressed(clip), clip);
    }

    /** As {@link #scene(Size)}. */
    Scene scene(Dressed dressed, Size clip) {
        PrintWriter err = mixee.commandLine().getErr();
        Scene scene = dressed.scenes.make(dressed.track, dressed.style, clip);
        String missing = scene.parts().stream().map(Part::missing).distinct().collect(Collectors.joining());
        if (!missing.isEmpty()) {
            err.println("No typeface here has these characters, and they are left out: " + missing);
        }
        err.flush();
        return scene;
    }

    /** As {@link #scene}, where nothing checked may be thrown. */
    Scene unchecked(Size clip) {
        try {
            return scene(clip);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Of a text file in any usual encoding. */
    static String text(Path file) throws IOException {
        byte[] bytes = Files.readAllBytes(file);
        if (bytes.length > 20_000_000) {
            throw new BadInputException("“" + file.getFileName() + "” is larger than 20 MB: it is not a caption file.");
        }
        return TextFile.of(bytes).text();
    }
}
