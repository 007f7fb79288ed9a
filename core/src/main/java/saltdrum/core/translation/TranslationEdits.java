package saltdrum.core.translation;

import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.Edit;
import saltdrum.core.edit.MarkEdit.ConfirmWords;
import saltdrum.core.edit.MarkEdit.Lock;
import saltdrum.core.edit.MarkEdit.SetEmphasis;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.text.Quoted;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.WordSource;

/** Edits of a translation: its texts can be typed, confirmed, emphasised and locked; cues and times are the first track's. */
public final class TranslationEdits {
    private TranslationEdits() {}

    /**
     * @throws RefusedEditException for a change of cues or times, and of a locked cue
     */
    public static Track apply(Track first, Track translation, Edit edit) {
        Track present = Translation.over(first, translation);
        if (edit instanceof RetypeCue e) {
            Cue source = first.cues().get(first.indexOfCue(e.cueId()));
            present.cues().stream()
                    .filter(cue -> cue.id() == e.cueId() && cue.locked())
                    .findFirst()
                    .ifPresent(cue -> {
                        throw new RefusedEditException("The cue " + Quoted.of(cue.text())
                                + " is locked. Unlock it first; nothing was changed.");
                    });
            return Translation.with(first, present, source, Tokens.split(e.text()), WordSource.TYPED);
        }
        if (edit instanceof ConfirmWords || edit instanceof SetEmphasis || edit instanceof Lock) {
            return edit.on(present);
        }
        throw new RefusedEditException(
                "A translation keeps the cues and times of the first track. Do this there; nothing was changed.");
    }
}
