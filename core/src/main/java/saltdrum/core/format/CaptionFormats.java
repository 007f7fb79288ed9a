package saltdrum.core.format;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import saltdrum.core.BadInputException;
import saltdrum.core.format.ass.AssFormat;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.format.plain.TextFormat;
import saltdrum.core.format.srt.SrtFormat;
import saltdrum.core.format.ttml.TtmlFormat;
import saltdrum.core.format.webvtt.WebVttFormat;
import saltdrum.core.format.words.WordsFormat;
import saltdrum.core.text.Quoted;

/** The caption formats that are read and written. All other lists of formats are derived from this one. */
public final class CaptionFormats {
    public static final CaptionFormat WORDS = new WordsFormat();
    public static final CaptionFormat SRT = new SrtFormat();
    public static final CaptionFormat WEBVTT = new WebVttFormat();
    public static final CaptionFormat TTML = new TtmlFormat();
    public static final CaptionFormat ASS = new AssFormat();
    public static final CaptionFormat TEXT = new TextFormat();

    /** In the order in which they are offered. */
    public static final List<CaptionFormat> ALL = List.of(WORDS, SRT, WEBVTT, TTML, ASS, TEXT);

    private CaptionFormats() {}

    /** Finds a format by name. @throws BadInputException if there is none */
    public static CaptionFormat of(String name) {
        return ALL.stream()
                .filter(format -> format.name().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(() -> new BadInputException("There is no caption file " + Quoted.of(name) + ". There are: "
                        + ALL.stream().map(CaptionFormat::name).collect(Collectors.joining(", ")) + "."));
    }

    /** By the file name's extension. @throws BadInputException for another extension */
    public static CaptionFormat named(String fileName) {
        String extension = fileName.substring(fileName.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        return ALL.stream()
                .filter(format -> format.endings().contains(extension))
                .findFirst()
                .orElseThrow(() -> new BadInputException(
                        Quoted.of(fileName) + " has no ending of a caption file. There are: " + allEndings() + "."));
    }

    /** {@code .json, .srt, …}. */
    public static String allEndings() {
        return ALL.stream()
                .flatMap(format -> format.endings().stream())
                .map(ending -> "." + ending)
                .collect(Collectors.joining(", "));
    }

    /** Detects the format from the content and ignores the file name; null if it is not recognised. */
    static CaptionFormat seenIn(String text) {
        String head = text.substring(0, Math.min(text.length(), 4000));
        CaptionFormat best = null;
        CaptionFormat.Seen clearest = CaptionFormat.Seen.NOT;
        for (CaptionFormat format : ALL) {
            CaptionFormat.Seen seen = format.seen(head);
            if (seen.compareTo(clearest) > 0) {
                best = format;
                clearest = seen;
            }
        }
        return best;
    }
}
