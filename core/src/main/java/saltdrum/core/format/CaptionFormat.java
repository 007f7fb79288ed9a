package saltdrum.core.format;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.style.Style;
import saltdrum.core.word.Word;

/** The caption files that are read and written, and what each can carry. */
public enum CaptionFormat {
    WORDS("Words file", List.of("json"), true, true),
    SRT("SRT", List.of("srt"), false, false),
    WEBVTT("WebVTT", List.of("vtt"), true, false),
    TTML("TTML (IMSC 1.1 text)", List.of("ttml", "imsc", "xml"), true, false),
    ASS("ASS", List.of("ass", "ssa"), true, false),
    TEXT("Plain text with times", List.of("txt"), false, false);

    public final String label;
    public final List<String> extensions;
    private final boolean wordTimes;
    private final boolean everything;

    CaptionFormat(String label, List<String> extensions, boolean wordTimes, boolean everything) {
        this.label = label;
        this.extensions = extensions;
        this.wordTimes = wordTimes;
        this.everything = everything;
    }

    /** By the file name's ending. @throws BadInputException for another ending */
    public static CaptionFormat named(String fileName) {
        String ending = fileName.substring(fileName.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        return Arrays.stream(values())
                .filter(format -> format.extensions.contains(ending))
                .findFirst()
                .orElseThrow(
                        () -> new BadInputException("“" + fileName + "” has no ending of a caption file. There are: "
                                + Arrays.stream(values())
                                        .flatMap(f -> f.extensions.stream())
                                        .map(e -> "." + e)
                                        .collect(Collectors.joining(", "))
                                + "."));
    }

    /** By what stands in the file, whatever its name says; null where nothing is known again. */
    static CaptionFormat seenIn(String text) {
        String head = text.substring(0, Math.min(text.length(), 4000));
        String start = head.stripLeading();
        if (start.startsWith("WEBVTT")) {
            return WEBVTT;
        } else if (start.startsWith("{")) {
            return WORDS;
        } else if (start.startsWith("<") && head.contains("<tt") || head.contains(":tt ")) {
            return TTML;
        } else if (head.contains("[Script Info]") || head.contains("Dialogue:")) {
            return ASS;
        } else if (head.lines().anyMatch(line -> CueReader.TIMES.matcher(line).matches())) {
            return SRT;
        }
        return null;
    }

    CaptionFile read(String text) {
        return switch (this) {
            case WORDS -> WordsFile.read(text).toCaptions();
            case SRT -> Srt.read(text);
            case WEBVTT -> WebVtt.read(text);
            case TTML -> Ttml.read(text);
            case ASS -> Ass.read(text);
            case TEXT -> PlainText.read(text);
        };
    }

    /**
     * The track as such a file.
     *
     * @param style for formats that carry a look; may be null
     * @param size of the finished picture
     */
    public String write(Track track, Style style, Size size) {
        return switch (this) {
            case WORDS -> WordsFile.of(track).write();
            case SRT -> Srt.write(track);
            case WEBVTT -> WebVtt.write(track);
            case TTML -> Ttml.write(track);
            case ASS -> Ass.write(track, style, size);
            case TEXT -> PlainText.write(track);
        };
    }

    private static boolean placed(Cue cue) {
        return cue.given() != null && cue.given().settings() != null;
    }

    private static boolean placedWhereNoRegionIs(Cue cue) {
        return placed(cue) && Ttml.region(cue) == null;
    }

    /** What of this track such a file cannot keep, as sentences; empty when it keeps all words, times and breaks. */
    public List<String> loses(Track track) {
        List<String> lost = new ArrayList<>();
        List<Word> words = track.words().toList();
        if (!wordTimes && !words.isEmpty()) {
            lost.add("the times of " + words.size() + " words: each cue keeps only its own");
        }
        if (this == ASS && words.stream().anyMatch(w -> w.startMs() % 10 != 0 || w.endMs() % 10 != 0)) {
            lost.add("times finer than a hundredth of a second");
        }
        long stressed = words.stream().filter(w -> w.emphasis() > 0).count();
        if (stressed > 0 && (this == SRT || this == TEXT)) {
            lost.add("the emphasis of " + stressed + (stressed == 1 ? " word" : " words"));
        } else if (!everything && words.stream().anyMatch(w -> w.emphasis() > 1)) {
            lost.add("which emphasis voice a word has: it comes back as the first");
        }
        if (this == TEXT
                && track.cues().stream().anyMatch(cue -> !cue.lineStarts().isEmpty())) {
            lost.add("where lines break");
        }
        if (this == TTML && track.cues().stream().anyMatch(CaptionFormat::placedWhereNoRegionIs)) {
            lost.add("the WebVTT cue settings that no region can tell: lines by number, vertical text");
        } else if (this != TTML && this != WEBVTT && track.cues().stream().anyMatch(CaptionFormat::placed)) {
            lost.add("the places that a caption file gave to cues");
        }
        if (!everything && words.stream().anyMatch(w -> w.confidence() < 1)) {
            lost.add("how sure each word is");
        }
        if (this != ASS) {
            lost.add("the style and its motion");
        } else {
            lost.add("the style's motion: the look is a basic one");
        }
        return lost;
    }
}
