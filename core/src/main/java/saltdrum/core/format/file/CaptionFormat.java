package saltdrum.core.format.file;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.style.Style;
import saltdrum.core.word.Word;

/**
 * A kind of caption file: how it is detected, read and written, and what of a track it keeps. A new kind is one subclass
 * and one line of {@code CaptionFormats}.
 */
public abstract class CaptionFormat {
    /** What a file may keep beside the words of its cues and when these are shown. */
    protected enum Keeps {
        WORD_TIMES,
        LINES,
        /** That a word is emphasised. */
        EMPHASIS,
        /** Which emphasis voice it has. */
        VOICES,
        CERTAINTY,
        /** What cues and words have of their look of their own. */
        LOOKS,
        /** Fixed texts. */
        HEADLINES,
        /** Who speaks. */
        SPEAKERS,
        /** The places that a caption file gave to cues. */
        PLACES
    }

    private final String name;
    private final String label;
    private final List<String> endings;
    private final Set<Keeps> keeps;

    /**
     * @param name in addresses and answers, upper case
     * @param endings of files, without the dot; it is written with the first
     */
    protected CaptionFormat(String name, String label, List<String> endings, Set<Keeps> keeps) {
        this.name = name;
        this.label = label;
        this.endings = endings;
        this.keeps = keeps;
    }

    @JsonValue
    public final String name() {
        return name;
    }

    public final String label() {
        return label;
    }

    public final List<String> endings() {
        return endings;
    }

    @Override
    public final String toString() {
        return name;
    }

    /** How clearly a text is of this format. */
    public enum Seen {
        NOT,
        PERHAPS,
        SURELY
    }

    /** @param head the first few thousand characters of a file */
    public abstract Seen seen(String head);

    public abstract CaptionFile read(String text);

    /**
     * The track as such a file.
     *
     * @param style for formats that carry a look; may be null
     * @param size of the finished picture
     */
    public abstract String write(Track track, Style style, Size size);

    /** As {@link #write(Track, Style, Size)}, for formats that carry a size of letters as the fonts of it have it. */
    public String write(Track track, Style style, Size size, FontHeights heights) {
        return write(track, style, size);
    }

    /**
     * What of this track such a file cannot keep, as sentences; empty when it keeps all words, times and breaks.
     *
     * @param style of the track; null where none is written
     */
    public final List<String> losses(Track track, Style style) {
        List<String> lost = new ArrayList<>();
        List<Word> words = track.words().toList();
        if (!keeps.contains(Keeps.WORD_TIMES) && !words.isEmpty()) {
            lost.add("the times of " + words.size() + " words: each cue keeps only its own");
        }
        losesOfTimes(words, lost);
        long stressed = words.stream().filter(w -> w.emphasis() > 0).count();
        if (stressed > 0 && !keeps.contains(Keeps.EMPHASIS)) {
            lost.add("the emphasis of " + stressed + (stressed == 1 ? " word" : " words"));
        } else if (!keeps.contains(Keeps.VOICES) && words.stream().anyMatch(w -> w.emphasis() > 1)) {
            lost.add("which emphasis voice a word has: it comes back as the first");
        }
        if (!keeps.contains(Keeps.LINES)
                && track.cues().stream().anyMatch(cue -> !cue.lineStarts().isEmpty())) {
            lost.add("where lines break");
        }
        if (!keeps.contains(Keeps.PLACES) && track.cues().stream().anyMatch(CaptionFormat::placed)) {
            lost.add("the places that a caption file gave to cues");
        }
        losesOfPlaces(track, lost);
        long bent = track.cues().stream().filter(CaptionFormat::bent).count();
        if (bent > 0 && !keeps.contains(Keeps.LOOKS)) {
            lost.add("the looks of their own of " + bent + (bent == 1 ? " cue" : " cues") + " and their words");
        }
        if (!keeps.contains(Keeps.CERTAINTY) && words.stream().anyMatch(w -> w.confidence() < 1)) {
            lost.add("how sure each word is");
        }
        int headlines = track.beside().headlines().size();
        if (headlines > 0 && !keeps.contains(Keeps.HEADLINES)) {
            lost.add(headlines == 1 ? "the headline" : "the " + headlines + " headlines");
        }
        if (!track.beside().speakers().names().isEmpty() && !keeps.contains(Keeps.SPEAKERS)) {
            lost.add("who speaks");
        }
        lost.addAll(losesOfLook(track, style));
        return lost;
    }

    private static boolean bent(Cue cue) {
        return !cue.look().isEmpty()
                || cue.words().stream().anyMatch(word -> !word.look().isEmpty());
    }

    protected static boolean placed(Cue cue) {
        return cue.given() != null && cue.given().settings() != null;
    }

    protected void losesOfTimes(List<Word> words, List<String> lost) {}

    protected void losesOfPlaces(Track track, List<String> lost) {}

    protected List<String> losesOfLook(Track track, Style style) {
        return List.of("the style and its motion");
    }
}
