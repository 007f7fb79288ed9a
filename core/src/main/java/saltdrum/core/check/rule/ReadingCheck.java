package saltdrum.core.check.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import saltdrum.core.check.Check;
import saltdrum.core.check.CheckInput;
import saltdrum.core.check.CheckKind;
import saltdrum.core.check.Finding;
import saltdrum.core.check.Remedy;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.ReadingSpeed;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.BreakEdit.JoinCues;
import saltdrum.core.edit.BreakEdit.SplitCue;
import saltdrum.core.edit.Shorten;
import saltdrum.core.edit.ShowingEdit.HoldAtLeast;
import saltdrum.core.edit.ShowingEdit.SetCueTime;
import saltdrum.core.edit.ShowingEdit.TrimToSpeech;
import saltdrum.core.shorter.Omission;

/** Checks that there is enough time to read, and not too much. */
final class ReadingCheck implements Check {
    @Override
    public Set<CheckKind> kinds() {
        return Set.of(CheckKind.SPEED, CheckKind.SHORT, CheckKind.LONG);
    }

    @Override
    public List<Finding> of(CheckInput subject) {
        List<Finding> found = new ArrayList<>();
        for (int i = 0; i < subject.times.size(); i++) {
            Cue cue = subject.track.cues().get(i);
            CueTime time = subject.times.get(i);
            int shown = time.hideMs() - time.showMs();
            double speed = ReadingSpeed.of(cue, time);
            double most = subject.limits.speed(cue.text());
            int least = least(subject, cue);
            if (cue.words().size() > 1 && subject.track.recipe().words() > 1 && ReadingSpeed.tooFast(speed, most)) {
                found.add(Finding.of(
                                CheckKind.SPEED,
                                subject.spot(i),
                                Math.round(speed * 10) / 10.0,
                                most,
                                "characters a second",
                                String.format(Locale.ROOT, "%.0f characters a second; %.0f can be read.", speed, most))
                        .with(slower(subject, i, most)));
            }
            if (shown < least) {
                found.add(Finding.of(
                                CheckKind.SHORT,
                                subject.spot(i),
                                shown,
                                least,
                                "ms",
                                "Shown for " + shown + " ms; it takes " + least + " to see it.")
                        .with(longer(subject, i, least)));
            }
            if (shown > subject.limits.longestMs()) {
                found.add(Finding.of(
                                CheckKind.LONG,
                                subject.spot(i),
                                shown / 1000.0,
                                subject.limits.longestMs() / 1000.0,
                                "s",
                                String.format(
                                        Locale.ROOT, "Shown for %.1f s: a reader reads it again.", shown / 1000.0))
                        .with(shorter(subject, i)));
            }
        }
        return found;
    }

    /** Shown one by one, words are seen at a glance each, also where one leans on the next. */
    private static int least(CheckInput subject, Cue cue) {
        int words = cue.words().size();
        int glances = words * subject.limits.glanceMs();
        return words == 1 || subject.track.recipe().words() == 1
                ? Math.min(glances, subject.limits.shortestMs())
                : subject.limits.shortestMs();
    }

    private static List<Remedy> slower(CheckInput subject, int i, double most) {
        Cue cue = subject.track.cues().get(i);
        int need = (int) Math.ceil(1000 * ReadingSpeed.characters(cue.text()) / most) + 1;
        int hide = Math.min(room(subject, i), subject.times.get(i).showMs() + need);
        return CheckInput.of(
                shortened(subject, cue, most),
                subject.tried(
                        "Show it longer",
                        new SetCueTime(cue.id(), null, hide),
                        tried -> speed(tried, cue.id()),
                        0,
                        most),
                joined(subject, i, tried -> speed(tried, cue.id()), most));
    }

    /** Without what a reader does not miss. */
    private static Optional<Remedy> shortened(CheckInput subject, Cue cue, double most) {
        List<Omission> cuts = subject.cuts().stream()
                .filter(cut -> cut.sure() && cut.cueId() == cue.id())
                .toList();
        if (cuts.isEmpty()) {
            return Optional.empty();
        }
        String what = cuts.stream().map(Omission::text).collect(Collectors.joining(" … "));
        List<Long> gone = cuts.stream().flatMap(cut -> cut.wordIds().stream()).toList();
        return subject.tried("Leave out “" + what + "”", new Shorten(gone), tried -> speed(tried, cue.id()), 0, most);
    }

    /** Until when it could stay. */
    private static int room(CheckInput subject, int i) {
        return i + 1 < subject.times.size() ? subject.times.get(i + 1).showMs() : subject.track.endMs();
    }

    private static Optional<Remedy> joined(CheckInput subject, int i, ToDoubleFunction<Track> measure, double most) {
        if (i + 1 >= subject.times.size()) {
            return Optional.empty();
        }
        Cue cue = subject.track.cues().get(i);
        return subject.tried("Join it with the next", new JoinCues(cue.id()), measure, 0, most)
                .filter(way -> fits(subject, way, cue.id()));
    }

    private static boolean fits(CheckInput subject, Remedy way, long cueId) {
        Track tried = way.edit().on(subject.track);
        Cue joined = tried.cues().get(tried.indexOfCue(cueId));
        CueTime time = CueTime.of(tried).get(tried.indexOfCue(cueId));
        return LineCheck.longest(joined) <= LineCheck.most(subject)
                && joined.lineStarts().size() + 1 <= subject.limits.lines()
                && time.hideMs() - time.showMs() <= subject.limits.longestMs();
    }

    /** 0 where nothing of it is left. */
    private static double speed(Track track, long cueId) {
        if (track.cues().stream().noneMatch(cue -> cue.id() == cueId)) {
            return 0;
        }
        int index = track.indexOfCue(cueId);
        return ReadingSpeed.of(track.cues().get(index), CueTime.of(track).get(index));
    }

    private static double shown(Track track, long cueId) {
        CueTime time = CueTime.of(track).get(track.indexOfCue(cueId));
        return time.hideMs() - time.showMs();
    }

    private static List<Remedy> longer(CheckInput subject, int i, int least) {
        long id = subject.track.cues().get(i).id();
        return CheckInput.of(
                subject.tried(
                        "Show it longer",
                        new HoldAtLeast(List.of(id), least),
                        tried -> shown(tried, id),
                        least,
                        Double.MAX_VALUE),
                subject.track.recipe().words() == 1
                        ? Optional.empty()
                        : joined(subject, i, tried -> shown(tried, id), Double.MAX_VALUE)
                                .filter(way -> way.measured() >= least));
    }

    private static List<Remedy> shorter(CheckInput subject, int i) {
        Cue cue = subject.track.cues().get(i);
        double most = subject.limits.longestMs();
        Optional<Remedy> split = cue.words().size() < 2
                ? Optional.empty()
                : subject.tried(
                        "Split it",
                        new SplitCue(cue.words().get(cue.middle()).id()),
                        tried -> shown(tried, cue.id()),
                        0,
                        most);
        return CheckInput.of(
                subject.tried(
                        "End it with the voice",
                        new TrimToSpeech(List.of(cue.id())),
                        tried -> shown(tried, cue.id()),
                        0,
                        most),
                split);
    }
}
