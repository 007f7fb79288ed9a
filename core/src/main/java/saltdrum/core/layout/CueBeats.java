package saltdrum.core.layout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.layout.LineLayout.PlacedWord;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.Look;
import saltdrum.core.motion.Accent;
import saltdrum.core.motion.Beat;
import saltdrum.core.motion.Motion;
import saltdrum.core.motion.MotionUnit;
import saltdrum.core.motion.Spoken;
import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;
import saltdrum.core.word.Word;

/** Creates the beats of a look's motions in one cue, for the cue, its lines, words, letters and plates. */
final class CueBeats {
    private final LineLayout lines;
    private final Look look;
    private final CueTime time;
    private final int leadInMs;
    private final CueTransitions passing;
    private final List<PlacedWord> read;
    private final Map<PlacedWord, Integer> places = new IdentityHashMap<>();
    /** Of each word the number of its first letter in the cue. */
    private final Map<PlacedWord, Integer> firstLetters = new IdentityHashMap<>();

    private final int letters;

    CueBeats(Cue cue, CueTime time, boolean flowsOn, LineLayout lines) {
        this.lines = lines;
        this.look = lines.look();
        this.time = time;
        // A word shows as much before its sound as the cue does before its first.
        this.leadInMs = Math.max(0, cue.firstWordMs() - time.showMs());
        this.passing = new CueTransitions(look, time, flowsOn, lines.em());
        List<Long> order = cue.words().stream().map(Word::id).toList();
        this.read = lines.words().stream()
                .sorted(Comparator.comparingInt((PlacedWord placed) ->
                                order.indexOf(placed.word().id()))
                        .thenComparingInt(PlacedWord::line))
                .toList();
        int all = 0;
        for (int i = 0; i < read.size(); i++) {
            places.put(read.get(i), i);
            firstLetters.put(read.get(i), all);
            all += Letters.of(read.get(i)).size();
        }
        this.letters = all;
    }

    CueTransitions passing() {
        return passing;
    }

    /** In the order in which they are read. */
    List<PlacedWord> read() {
        return read;
    }

    Tracks ofCue() {
        return passing.cue();
    }

    Tracks ofLine(int line) {
        List<PlacedWord> own = read.stream().filter(word -> word.line() == line).toList();
        int from = own.isEmpty() ? time.showMs() : early(own.get(0).word());
        int to = own.isEmpty() ? time.hideMs() : own.get(own.size() - 1).word().endMs();
        return passing.of(
                new CueTransitions.Unit(MotionUnit.LINE, line, lines.lines().size(), from, to, leftwards(own)));
    }

    private static boolean leftwards(List<PlacedWord> words) {
        return !words.isEmpty() && Letters.leftwards(words.get(0));
    }

    Tracks ofWord(PlacedWord placed) {
        return ofWord(placed, passing);
    }

    /** The transitions of emoji and stickers at words of that look. */
    CueTransitions besides(Look own) {
        return passing.beside(own.get(Facets.EMOJI_ENTRANCE));
    }

    /** The spoken motion of an emoji or sticker at a word, and its opacity. */
    Tracks ofBeside(PlacedWord placed) {
        return opacity(placed.look()).and(ofSpoken(placed, placed.look()));
    }

    static Tracks opacity(Look look) {
        double opacity = look.number(Facets.OPACITY);
        return opacity == 1
                ? Tracks.NONE
                : Tracks.of(NumberTrack.of(Property.OPACITY, Motion.key(0, opacity, Easing.HOLD)));
    }

    Tracks ofWord(PlacedWord placed, CueTransitions passing) {
        return passing.of(new CueTransitions.Unit(
                MotionUnit.WORD,
                places.get(placed),
                read.size(),
                early(placed.word()),
                placed.word().endMs(),
                Letters.leftwards(placed)));
    }

    Tracks ofLetter(PlacedWord placed, int letter) {
        Word word = placed.word();
        int own = Letters.of(placed).size();
        int length = word.endMs() - word.startMs();
        return passing.of(new CueTransitions.Unit(
                MotionUnit.LETTER,
                firstLetters.get(placed) + letter,
                letters,
                early(word) + length * letter / own,
                word.startMs() + length * (letter + 1) / own,
                Letters.leftwards(placed)));
    }

    /** A plate behind a whole line does not wait for the words that come one by one. */
    Tracks ofBacking() {
        return passing.behindGradual();
    }

    /** What the voice does to a word as a whole, its colour aside. */
    Tracks ofSpoken(PlacedWord placed, Look own) {
        List<Tracks> all = new ArrayList<>();
        for (Spoken spoken : look.get(Facets.SPOKEN)) {
            switch (spoken.moves()) {
                case LETTERS -> all.add(spoken.tracks(said(placed, own)));
                case LETTERS_EARLY -> all.add(spoken.tracks(earlyBeat(placed)));
                default -> {}
            }
        }
        for (Accent accent : own.get(Facets.ACCENTS)) {
            boolean whole = accent.moves() == Accent.Moved.WORD
                    || accent.moves() == Accent.Moved.LETTERS
                            && Letters.of(placed).size() < 2;
            if (whole) {
                all.add(accent.tracks(said(placed, own)));
            }
        }
        return all.stream().reduce(Tracks.NONE, Tracks::and);
    }

    /** The colour of its letters. */
    Tracks ofColour(PlacedWord placed, Look own) {
        if (placed.word().emphasis() > 0 || !(own.get(Facets.FILL) instanceof Ink.Flat)) {
            return Tracks.NONE;
        }
        return look.get(Facets.SPOKEN).stream()
                .filter(spoken -> spoken.moves() == Spoken.Moved.PLAIN_LETTERS)
                .map(spoken -> spoken.tracks(said(placed, own)))
                .reduce(Tracks.NONE, Tracks::and);
    }

    /** What an accent does to one letter. */
    Tracks ofLetterAccent(PlacedWord placed, Look own, int letter) {
        return own.get(Facets.ACCENTS).stream()
                .filter(Accent.Wave.class::isInstance)
                .map(wave -> ((Accent.Wave) wave)
                        .tracks(said(placed, own), letter, Letters.of(placed).size()))
                .reduce(Tracks.NONE, Tracks::and);
    }

    /** How a copy of the letters in another colour comes over them. */
    Tracks ofCopy(PlacedWord placed, Spoken.Coloured spoken) {
        return spoken.copy(said(placed, null));
    }

    Tracks of(PlacedWord placed, Spoken spoken) {
        return spoken.tracks(said(placed, null));
    }

    Tracks of(PlacedWord placed, Accent accent) {
        return accent.tracks(said(placed, null));
    }

    private Beat said(PlacedWord placed, Look own) {
        String fill = own == null ? null : own.get(Facets.FILL).colour();
        Word word = placed.word();
        return new Beat(
                word.startMs(), word.endMs(), time.hideMs(), lines.em(), fill, false, Letters.leftwards(placed));
    }

    private int early(Word word) {
        return Math.max(time.showMs(), word.startMs() - leadInMs);
    }

    private Beat earlyBeat(PlacedWord placed) {
        int from = early(placed.word());
        return new Beat(from, placed.word().endMs(), time.hideMs(), lines.em(), null, from > time.showMs());
    }
}
