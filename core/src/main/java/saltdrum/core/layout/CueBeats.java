package saltdrum.core.layout;

import saltdrum.core.cue.CueTime;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.Look;
import saltdrum.core.motion.Beat;
import saltdrum.core.motion.Entrance;
import saltdrum.core.motion.Fade;
import saltdrum.core.motion.FadeOut;
import saltdrum.core.motion.Spoken;
import saltdrum.core.motion.Tint;
import saltdrum.core.track.Tracks;
import saltdrum.core.word.Word;

/** Gives each motion of a look its beat in one cue: what moves the cue, a word's letters, a plate. */
final class CueBeats {
    private final Look look;
    private final Entrance entrance;
    private final CueTime time;
    private final boolean flowsOn;
    private final int leadInMs;
    private final double em;

    /**
     * @param flowsOn the next cue follows without a gap, so this one leaves without an exit
     * @param leadInMs how much before its sound a word shows
     */
    CueBeats(Look look, CueTime time, boolean flowsOn, int leadInMs, double em) {
        this.look = look;
        this.entrance = look.get(Facets.ENTRANCE);
        this.time = time;
        this.flowsOn = flowsOn;
        this.leadInMs = Math.max(0, leadInMs);
        this.em = em;
    }

    Tracks ofCue() {
        Tracks in = byWord() ? Tracks.NONE : entrance.tracks(cue());
        int exitMs = (int) look.number(Facets.EXIT_MS);
        return flowsOn ? in : in.and(new FadeOut(exitMs).tracks(cue()));
    }

    /** A plate behind a whole line does not wait for the words that come one by one. */
    Tracks ofBacking() {
        return byWord() && entrance.ms() > 0 ? new Fade(Entrance.Unit.CUE, entrance.ms()).tracks(cue()) : Tracks.NONE;
    }

    /** A plate behind one word comes with it. */
    Tracks ofWordBacking(Word word) {
        return byWord() ? entrance.tracks(early(word)) : Tracks.NONE;
    }

    Tracks ofLetters(Word word, Look own) {
        Tracks tracks = byWord() ? entrance.tracks(early(word)) : Tracks.NONE;
        boolean flat = own.get(Facets.FILL) instanceof Ink.Flat;
        for (Spoken spoken : look.get(Facets.SPOKEN)) {
            tracks = tracks.and(
                    switch (spoken.moves()) {
                        case LETTERS -> spoken.tracks(said(word, own));
                        case PLAIN_LETTERS ->
                            word.emphasis() == 0 && flat ? spoken.tracks(said(word, own)) : Tracks.NONE;
                        case LETTERS_EARLY -> spoken.tracks(early(word));
                        case PLATE -> Tracks.NONE;
                    });
        }
        return tracks;
    }

    /** How a copy of the letters in the tint's fill comes over them. */
    Tracks ofTintOver(Word word, Tint tint) {
        return tint.over(said(word, null));
    }

    Tracks ofPlate(Word word, Spoken spoken) {
        return spoken.tracks(said(word, null));
    }

    private boolean byWord() {
        return entrance.unit() == Entrance.Unit.WORD;
    }

    private Beat cue() {
        return new Beat(time.showMs(), time.hideMs(), time.hideMs(), em, null, false);
    }

    private Beat said(Word word, Look own) {
        String fill = own == null ? null : own.get(Facets.FILL).colour();
        return new Beat(word.startMs(), word.endMs(), time.hideMs(), em, fill, false);
    }

    private Beat early(Word word) {
        int from = Math.max(time.showMs(), word.startMs() - leadInMs);
        return new Beat(from, word.endMs(), time.hideMs(), em, null, from > time.showMs());
    }
}
