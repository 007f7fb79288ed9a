package saltdrum.core.check.rule;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import saltdrum.core.check.Check;
import saltdrum.core.check.CheckInput;
import saltdrum.core.check.CheckKind;
import saltdrum.core.check.Finding;
import saltdrum.core.check.FindingLocation;
import saltdrum.core.check.Remedy;
import saltdrum.core.cue.Cue;
import saltdrum.core.edit.Edit;
import saltdrum.core.edit.FlaggedEdit.DropWords;
import saltdrum.core.edit.MarkEdit.ConfirmWords;
import saltdrum.core.edit.MarkEdit.DeleteCues;
import saltdrum.core.edit.MarkEdit.SetEmphasis;
import saltdrum.core.edit.TextEdit.ReplaceText;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.scene.Part;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;

/** Checks the words: repeated, uncertain, misspelt, empty, or emphasised too often. */
final class TextCheck implements Check {
    /** A word that comes back after so long a rest was said again, ms. */
    private static final int AGAIN_MS = 1500;

    @Override
    public Set<CheckKind> kinds() {
        return Set.of(
                CheckKind.REPEATED,
                CheckKind.UNSURE,
                CheckKind.SPELLING,
                CheckKind.EMPTY,
                CheckKind.EMPHASIS,
                CheckKind.LETTERS);
    }

    @Override
    public List<Finding> of(CheckInput subject) {
        List<Finding> found = new ArrayList<>();
        Word before = null;
        for (int i = 0; i < subject.track.cues().size(); i++) {
            Cue cue = subject.track.cues().get(i);
            for (Word word : cue.words()) {
                if (before != null && twice(before, word)) {
                    found.add(Finding.of(
                                    CheckKind.REPEATED,
                                    subject.spot(i, word.id()),
                                    "“" + word.text() + "” appears twice in a row.")
                            .with(CheckInput.of(
                                    plain(subject, "Leave out the second", new DropWords(List.of(word.id()))))));
                }
                if (word.unsure(subject.unsureBelow)) {
                    found.add(Finding.of(
                                    CheckKind.UNSURE,
                                    subject.spot(i, word.id()),
                                    "“" + word.text() + "” may be wrong: listen to it.")
                            .with(CheckInput.of(plain(subject, "It is right", new ConfirmWords(List.of(word.id()))))));
                }
                if (subject.misspelt.contains(word.id())) {
                    found.add(Finding.of(
                                    CheckKind.SPELLING,
                                    subject.spot(i, word.id()),
                                    "“" + word.text() + "” is in no dictionary.")
                            .with(spelt(subject, word)));
                }
                before = word;
            }
            if (cue.text().codePoints().noneMatch(Character::isLetterOrDigit)) {
                found.add(Finding.of(
                                CheckKind.EMPTY, subject.spot(i), "The cue has only punctuation: “" + cue.text() + "”.")
                        .with(CheckInput.of(plain(subject, "Delete the cue", new DeleteCues(List.of(cue.id()))))));
            }
            missing(subject, i).ifPresent(found::add);
        }
        emphasis(subject).ifPresent(found::add);
        return found;
    }

    private static Optional<Remedy> plain(CheckInput subject, String said, Edit edit) {
        return subject.after(edit).map(tried -> new Remedy(said, edit, null));
    }

    private static boolean twice(Word before, Word word) {
        String text = Tokens.normalised(word.text());
        return text.codePoints().anyMatch(Character::isLetter)
                && text.equals(Tokens.normalised(before.text()))
                && word.startMs() - before.endMs() < AGAIN_MS
                && before.text().codePoints().reduce((a, b) -> b).stream().allMatch(Character::isLetterOrDigit);
    }

    private static List<Remedy> spelt(CheckInput subject, Word word) {
        List<Remedy> ways = new ArrayList<>();
        for (String likely : subject.suggestions.apply(word.text())) {
            plain(
                            subject,
                            "Write “" + likely + "”",
                            new ReplaceText(Tokens.normalised(word.text()), likely, List.of(word.id())))
                    .ifPresent(ways::add);
        }
        return ways;
    }

    private static Optional<Finding> missing(CheckInput subject, int i) {
        Cue cue = subject.track.cues().get(i);
        Part part = subject.part(cue.id());
        if (part == null || part.missing().isEmpty()) {
            return Optional.empty();
        }
        Set<Integer> gone = new HashSet<>();
        part.missing().codePoints().forEach(gone::add);
        StringBuilder left = new StringBuilder();
        cue.text().codePoints().filter(c -> !gone.contains(c)).forEach(left::appendCodePoint);
        String text = left.toString().replaceAll("\\s+", " ").strip();
        return Optional.of(Finding.of(
                        CheckKind.LETTERS, subject.spot(i), "No font has “" + part.missing() + "”: it is not drawn.")
                .with(
                        text.isEmpty()
                                ? CheckInput.of(plain(subject, "Delete the cue", new DeleteCues(List.of(cue.id()))))
                                : CheckInput.of(plain(subject, "Leave it out", new RetypeCue(cue.id(), text)))));
    }

    private static Optional<Finding> emphasis(CheckInput subject) {
        List<Word> words = subject.track.words().toList();
        List<Word> marked = words.stream().filter(word -> word.emphasis() > 0).toList();
        int most = (int) Math.floor(subject.limits.emphasis() * words.size());
        if (marked.size() <= most || marked.size() < 2) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                        CheckKind.EMPHASIS,
                        new FindingLocation(0, 0, marked.get(0).startMs(), 0, subject.track.endMs()),
                        Math.round(100.0 * marked.size() / words.size()),
                        Math.round(100 * subject.limits.emphasis()),
                        "% of the words",
                        String.format(
                                Locale.ROOT,
                                "%d of %d words are emphasised: if everything is emphasised, nothing is.",
                                marked.size(),
                                words.size()))
                .with(CheckInput.of(
                        plain(subject, "Keep at most one a cue", new SetEmphasis(tooMany(subject, marked, most), 0)))));
    }

    /** First those that follow another one in their cue, then the last ones, until few enough are left. */
    private static List<Long> tooMany(CheckInput subject, List<Word> marked, int most) {
        List<Long> plain = new ArrayList<>();
        for (Cue cue : subject.track.cues()) {
            cue.words().stream()
                    .filter(word -> word.emphasis() > 0)
                    .skip(1)
                    .map(Word::id)
                    .forEach(plain::add);
        }
        for (int i = marked.size() - 1; i >= 0 && marked.size() - plain.size() > most; i--) {
            if (!plain.contains(marked.get(i).id())) {
                plain.add(marked.get(i).id());
            }
        }
        return plain;
    }
}
