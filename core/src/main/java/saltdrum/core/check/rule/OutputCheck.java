package saltdrum.core.check.rule;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import saltdrum.core.check.Check;
import saltdrum.core.check.CheckInput;
import saltdrum.core.check.CheckKind;
import saltdrum.core.check.Finding;
import saltdrum.core.check.FindingLocation;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.ReadingSpeed;

/** Checks for problems of the delivered files: cues that lack a translation, captions shown twice. */
final class OutputCheck implements Check {
    @Override
    public Set<CheckKind> kinds() {
        return Set.of(CheckKind.TRANSLATION, CheckKind.TWICE);
    }

    @Override
    public List<Finding> of(CheckInput subject) {
        List<Finding> found = new ArrayList<>();
        for (CheckInput.Translated translation : subject.translations) {
            translated(subject, translation, found);
        }
        if (subject.captionStreams > 0 && !subject.track.cues().isEmpty()) {
            found.add(Finding.of(
                    CheckKind.TWICE,
                    new FindingLocation(0, 0, 0, 0, subject.track.endMs()),
                    "The clip has a caption stream of its own: kept beside burned-in captions it shows them twice. "
                            + "Leave it out when you render."));
        }
        if (subject.inPicture != null && subject.inPicture.captions()) {
            found.add(Finding.of(
                    CheckKind.TWICE,
                    new FindingLocation(0, 0, 0, 0, subject.track.endMs()),
                    String.format(
                            Locale.ROOT,
                            "The picture seems to have captions in it already, at %.0f %% of its height: burned in again there "
                                    + "would be two.",
                            100 * subject.inPicture.row())));
        }
        return found;
    }

    private static void translated(CheckInput subject, CheckInput.Translated translation, List<Finding> found) {
        Map<Long, Cue> texts = new HashMap<>();
        translation.track().cues().forEach(cue -> texts.put(cue.id(), cue));
        for (int i = 0; i < subject.track.cues().size(); i++) {
            Cue text = texts.get(subject.track.cues().get(i).id());
            String language = translation.language();
            if (text == null) {
                found.add(Finding.of(CheckKind.TRANSLATION, subject.spot(i), "There is no " + language + " for it."));
                continue;
            }
            double speed = ReadingSpeed.of(text, subject.times.get(i));
            double most = subject.limits.speed(text.text());
            int lines = text.lineStarts().size() + 1;
            if (LineCheck.longest(text) > LineCheck.most(subject) || lines > subject.limits.lines()) {
                found.add(Finding.of(
                        CheckKind.TRANSLATION,
                        subject.spot(i),
                        language + " does not fit: "
                                + (lines > subject.limits.lines()
                                        ? lines + " lines."
                                        : "a line of " + LineCheck.longest(text) + " characters.")));
            } else if (text.words().size() > 1 && speed > most) {
                found.add(Finding.of(
                        CheckKind.TRANSLATION,
                        subject.spot(i),
                        Math.round(speed * 10) / 10.0,
                        most,
                        "characters a second",
                        String.format(
                                Locale.ROOT,
                                "%s has %.0f characters a second; %.0f can be read.",
                                language,
                                speed,
                                most)));
            }
        }
    }
}
