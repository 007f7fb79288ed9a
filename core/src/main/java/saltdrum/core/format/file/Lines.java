package saltdrum.core.format.file;

import java.util.ArrayList;
import java.util.List;

/** A text's lines, ended as on any system. */
public final class Lines {
    private Lines() {}

    /** Without their ends; the last one is empty where the text ends with one. */
    public static String[] of(String text) {
        List<String> lines = new ArrayList<>();
        int from = 0;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '\n' || c == '\r') {
                lines.add(text.substring(from, i));
                i += c == '\r' && i + 1 < text.length() && text.charAt(i + 1) == '\n' ? 1 : 0;
                from = i + 1;
            }
        }
        lines.add(text.substring(from));
        return lines.toArray(String[]::new);
    }
}
