package saltdrum.core.merge;

import java.util.List;
import saltdrum.core.RefusedEditException;
import saltdrum.core.text.Quoted;
import saltdrum.core.word.Scripts;
import saltdrum.core.word.Word;

/**
 * The time that typed words may take: the rests on both sides of what they replace, and, for words that replace nothing
 * where there is no rest, the end of the word before.
 *
 * @param floorMs end of the word before
 * @param ceilingMs start of the word after, or the end of the clip
 * @param giving the word before; null at the clip's start, or where it may not change
 */
public record FreeTime(int floorMs, int ceilingMs, Word giving) {

    /** Why words find no room, and what would make it. */
    RefusedEditException tooSmall(List<String> texts) {
        String typed = Quoted.of(Scripts.joined(texts));
        String between =
                giving == null ? "before what follows" : "between " + Quoted.of(giving.text()) + " and what follows";
        return new RefusedEditException("There is no room for " + typed + " " + between + ": " + (ceilingMs - floorMs)
                + " ms are free. Move the edge of a word beside it first, or type over one of them."
                + " Nothing was changed.");
    }
}
