package saltdrum.core.shorter;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Scripts;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;

/** Finds words that can be left out of a track to make it shorter to read. Nothing is found twice. */
public final class OmissionFinder {
    /** A speaker gets going again after so long a rest, ms. */
    private static final int REST_MS = 700;
    /** Longest run of words that is looked for a second time. */
    private static final int MOST_AGAIN = 4;
    /** Said again later it was said again on purpose, ms. */
    private static final int AGAIN_MS = 1200;

    private final List<Word> words = new ArrayList<>();
    private final List<Cue> cues = new ArrayList<>();
    private final List<String> plain;
    private final Fillers fillers;
    private final Set<Integer> taken = new HashSet<>();
    private final List<Omission> cuts = new ArrayList<>();

    private OmissionFinder(Track track) {
        for (Cue cue : track.cues()) {
            for (Word word : cue.words()) {
                words.add(word);
                cues.add(cue);
            }
        }
        plain = words.stream().map(word -> Tokens.normalised(word.text())).toList();
        fillers = Fillers.of(track.language());
    }

    /** In order of time. Words of locked cues are left alone. */
    public static List<Omission> of(Track track) {
        OmissionFinder shorter = new OmissionFinder(track);
        shorter.sounds();
        shorter.broken();
        shorter.again();
        shorter.openings();
        shorter.phrases();
        shorter.cuts.sort(java.util.Comparator.comparingInt(Omission::fromMs));
        return List.copyOf(shorter.cuts);
    }

    private void sounds() {
        for (int i = 0; i < words.size(); i++) {
            if (fillers.sounds().contains(plain.get(i))) {
                cut(Omission.Kind.FILLER, i, i + 1, true);
            }
        }
    }

    /** A word that breaks off, with a dash at its end, and whole words before it that come again. */
    private void broken() {
        for (int i = 0; i + 1 < words.size(); i++) {
            String text = words.get(i).text();
            boolean off = text.length() > 1 && text.matches(".*\\p{L}[-–—]+,?");
            if (!off || taken.contains(i)) {
                continue;
            }
            int from = i;
            // “we sand the wat- we sand the water”: everything that is repeated goes as well.
            for (int back = 1; back <= MOST_AGAIN && i - back >= 0; back++) {
                if (plain.get(i - back).equals(plain.get(i + 1)) && same(i - back, i + 1, back)) {
                    from = i - back;
                }
            }
            cut(Omission.Kind.FALSE_START, from, i + 1, true);
        }
    }

    private boolean same(int one, int other, int length) {
        if (other + length > words.size()) {
            return false;
        }
        for (int i = 0; i < length; i++) {
            if (plain.get(one + i).isEmpty() || !plain.get(one + i).equals(plain.get(other + i))) {
                return false;
            }
        }
        return true;
    }

    /** A run of words that is said at once again: the first time goes. */
    private void again() {
        for (int i = 0; i < words.size(); i++) {
            for (int length = MOST_AGAIN; length >= 1; length--) {
                int next = i + length;
                if (next + length <= words.size() && same(i, next, length) && inOneBreath(i, next, length)) {
                    cut(
                            Omission.Kind.DOUBLED,
                            i,
                            next,
                            length > 1 || !words.get(i).text().matches(".*[.!?,;:…]$"));
                    break;
                }
            }
        }
    }

    private boolean inOneBreath(int from, int next, int length) {
        return words.get(next).startMs() - words.get(next - 1).endMs() < AGAIN_MS
                && words.subList(from, next + length).stream()
                        .limit(2L * length - 1)
                        .noneMatch(word -> word.text().matches(".*[.!?…]$"));
    }

    private void openings() {
        for (int i = 0; i < words.size(); i++) {
            boolean begins = i == 0 || words.get(i).startMs() - words.get(i - 1).endMs() >= REST_MS;
            for (List<String> opening : begins ? fillers.openings() : List.<List<String>>of()) {
                if (reads(i, opening) && i + opening.size() < words.size()) {
                    boolean comma = words.get(i + opening.size() - 1).text().endsWith(",");
                    cut(Omission.Kind.THROAT, i, i + opening.size(), opening.size() > 1 || comma);
                    break;
                }
            }
        }
    }

    private void phrases() {
        for (int i = 0; i < words.size(); i++) {
            for (List<String> phrase : fillers.phrases()) {
                if (reads(i, phrase) && i + phrase.size() < words.size()) {
                    boolean apart = i > 0
                            && words.get(i - 1).text().endsWith(",")
                            && words.get(i + phrase.size() - 1).text().endsWith(",");
                    cut(Omission.Kind.FILLER, i, i + phrase.size(), apart);
                    break;
                }
            }
        }
    }

    private boolean reads(int from, List<String> phrase) {
        return from + phrase.size() <= words.size()
                && plain.subList(from, from + phrase.size()).equals(phrase);
    }

    private void cut(Omission.Kind kind, int from, int to, boolean sure) {
        for (int i = from; i < to; i++) {
            if (taken.contains(i) || cues.get(i).locked()) {
                return;
            }
        }
        // What is left of the track must have words.
        if (taken.size() + to - from >= words.size()) {
            return;
        }
        for (int i = from; i < to; i++) {
            taken.add(i);
        }
        List<Word> gone = words.subList(from, to);
        cuts.add(new Omission(
                kind,
                gone.stream().map(Word::id).toList(),
                sure,
                Scripts.text(gone),
                cues.get(from).id(),
                gone.get(0).startMs(),
                gone.get(gone.size() - 1).endMs()));
    }
}
