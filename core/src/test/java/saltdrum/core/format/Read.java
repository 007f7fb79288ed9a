package saltdrum.core.format;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ImportEdit.BringInCues;
import saltdrum.core.format.file.CaptionFile;
import saltdrum.core.format.file.TimedCues;

/** Reads files in tests and says what came of them in one line. */
final class Read {
    final CaptionFile file;
    final List<Cue> cues;
    final List<CaptionFile.Repair> repairs = new ArrayList<>();

    private Read(byte[] bytes, String name) {
        file = Captions.read(bytes, name);
        repairs.addAll(file.repairs());
        cues = TimedCues.of(file, repairs);
    }

    static Read of(String text, String name) {
        return new Read(text.getBytes(StandardCharsets.UTF_8), name);
    }

    static Read of(byte[] bytes, String name) {
        return new Read(bytes, name);
    }

    /** {@code Row@1000-1333 the@1333-1667 | Home.@3000-4500}: a bar between cues, a slash between lines. */
    String said() {
        StringBuilder out = new StringBuilder();
        for (Cue cue : cues) {
            out.append(out.isEmpty() ? "" : " | ");
            for (int i = 0; i < cue.words().size(); i++) {
                var word = cue.words().get(i);
                out.append(i == 0 ? "" : cue.lineStarts().contains(i) ? " / " : " ");
                out.append(word.text())
                        .append('@')
                        .append(word.startMs())
                        .append('-')
                        .append(word.endMs());
            }
        }
        return out.toString();
    }

    List<String> repaired() {
        return repairs.stream().map(Object::toString).toList();
    }

    Track track() {
        return new BringInCues(file.language(), cues, file.regions()).on(Track.empty("en", "Mallet"));
    }
}
