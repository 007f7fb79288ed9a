package saltdrum.core.layout;

import static saltdrum.core.layout.type.Rounding.hundredth;
import static saltdrum.core.layout.type.Rounding.quarter;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.layout.LineLayout.PlacedWord;
import saltdrum.core.look.Backing;
import saltdrum.core.look.Facets;
import saltdrum.core.motion.MotionUnit;
import saltdrum.core.motion.Spoken;
import saltdrum.core.motion.TravellingPlate;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.Pose;
import saltdrum.core.track.Tracks;

/** Makes the marks of one cue from back to front: plates, shadows, letters. */
final class MarkMaker {
    private final LineLayout lines;
    private final double frameWidth;
    private final CueBeats beats;

    MarkMaker(Cue cue, CueTime time, boolean flowsOn, LineLayout lines, double frameWidth) {
        this.lines = lines;
        this.frameWidth = frameWidth;
        this.beats = new CueBeats(cue, time, flowsOn, lines);
    }

    List<Mark> marks() {
        List<Mark> marks = new ArrayList<>();
        lines.look().get(Facets.PLATES).forEach(backing -> marks.addAll(plates(backing)));
        for (Spoken spoken : lines.look().get(Facets.SPOKEN)) {
            if (spoken instanceof TravellingPlate travel && !beats.read().isEmpty()) {
                marks.add(travelling(travel));
            }
        }
        if (beats.passing().moves(MotionUnit.LINE)) {
            for (int line = 0; line < lines.lines().size(); line++) {
                marks.add(line(line));
            }
        } else {
            marks.addAll(words(lines.words()));
        }
        return turned(together(marks));
    }

    private List<Mark> together(List<Mark> marks) {
        Tracks together = beats.ofCue();
        if (together.nothing()) {
            return List.copyOf(marks);
        }
        Box room = beats.passing().layered(MotionUnit.CUE) ? hundredth(all().grown(lines.em())) : null;
        return List.of(new Mark.Group(middle(all()), room, marks, together, null, List.of()));
    }

    /** The cue's tilt turns it whole, plates and all; a word of another tilt is turned by the rest. */
    private List<Mark> turned(List<Mark> marks) {
        double tilt = lines.look().number(Facets.TILT);
        Pose middle = middle(all());
        return tilt == 0
                ? marks
                : List.of(Mark.Group.of(new Pose(middle.pivotX(), middle.pivotY(), tilt), marks, Tracks.NONE));
    }

    private Mark line(int line) {
        Box box = lines.lines().get(line);
        List<PlacedWord> own =
                lines.words().stream().filter(word -> word.line() == line).toList();
        Box room = beats.passing().layered(MotionUnit.LINE) ? hundredth(box.grown(lines.em())) : null;
        return new Mark.Group(middle(box), room, words(own), beats.ofLine(line), null, List.of());
    }

    private List<Mark> words(List<PlacedWord> words) {
        List<Mark> marks = new ArrayList<>();
        words.forEach(word -> marks.addAll(ownPlates(word)));
        for (Spoken spoken : lines.look().get(Facets.SPOKEN)) {
            if (spoken instanceof Spoken.Plated plated && spoken.moves() == Spoken.Moved.PLATE) {
                words.forEach(word -> marks.add(plated(word, plated)));
            }
        }
        List<WordMarks> all =
                words.stream().map(word -> new WordMarks(lines, beats, word)).toList();
        all.forEach(word -> marks.addAll(word.cast()));
        all.forEach(word -> marks.addAll(word.letters()));
        words.stream()
                .filter(word -> word.emoji() != null)
                .forEach(word -> marks.add(WordEmoji.mark(lines, word, beats)));
        return marks;
    }

    private Box all() {
        return lines.lines().stream().reduce(Box::union).orElse(Box.EMPTY);
    }

    /** What moves several words moves them about the middle of their lines. */
    private static Pose middle(Box box) {
        return Pose.about(quarter(box.x() + box.width() / 2), quarter(box.y() + box.height() / 2));
    }

    private List<Mark> plates(Backing asked) {
        Backing backing = asked.around(lines.look().rim());
        return switch (backing.behind()) {
            case WORD -> List.of();
            case LINE ->
                lines.lines().stream()
                        .map(line -> PlateMarks.of(backing, line, lines.em(), null, beats.ofBacking()))
                        .toList();
            case CUE -> List.of(PlateMarks.of(backing, all(), lines.em(), null, beats.ofBacking()));
            case FRAME -> {
                // Its ends are outside the picture.
                double over = lines.look().number(Facets.TILT) == 0 ? lines.em() : frameWidth;
                Box wide = new Box(-over, all().y(), frameWidth + 2 * over, all().height());
                yield List.of(PlateMarks.of(backing, wide, lines.em(), null, beats.ofBacking()));
            }
        };
    }

    /** They come and go with their word, or with its first letter. */
    private List<Mark> ownPlates(PlacedWord word) {
        double cap = lines.capHeight() / lines.em() * word.size();
        Box box = new Box(word.x(), word.y() - cap, word.width(), cap);
        Pose pose = new Pose(quarter(box.x() + box.width() / 2), quarter(box.y() + cap / 2), lines.ownTilt(word));
        boolean letters =
                !beats.passing().moves(MotionUnit.WORD) && beats.passing().moves(MotionUnit.LETTER);
        Tracks comes = letters ? beats.ofLetter(word, 0) : beats.ofWord(word);
        boolean layered = beats.passing().layered(letters ? MotionUnit.LETTER : MotionUnit.WORD);
        List<Mark> plates = word.look().get(Facets.PLATES).stream()
                .filter(backing -> backing.behind() == Backing.Behind.WORD)
                .map(backing -> PlateMarks.of(
                        backing.around(word.look().rim()), box, word.size(), pose, layered ? Tracks.NONE : comes))
                .toList();
        return layered && !plates.isEmpty()
                ? List.of(
                        new Mark.Group(middle(box), hundredth(box.grown(word.size())), plates, comes, null, List.of()))
                : plates;
    }

    private Mark plated(PlacedWord word, Spoken.Plated plated) {
        return PlateMarks.plain(box(word, plated), plated.radius() * lines.em(), plated.fill(), beats.of(word, plated));
    }

    private Box box(PlacedWord word, Spoken.Plated plated) {
        double em = lines.em();
        return Box.ofEdges(
                word.x() - plated.padX() * em,
                word.y() - plated.top() * em,
                word.x() + word.width() + plated.padX() * em,
                word.y() - plated.bottom() * em);
    }

    /** As wide as the widest word, so that its extent is a part of it. */
    private Mark travelling(TravellingPlate travel) {
        List<TravellingPlate.Stop> stops = beats.read().stream()
                .map(word ->
                        new TravellingPlate.Stop(box(word, travel), word.word().startMs()))
                .toList();
        double widest =
                stops.stream().mapToDouble(stop -> stop.box().width()).max().orElseThrow();
        Box first = stops.get(0).box();
        Box box = new Box(first.x(), first.y(), widest, first.height());
        return PlateMarks.plain(
                box,
                travel.radius() * lines.em(),
                travel.fill(),
                beats.of(beats.read().get(0), travel).and(travel.along(stops, widest)));
    }
}
