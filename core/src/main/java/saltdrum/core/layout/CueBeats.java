package saltdrum.core.layout;

import saltdrum.core.cue.CueTime;
import saltdrum.core.motion.Beat;
import saltdrum.core.motion.Entrance;
import saltdrum.core.motion.Fade;
import saltdrum.core.motion.FadeOut;
import saltdrum.core.motion.Spoken;
import saltdrum.core.style.Style;
import saltdrum.core.style.Voice;
import saltdrum.core.track.Tracks;
import saltdrum.core.word.Word;

/** Gives each motion of a style its beat in one cue: what moves the cue, a word's letters, a plate. */
final class CueBeats {
    private final Style style;
    private final CueTime time;
    private final boolean flowsOn;
    private final int leadInMs;
    private final double em;

    /**
     * @param flowsOn the next cue follows without a gap, so this one leaves without an exit
     * @param leadInMs how much before its sound a word shows
     */
    CueBeats(Style style, CueTime time, boolean flowsOn, int leadInMs, double em) {
        this.style = style;
        this.time = time;
        this.flowsOn = flowsOn;
        this.leadInMs = Math.max(0, leadInMs);
        this.em = em;
    }

    Tracks ofCue() {
        Tracks in = byWord() ? Tracks.NONE : style.entrance().tracks(cue());
        return flowsOn ? in : in.and(new FadeOut(style.exitMs()).tracks(cue()));
    }

    /** A plate behind a whole line does not wait for the words that come one by one. */
    Tracks ofBacking() {
        return byWord() && style.entrance().ms() > 0
                ? new Fade(Entrance.Unit.CUE, style.entrance().ms()).tracks(cue())
                : Tracks.NONE;
    }

    Tracks ofLetters(Word word, Voice voice) {
        Tracks tracks = byWord() ? style.entrance().tracks(early(word)) : Tracks.NONE;
        for (Spoken spoken : style.spoken()) {
            tracks = tracks.and(
                    switch (spoken.moves()) {
                        case LETTERS -> spoken.tracks(said(word, voice));
                        case PLAIN_LETTERS -> voice == style.plain() ? spoken.tracks(said(word, voice)) : Tracks.NONE;
                        case LETTERS_EARLY -> spoken.tracks(early(word));
                        case PLATE -> Tracks.NONE;
                    });
        }
        return tracks;
    }

    Tracks ofPlate(Word word, Spoken spoken) {
        return spoken.tracks(said(word, null));
    }

    private boolean byWord() {
        return style.entrance().unit() == Entrance.Unit.WORD;
    }

    private Beat cue() {
        return new Beat(time.showMs(), time.hideMs(), time.hideMs(), em, null, false);
    }

    private Beat said(Word word, Voice voice) {
        return new Beat(word.startMs(), word.endMs(), time.hideMs(), em, voice == null ? null : voice.fill(), false);
    }

    private Beat early(Word word) {
        int from = Math.max(time.showMs(), word.startMs() - leadInMs);
        return new Beat(from, word.endMs(), time.hideMs(), em, null, from > time.showMs());
    }
}
