package saltdrum.core.check.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import saltdrum.core.check.Check;
import saltdrum.core.check.CheckInput;
import saltdrum.core.check.CheckKind;
import saltdrum.core.check.Finding;
import saltdrum.core.check.Remedy;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.ReadingSpeed;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.BreakEdit.BalanceLines;
import saltdrum.core.edit.BreakEdit.BreakLine;
import saltdrum.core.edit.BreakEdit.JoinCues;
import saltdrum.core.edit.BreakEdit.SplitCue;
import saltdrum.core.edit.Edit;
import saltdrum.core.word.Scripts;

/** Checks that lines can be read at a glance, and that no line holds a single letter. */
final class LineCheck implements Check {
    @Override
    public Set<CheckKind> kinds() {
        return Set.of(CheckKind.LINE_LENGTH, CheckKind.LINES, CheckKind.LETTER);
    }

    @Override
    public List<Finding> of(CheckInput subject) {
        List<Finding> found = new ArrayList<>();
        for (int i = 0; i < subject.track.cues().size(); i++) {
            Cue cue = subject.track.cues().get(i);
            int longest = longest(cue);
            int lines = cue.lineStarts().size() + 1;
            if (longest > most(subject) && cue.words().size() > 1) {
                found.add(Finding.of(
                                CheckKind.LINE_LENGTH,
                                subject.spot(i),
                                longest,
                                most(subject),
                                "characters",
                                "A line of " + longest + " characters; " + most(subject) + " can be read at a glance.")
                        .with(ways(subject, cue, LineCheck::longest, most(subject))));
            }
            if (lines > subject.limits.lines()) {
                found.add(Finding.of(
                                CheckKind.LINES,
                                subject.spot(i),
                                lines,
                                subject.limits.lines(),
                                "lines",
                                lines + " lines at once.")
                        .with(ways(subject, cue, one -> one.lineStarts().size() + 1, subject.limits.lines())));
            }
            String alone = alone(cue);
            if (alone != null && subject.track.recipe().words() > 1) {
                found.add(Finding.of(CheckKind.LETTER, subject.spot(i), "“" + alone + "” is alone on its line.")
                        .with(together(subject, i)));
            }
        }
        return found;
    }

    static int most(CheckInput subject) {
        boolean tall =
                subject.layout.output().height() > subject.layout.output().width();
        return tall ? subject.limits.tallLine() : subject.limits.wideLine();
    }

    static List<String> lines(Cue cue) {
        List<String> lines = new ArrayList<>();
        int from = 0;
        for (int i = 0; i <= cue.lineStarts().size(); i++) {
            int to = i < cue.lineStarts().size()
                    ? cue.lineStarts().get(i)
                    : cue.words().size();
            lines.add(Scripts.text(cue.words().subList(from, to)));
            from = to;
        }
        return lines;
    }

    static int longest(Cue cue) {
        return lines(cue).stream().mapToInt(ReadingSpeed::characters).max().orElse(0);
    }

    private interface Measure {
        int of(Cue cue);
    }

    private static List<Remedy> ways(CheckInput subject, Cue cue, Measure measure, int most) {
        if (cue.words().size() < 2) {
            return List.of();
        }
        long middle = cue.words().get(cue.middle()).id();
        int lines = cue.lineStarts().size() + 1;
        return CheckInput.of(
                way(subject, "Balance its lines", new BalanceLines(List.of(cue.id())), cue, measure, most)
                        .filter(way -> fewEnough(subject, way, cue.id())),
                lines >= subject.limits.lines()
                        ? Optional.empty()
                        : way(subject, "Break the line", new BreakLine(middle, true), cue, measure, most),
                way(subject, "Split the cue", new SplitCue(middle), cue, measure, most));
    }

    private static boolean fewEnough(CheckInput subject, Remedy way, long cueId) {
        Track tried = way.edit().on(subject.track);
        return tried.cues().get(tried.indexOfCue(cueId)).lineStarts().size() < subject.limits.lines();
    }

    private static Optional<Remedy> way(
            CheckInput subject, String said, Edit edit, Cue cue, Measure measure, int most) {
        return subject.tried(said, edit, tried -> worst(tried, cue, measure), 0, most);
    }

    /** The worst of all cues that now hold the words of this cue. */
    private static int worst(Track track, Cue cue, Measure measure) {
        return track.cues().stream()
                .filter(one -> one.words().stream().anyMatch(word -> cue.indexOf(word.id()) >= 0))
                .mapToInt(measure::of)
                .max()
                .orElse(0);
    }

    /** The letter of a line that holds only one and could join another line or cue; otherwise null. */
    private static String alone(Cue cue) {
        return lines(cue).stream()
                .map(line -> line.replaceAll("[^\\p{L}\\p{N}\\p{M}]", ""))
                .filter(line ->
                        line.codePointCount(0, line.length()) == 1 && Character.isAlphabetic(line.codePointAt(0)))
                // A sign of a script without spaces can be a word.
                .filter(line -> Scripts.spaced(line, line))
                .findFirst()
                .orElse(null);
    }

    private static List<Remedy> together(CheckInput subject, int i) {
        Cue cue = subject.track.cues().get(i);
        List<Remedy> ways = new ArrayList<>(CheckInput.of(
                subject.tried("Balance its lines", new BalanceLines(List.of(cue.id())), none(cue), 0, 0)));
        if (i + 1 < subject.track.cues().size()) {
            subject.tried("Join it with the next", new JoinCues(cue.id()), none(cue), 0, 0)
                    .ifPresent(ways::add);
        }
        if (i > 0) {
            subject.tried(
                            "Join it with the one before",
                            new JoinCues(subject.track.cues().get(i - 1).id()),
                            none(cue),
                            0,
                            0)
                    .ifPresent(ways::add);
        }
        return ways;
    }

    /** 0 if none of the cue's words is alone any more. */
    private static java.util.function.ToDoubleFunction<Track> none(Cue cue) {
        return tried -> worst(tried, cue, one -> alone(one) == null ? 0 : 1);
    }
}
