package saltdrum.core.layout;

import static saltdrum.core.layout.Round.quarter;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.layout.LineLayout.PlacedWord;
import saltdrum.core.look.Backing;
import saltdrum.core.look.Facets;
import saltdrum.core.motion.Spoken;
import saltdrum.core.motion.Sweep;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.Pose;
import saltdrum.core.track.Tracks;

/** The marks of one cue, the undermost first: plates, what letters cast, letters. */
final class MarkMaker {
    private final LineLayout lines;
    private final double frameWidth;
    private final CueBeats beats;

    MarkMaker(Cue cue, CueTime time, boolean flowsOn, LineLayout lines, double frameWidth) {
        this.lines = lines;
        this.frameWidth = frameWidth;
        this.beats = new CueBeats(lines.look(), time, flowsOn, cue.firstWordMs() - time.showMs(), lines.em());
    }

    List<Mark> marks() {
        List<Mark> marks = new ArrayList<>();
        lines.look().get(Facets.PLATES).forEach(backing -> marks.addAll(plates(backing)));
        lines.words().forEach(word -> marks.addAll(ownPlates(word)));
        for (Spoken spoken : lines.look().get(Facets.SPOKEN)) {
            if (spoken instanceof Sweep sweep) {
                lines.words().forEach(word -> marks.add(sweep(word, sweep)));
            }
        }
        List<WordMarks> words = lines.words().stream()
                .map(word -> new WordMarks(lines, beats, word))
                .toList();
        words.forEach(word -> marks.addAll(word.cast()));
        words.forEach(word -> marks.addAll(word.letters()));
        Tracks together = beats.ofCue();
        return together.nothing() ? List.copyOf(marks) : List.of(Mark.Group.of(middle(), marks, together));
    }

    private Box all() {
        return lines.lines().stream().reduce(Box::union).orElse(Box.EMPTY);
    }

    /** What moves the cue as a whole moves it about the middle of its lines. */
    private Pose middle() {
        return Pose.about(quarter(all().x() + all().width() / 2), quarter(all().y() + all().height() / 2));
    }

    private List<Mark> plates(Backing backing) {
        return switch (backing.behind()) {
            case WORD -> List.of();
            case LINE ->
                lines.lines().stream()
                        .map(line -> PlateMarks.of(backing, line, lines.em(), null, beats.ofBacking()))
                        .toList();
            case CUE -> List.of(PlateMarks.of(backing, all(), lines.em(), null, beats.ofBacking()));
            case FRAME -> {
                // Its ends lie outside the picture.
                double over = lines.em();
                Box wide = new Box(-over, all().y(), frameWidth + 2 * over, all().height());
                yield List.of(PlateMarks.of(backing, wide, lines.em(), null, beats.ofBacking()));
            }
        };
    }

    private List<Mark> ownPlates(PlacedWord word) {
        return word.look().get(Facets.PLATES).stream()
                .filter(backing -> backing.behind() == Backing.Behind.WORD)
                .map(backing -> {
                    double cap = lines.capHeight() / lines.em() * word.size();
                    Box box = new Box(word.x(), word.y() - cap, word.width(), cap);
                    Pose pose = new Pose(
                            quarter(box.x() + box.width() / 2),
                            quarter(box.y() + cap / 2),
                            word.look().number(Facets.TILT));
                    return PlateMarks.of(backing, box, word.size(), pose, beats.ofWordBacking(word.word()));
                })
                .toList();
    }

    private Mark sweep(PlacedWord word, Sweep sweep) {
        double em = lines.em();
        Box box = Box.ofEdges(
                word.x() - sweep.padX() * em,
                word.y() - sweep.top() * em,
                word.x() + word.width() + sweep.padX() * em,
                word.y() - sweep.bottom() * em);
        return PlateMarks.plain(box, sweep.radius() * em, sweep.fill(), beats.ofPlate(word.word(), sweep));
    }
}
