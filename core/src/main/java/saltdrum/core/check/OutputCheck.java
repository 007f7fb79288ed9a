package saltdrum.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** What only shows in what is delivered: languages that lack a cue, captions that are there twice. */
final class OutputCheck implements Check {
    @Override
    public Set<CheckKind> kinds() {
        return Set.of(CheckKind.TRANSLATION, CheckKind.TWICE);
    }

    @Override
    public List<Finding> of(Subject subject) {
        List<Finding> found = new ArrayList<>();
        for (Subject.Translated translation : subject.translations) {
            for (int i = 0; i < subject.track.cues().size(); i++) {
                if (translation.missing().contains(subject.track.cues().get(i).id())) {
                    found.add(Finding.of(
                            CheckKind.TRANSLATION,
                            subject.spot(i),
                            "There is no " + translation.language() + " for it."));
                }
            }
        }
        if (subject.captionStreams > 0 && !subject.track.cues().isEmpty()) {
            found.add(Finding.of(
                    CheckKind.TWICE,
                    new Spot(0, 0, 0, 0, subject.track.endMs()),
                    "The clip has a caption stream of its own: kept beside burned-in captions it shows them twice. "
                            + "Leave it out when you render."));
        }
        return found;
    }
}
