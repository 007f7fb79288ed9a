package saltdrum.core.check.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import saltdrum.core.check.Check;
import saltdrum.core.check.CheckInput;
import saltdrum.core.check.CheckKind;
import saltdrum.core.check.Finding;
import saltdrum.core.check.FindingLocation;
import saltdrum.core.check.Onsets;
import saltdrum.core.check.Remedy;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.FollowVoice;
import saltdrum.core.edit.ShowingEdit.SetCueTime;

/** Checks that cues appear and disappear with the voice, by the times at which the aligner found their words. */
final class VoiceCheck implements Check {
    @Override
    public Set<CheckKind> kinds() {
        return Set.of(CheckKind.LATE, CheckKind.EARLY, CheckKind.SILENCE);
    }

    @Override
    public List<Finding> of(CheckInput subject) {
        List<Finding> found = new ArrayList<>();
        for (int i = 0; i < subject.times.size(); i++) {
            Cue cue = subject.track.cues().get(i);
            Onsets.Heard first = subject.heard.get(cue.words().get(0).id());
            Onsets.Heard last =
                    subject.heard.get(cue.words().get(cue.words().size() - 1).id());
            if (first != null) {
                onset(subject, i, first.startMs()).ifPresent(found::add);
            }
            if (last != null) {
                silence(subject, i, last.endMs()).ifPresent(found::add);
            }
        }
        return found;
    }

    private static Optional<Finding> onset(CheckInput subject, int i, int heardMs) {
        CueTime time = subject.times.get(i);
        Cue cue = subject.track.cues().get(i);
        int lead = subject.track.recipe().leadInMs();
        int most = subject.limits.voiceMs();
        // Where the recipe would have it: its lead-in before the word.
        int off = time.showMs() - Math.max(0, heardMs - lead);
        if (Math.abs(off) <= most) {
            return Optional.empty();
        }
        boolean late = off > 0;
        FindingLocation spot = subject.spot(i);
        return Optional.of(Finding.of(
                        late ? CheckKind.LATE : CheckKind.EARLY,
                        new FindingLocation(
                                spot.cueId(), 0, Math.min(heardMs, time.showMs()), spot.fromMs(), spot.toMs()),
                        Math.abs(off),
                        most,
                        "ms",
                        "Shows " + Math.abs(off) + " ms too " + (late ? "late" : "early") + " for its first word.")
                .with(onVoice(subject, cue)));
    }

    private static List<Remedy> onVoice(CheckInput subject, Cue cue) {
        List<FollowVoice.Heard> words = cue.words().stream()
                .map(word -> {
                    Onsets.Heard heard = subject.heard.get(word.id());
                    return heard == null ? null : new FollowVoice.Heard(word.id(), heard.startMs(), heard.endMs());
                })
                .filter(Objects::nonNull)
                .toList();
        int most = subject.limits.voiceMs();
        List<Remedy> ways = new ArrayList<>();
        FollowVoice edit = new FollowVoice(words);
        // If the neighbour is wrong as well, it blocks the change; the remedy then moves both.
        subject.after(edit)
                .ifPresent(tried -> ways.add(
                        new Remedy("Place it on the voice", edit, (double) Math.abs(offset(subject, tried, cue)))));
        if (cue.given() != null && cue.given().showMs() != null) {
            subject.tried(
                            "Show it with its words",
                            new SetCueTime(cue.id(), -1, null),
                            tried -> Math.abs(offset(subject, tried, cue)),
                            0,
                            most)
                    .ifPresent(way -> ways.add(0, way));
        }
        return ways;
    }

    private static int offset(CheckInput subject, Track tried, Cue cue) {
        int heard = subject.heard.get(cue.words().get(0).id()).startMs();
        int show = CueTime.of(tried).get(tried.indexOfCue(cue.id())).showMs();
        return show - Math.max(0, heard - subject.track.recipe().leadInMs());
    }

    private static Optional<Finding> silence(CheckInput subject, int i, int overMs) {
        CueTime time = subject.times.get(i);
        int most = subject.limits.silenceMs();
        int stays = time.hideMs() - overMs;
        if (stays <= most) {
            return Optional.empty();
        }
        Cue cue = subject.track.cues().get(i);
        int hold = Math.min(most, subject.track.recipe().holdMs());
        FindingLocation spot = subject.spot(i);
        return Optional.of(Finding.of(
                        CheckKind.SILENCE,
                        new FindingLocation(spot.cueId(), 0, (overMs + time.hideMs()) / 2, spot.fromMs(), spot.toMs()),
                        stays,
                        most,
                        "ms",
                        String.format(Locale.ROOT, "Stays for %.1f s after the voice has ended.", stays / 1000.0))
                .with(CheckInput.of(subject.tried(
                        "End it with the voice",
                        new SetCueTime(cue.id(), null, overMs + hold),
                        tried -> CueTime.of(tried)
                                        .get(tried.indexOfCue(cue.id()))
                                        .hideMs()
                                - overMs,
                        Integer.MIN_VALUE,
                        most))));
    }
}
