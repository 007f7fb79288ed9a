package saltdrum.core.format.file;

import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Headline;
import saltdrum.core.look.Styling;

/**
 * The content of a caption file.
 *
 * @param language BCP 47 tag, or null if the file does not state it
 * @param broken whether the file defines where cues begin; a words file need not
 * @param regions WebVTT region blocks as written in the file, or null
 * @param repairs what was wrong and was corrected, in the order of the file
 * @param styling overrides of the style for the whole track, or null if the file has none
 * @param headlines fixed texts, or null if the file does not define them; their ids have no meaning
 */
public record CaptionFile(
        String language,
        List<FileCue> cues,
        boolean broken,
        String regions,
        List<Repair> repairs,
        Styling styling,
        List<Headline> headlines) {
    public CaptionFile(String language, List<FileCue> cues, boolean broken, String regions, List<Repair> repairs) {
        this(language, cues, broken, regions, repairs, null, null);
    }

    /** More than a clip of half an hour can show. */
    private static final int MOST_CUES = 20_000;

    /**
     * For readers, at each cue.
     *
     * @throws BadInputException when there are more than any clip has
     */
    public static void check(int cues) {
        if (cues > MOST_CUES) {
            throw new BadInputException("The file has more than " + MOST_CUES + " cues. Nothing was imported.");
        }
    }

    /** @param line of the file, from 1; 0 for the file as a whole */
    public record Repair(int line, String said) {
        @Override
        public String toString() {
            return line == 0 ? said : "Line " + line + ": " + said;
        }
    }
}
