package saltdrum.core.edit;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Range;
import saltdrum.core.edit.ImportEdit.BringInCues;
import saltdrum.core.edit.ImportEdit.ReplaceWords;
import saltdrum.core.format.file.CaptionFile;
import saltdrum.core.format.file.CaptionFile.Repair;
import saltdrum.core.format.file.TimedCues;
import saltdrum.core.text.Quoted;
import saltdrum.core.word.Word;

/**
 * What importing a caption file does to a track, in the browser and on the command line alike.
 *
 * @param edit the file's own cues if it defines any, else its words
 * @param cues of the file that are imported
 * @param repairs what was corrected or left out
 */
public record CaptionImport(Edit edit, List<Cue> cues, List<Repair> repairs) {

    /**
     * @param name of the file, for messages
     * @param language of its words where it does not say
     * @param endMs of the clip; what begins later is left out
     * @throws BadInputException when all of it begins later
     */
    public static CaptionImport of(CaptionFile file, String name, String language, long endMs) {
        List<Repair> repairs = new ArrayList<>(file.repairs());
        List<Cue> cues = TimedCues.of(file, repairs).stream()
                .filter(cue -> cue.firstWordMs() < endMs)
                .toList();
        if (cues.isEmpty()) {
            throw new BadInputException("All cues of " + Quoted.of(name)
                    + " lie after the clip's end. Check that file and clip belong together.");
        }
        int left = file.cues().size() - cues.size();
        if (left > 0) {
            repairs.add(new Repair(0, left + " cues after the clip's end were left out."));
        }
        Edit edit = file.broken()
                ? new BringInCues(file.language(), cues, file.regions(), file.styling(), file.headlines())
                : new ReplaceWords(file.language() == null ? language : file.language(), words(cues), Range.ALL);
        return new CaptionImport(edit, cues, List.copyOf(repairs));
    }

    public List<Word> words() {
        return words(cues);
    }

    private static List<Word> words(List<Cue> cues) {
        return cues.stream().flatMap(cue -> cue.words().stream()).toList();
    }
}
