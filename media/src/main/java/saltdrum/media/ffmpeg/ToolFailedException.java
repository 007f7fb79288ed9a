package saltdrum.media.ffmpeg;

import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import saltdrum.core.SaltDrumException;

/** An external tool failed. The message is for every user; the tool's own last lines are for diagnosis. */
public final class ToolFailedException extends SaltDrumException {
    private static final int MOST_LINES = 8;
    private static final int MOST_LETTERS = 300;
    /** Removes paths of our folders from tool output. */
    private static final Pattern FOLDERS = Pattern.compile("(?<![\\w.])/[^:'\"]*/");

    private final String lastLines;

    public ToolFailedException(String message, ToolRun run) {
        super(message);
        this.lastLines = last(run.errors());
    }

    static String last(String said) {
        // What a progress line overwrote was not meant to be read.
        List<String> lines = Arrays.stream(said.split("\n"))
                .map(line -> line.substring(line.lastIndexOf('\r') + 1).strip())
                .filter(line -> !line.isEmpty())
                .map(line -> FOLDERS.matcher(line).replaceAll(""))
                .map(line -> line.substring(0, Math.min(line.length(), MOST_LETTERS)))
                .toList();
        return String.join("\n", lines.subList(Math.max(0, lines.size() - MOST_LINES), lines.size()));
    }

    /** At most eight, without folders; empty where it said nothing. */
    public String lastLines() {
        return lastLines;
    }
}
