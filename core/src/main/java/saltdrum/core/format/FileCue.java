package saltdrum.core.format;

import java.util.List;

/**
 * A cue of a caption file.
 *
 * @param lineStarts indexes of the words that start a new line
 * @param settings WebVTT cue settings as they stand in the file, or null
 * @param line of the file, from 1
 */
public record FileCue(
        int startMs, int endMs, List<FileWord> words, List<Integer> lineStarts, String settings, int line) {}
