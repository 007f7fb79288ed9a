package saltdrum.core.check.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import saltdrum.core.check.Check;
import saltdrum.core.check.CheckInput;
import saltdrum.core.check.CheckKind;
import saltdrum.core.check.Finding;
import saltdrum.core.check.FindingLocation;
import saltdrum.core.check.PartCache;
import saltdrum.core.check.Remedy;
import saltdrum.core.check.light.EdgeContrast;
import saltdrum.core.check.light.LightSamples;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.edit.Edit;
import saltdrum.core.look.Backing;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.LookPatch;
import saltdrum.core.look.TextOutline;
import saltdrum.core.scene.Part;

/**
 * Checks the contrast of captions against the real picture. Measurements are cached until the part or the picture
 * changes.
 */
final class ContrastCheck implements Check {
    private static final double RIM_EM = 0.06;
    private static final String LIGHT = "#ffffff";
    private static final String DARK = "#06181b";
    private static final double[] PLACES = {0.18, 0.3, 0.5, 0.68, 0.78};

    private record Measured(EdgeContrast.Worst worst, List<Remedy> remedies) {}

    private final PartCache<Measured> kept = new PartCache<>();

    @Override
    public Set<CheckKind> kinds() {
        return Set.of(CheckKind.CONTRAST);
    }

    @Override
    public List<Finding> of(CheckInput subject) {
        List<Finding> found = new ArrayList<>();
        if (subject.light == null) {
            return found;
        }
        for (int i = 0; i < subject.track.cues().size(); i++) {
            Cue cue = subject.track.cues().get(i);
            Part part = subject.part(cue.id());
            if (part == null) {
                continue;
            }
            Measured measured =
                    kept.of(part, List.of(subject.light, subject.limits), () -> measured(subject, cue, part));
            if (measured.worst != null && measured.worst.ratio() < subject.limits.contrast()) {
                EdgeContrast.Worst worst = measured.worst;
                FindingLocation spot = subject.spot(i);
                found.add(Finding.of(
                                CheckKind.CONTRAST,
                                new FindingLocation(cue.id(), 0, worst.ms(), spot.fromMs(), spot.toMs()),
                                Math.round(worst.ratio() * 100) / 100.0,
                                subject.limits.contrast(),
                                ": 1",
                                String.format(
                                        Locale.ROOT,
                                        "%s%.1f : 1 to the pixels beside it, at %d:%02d.%d.",
                                        word(cue, worst.wordId()),
                                        worst.ratio(),
                                        worst.ms() / 60_000,
                                        worst.ms() / 1000 % 60,
                                        worst.ms() / 100 % 10))
                        .with(measured.remedies));
            }
        }
        return found;
    }

    private static String word(Cue cue, long wordId) {
        int index = cue.indexOf(wordId);
        return index < 0 ? "" : "“" + cue.words().get(index).text() + "” has ";
    }

    private static Measured measured(CheckInput subject, Cue cue, Part part) {
        EdgeContrast.Worst worst = worst(subject, part);
        boolean little = worst != null && worst.ratio() < subject.limits.contrast();
        return new Measured(worst, little ? remedies(subject, cue, worst) : List.of());
    }

    private static EdgeContrast.Worst worst(CheckInput subject, Part part) {
        return EdgeContrast.of(part, subject.scene.width(), subject.scene.height(), subject.light);
    }

    /** The least change first: an outline, a plate, another place, another colour. */
    private static List<Remedy> remedies(CheckInput subject, Cue cue, EdgeContrast.Worst worst) {
        int index = cue.indexOf(worst.wordId());
        String fill = (index < 0
                        ? subject.cascade.ofCue(cue)
                        : subject.cascade.ofWord(cue, cue.words().get(index)))
                .get(Facets.FILL)
                .colour();
        boolean lightLetters = LightSamples.code(fill) > 110;
        String against = lightLetters ? DARK : LIGHT;
        List<Remedy> ways = new ArrayList<>();
        LookPatch rim = LookPatch.of(Facets.OUTLINES, List.of(new TextOutline(RIM_EM, Ink.of(against))));
        offer(subject, cue, "An outline", ChangeLook.ofCues(List.of(cue.id()), rim), ways);
        if (ways.isEmpty() && index >= 0) {
            offer(subject, cue, "An outline for the word", ChangeLook.ofWords(List.of(worst.wordId()), rim), ways);
        }
        Backing plate =
                new Backing(Backing.Behind.LINE, Backing.Form.BOX, 0.25, 0.06, 0.15, Ink.of(against), null, null, 0.85);
        offer(
                subject,
                cue,
                "A plate",
                ChangeLook.ofCues(List.of(cue.id()), LookPatch.of(Facets.PLATES, List.of(plate))),
                ways);
        place(subject, cue, ways);
        LookPatch colour = LookPatch.of(Facets.FILL, Ink.of(lightLetters ? DARK : LIGHT));
        offer(
                subject,
                cue,
                lightLetters ? "Dark letters" : "Light letters",
                ChangeLook.ofCues(List.of(cue.id()), colour),
                ways);
        return ways;
    }

    private static void place(CheckInput subject, Cue cue, List<Remedy> ways) {
        Remedy best = null;
        for (double y : PLACES) {
            double safe = Math.min(
                    subject.layout.safe().bottom() - 0.06,
                    Math.max(subject.layout.safe().y() + 0.06, y));
            List<Remedy> one = new ArrayList<>();
            offer(
                    subject,
                    cue,
                    "Another place",
                    ChangeLook.ofCues(List.of(cue.id()), LookPatch.of(Facets.Y, Math.round(safe * 1000) / 1000.0)),
                    one);
            if (!one.isEmpty() && (best == null || one.get(0).measured() > best.measured())) {
                best = one.get(0);
            }
        }
        if (best != null) {
            ways.add(best);
        }
    }

    private static void offer(CheckInput subject, Cue cue, String said, Edit edit, List<Remedy> ways) {
        subject.tried(said, edit, tried -> ratio(subject, tried, cue), subject.limits.contrast(), Double.MAX_VALUE)
                .ifPresent(ways::add);
    }

    private static double ratio(CheckInput subject, Track tried, Cue cue) {
        Part part = subject.trial.part(tried, cue.id());
        EdgeContrast.Worst worst = part == null ? null : worst(subject, part);
        return worst == null ? 0 : worst.ratio();
    }
}
