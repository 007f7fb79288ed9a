package saltdrum.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import saltdrum.core.BadInputException;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Ids;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.TextEdit.ReplaceText;
import saltdrum.core.merge.FreeTime;
import saltdrum.core.merge.Reconcile;
import saltdrum.core.text.Quoted;
import saltdrum.core.word.Scripts;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;

/**
 * Finds a word or phrase in a track, over the ends of lines and cues too, and shows its replacement. Matches whole words
 * and ignores case and punctuation.
 */
public final class TextMatches {
    private TextMatches() {}

    /**
     * One place.
     *
     * @param cueId of the cue that it begins in
     * @param wordId of the first of its words
     * @param before the text of its cue, or of all cues that it reaches over with a stroke between them
     * @param after the same with this place replaced
     * @param locked one of these cannot be changed
     */
    public record Place(long cueId, long wordId, String before, String after, boolean locked) {}

    /** Where a match is: words from one to another, which may be of several cues. */
    private record Run(int fromCue, int fromWord, int toCue, int toWord) {
        /** The part of it in a cue: indexes of words. */
        int from(int cue) {
            return cue == fromCue ? fromWord : 0;
        }

        int to(int cue, List<Word> words) {
            return cue == toCue ? toWord + 1 : words.size();
        }
    }

    /** All places of a phrase, in order; places do not overlap. */
    public static List<Place> of(Track track, String find, String with) {
        List<Place> places = new ArrayList<>();
        for (Run run : runs(track, wanted(find))) {
            List<Cue> cues = track.cues().subList(run.fromCue, run.toCue + 1);
            List<List<String>> texts = new ArrayList<>();
            List<Word> old = new ArrayList<>();
            for (int c = run.fromCue; c <= run.toCue; c++) {
                List<Word> words = track.cues().get(c).words();
                List<Word> inside = words.subList(run.from(c), run.to(c, words));
                old.addAll(inside);
                List<String> rest =
                        new ArrayList<>(words.stream().map(Word::text).toList());
                rest.subList(run.from(c), run.to(c, words)).clear();
                texts.add(rest);
            }
            texts.get(0).addAll(run.fromWord, written(old, with));
            places.add(new Place(
                    cues.get(0).id(),
                    cues.get(0).words().get(run.fromWord).id(),
                    beside(cues.stream().map(Cue::text).toList()),
                    beside(texts.stream().map(Scripts::joined).toList()),
                    cues.stream().anyMatch(Cue::locked)));
        }
        return places;
    }

    private static String beside(List<String> cues) {
        return cues.stream().filter(text -> !text.isEmpty()).collect(Collectors.joining(" / "));
    }

    private static List<String> wanted(String find) {
        List<String> wanted = Tokens.split(find == null ? "" : find).stream()
                .map(Tokens::normalised)
                .toList();
        if (wanted.isEmpty()) {
            throw new BadInputException("Write the word to find.");
        }
        return wanted;
    }

    private static List<Run> runs(Track track, List<String> wanted) {
        List<String> texts = new ArrayList<>();
        List<int[]> places = new ArrayList<>();
        for (int c = 0; c < track.cues().size(); c++) {
            List<Word> words = track.cues().get(c).words();
            for (int w = 0; w < words.size(); w++) {
                texts.add(Tokens.normalised(words.get(w).text()));
                places.add(new int[] {c, w});
            }
        }
        List<Run> runs = new ArrayList<>();
        for (int at = 0; at + wanted.size() <= texts.size(); at++) {
            if (texts.subList(at, at + wanted.size()).equals(wanted)) {
                int[] first = places.get(at);
                int[] last = places.get(at + wanted.size() - 1);
                runs.add(new Run(first[0], first[1], last[0], last[1]));
                at += wanted.size() - 1;
            }
        }
        return runs;
    }

    /** Replaces the phrase at the chosen places, or at all that are not locked. */
    static Track replace(Track track, ReplaceText e) {
        Set<Long> chosen = e.wordIds() == null ? null : new HashSet<>(e.wordIds());
        Ids ids = new Ids(track.nextId());
        List<List<Word>> cues = track.cues().stream()
                .<List<Word>>map(cue -> new ArrayList<>(cue.words()))
                .toList();
        boolean locked = false;
        boolean found = false;
        List<Run> runs = runs(track, wanted(e.find()));
        // From the last on, so that the places before stay where they are.
        for (int i = runs.size() - 1; i >= 0; i--) {
            Run run = runs.get(i);
            List<Cue> over = track.cues().subList(run.fromCue, run.toCue + 1);
            if (chosen != null
                    && !chosen.contains(over.get(0).words().get(run.fromWord).id())) {
                continue;
            }
            if (chosen == null && over.stream().anyMatch(Cue::locked)) {
                locked = true;
                continue;
            }
            over.forEach(Edits::unlocked);
            retell(track, cues, run, e.with(), ids);
            found = true;
        }
        if (!found) {
            throw new RefusedEditException(
                    locked
                            ? Quoted.of(e.find()) + " is only in locked cues. Nothing was changed."
                            : Quoted.of(e.find()) + " is not there any more. Nothing was changed.");
        }
        return track.withCues(changed(track, cues), ids.peek());
    }

    private static List<Cue> changed(Track track, List<List<Word>> cues) {
        List<Cue> result = new ArrayList<>();
        for (int c = 0; c < cues.size(); c++) {
            Cue cue = track.cues().get(c);
            List<Word> words = cues.get(c);
            if (words.size() == cue.words().size()) {
                result.add(words.equals(cue.words()) ? cue : cue.withWords(words));
            } else if (!words.isEmpty()) {
                result.add(Edits.set(track, cue.id(), words).withGiven(cue.given()));
            }
        }
        return result;
    }

    /** Puts other words in the place of some; each goes to the cue that was shown at its time. */
    private static void retell(Track track, List<List<Word>> cues, Run run, String text, Ids ids) {
        List<Word> old = new ArrayList<>();
        int[] starts = new int[run.toCue - run.fromCue + 1];
        for (int c = run.fromCue; c <= run.toCue; c++) {
            List<Word> inside = cues.get(c)
                    .subList(run.from(c), run.to(c, track.cues().get(c).words()));
            starts[c - run.fromCue] = inside.get(0).startMs();
            old.addAll(inside);
        }
        Word before = run.fromWord > 0
                ? cues.get(run.fromCue).get(run.fromWord - 1)
                : run.fromCue == 0
                        ? null
                        : last(track.cues().get(run.fromCue - 1).words());
        List<Word> ending = cues.get(run.toCue);
        int floor = before == null ? 0 : before.endMs();
        int ceiling =
                run.toWord + 1 < ending.size() ? ending.get(run.toWord + 1).startMs() : after(cues, run, track);
        List<String> with = written(old, text);
        // Only a word of the same cue may give up its end.
        FreeTime room = new FreeTime(floor, ceiling, run.fromWord > 0 ? before : null);
        List<Word> retold = with.isEmpty() ? List.of() : Reconcile.share(old, with, room, ids);
        int next = retold.size();
        for (int c = run.toCue; c >= run.fromCue; c--) {
            List<Word> words = cues.get(c);
            words.subList(run.from(c), run.to(c, track.cues().get(c).words())).clear();
            int first = c == run.fromCue ? 0 : next;
            while (c > run.fromCue && first > 0 && retold.get(first - 1).startMs() >= starts[c - run.fromCue]) {
                first--;
            }
            words.addAll(run.from(c), retold.subList(first, next));
            next = first;
        }
    }

    private static Word last(List<Word> words) {
        return words.get(words.size() - 1);
    }

    /** Where the next word begins that is still there. */
    private static int after(List<List<Word>> cues, Run run, Track track) {
        for (int c = run.toCue + 1; c < cues.size(); c++) {
            if (!cues.get(c).isEmpty()) {
                return cues.get(c).get(0).startMs();
            }
        }
        return track.endMs();
    }

    /** The new words in the case of the old ones, with the punctuation around them. */
    private static List<String> written(List<Word> old, String with) {
        List<String> tokens = new ArrayList<>(Tokens.split(with == null ? "" : with));
        if (tokens.isEmpty()) {
            return tokens;
        }
        String first = old.get(0).text();
        String last = old.get(old.size() - 1).text();
        boolean shouted = old.stream().allMatch(word -> shouts(word.text()));
        if (shouted) {
            tokens.replaceAll(token -> token.toUpperCase(Locale.ROOT));
        } else if (Character.isUpperCase(letter(first))) {
            tokens.set(0, capitalised(tokens.get(0)));
        }
        String head = first.substring(0, edge(first, true));
        String tail = last.substring(edge(last, false));
        int end = tokens.size() - 1;
        if (edge(tokens.get(0), true) == 0) {
            tokens.set(0, head + tokens.get(0));
        }
        if (edge(tokens.get(end), false) == tokens.get(end).length()) {
            tokens.set(end, tokens.get(end) + tail);
        }
        return tokens;
    }

    /** All in capitals, and more than one letter. */
    private static boolean shouts(String text) {
        return text.codePoints().filter(Character::isLetter).count() > 1
                && text.codePoints().filter(Character::isLetter).allMatch(Character::isUpperCase);
    }

    private static int letter(String text) {
        return text.codePoints().filter(Character::isLetter).findFirst().orElse('a');
    }

    private static String capitalised(String token) {
        int at = edge(token, true);
        if (at >= token.length()) {
            return token;
        }
        int first = token.codePointAt(at);
        return token.substring(0, at)
                + Character.toString(Character.toTitleCase(first))
                + token.substring(at + Character.charCount(first));
    }

    /** Index of the first letter or digit, or after the last; a token without any is all edge. */
    private static int edge(String text, boolean front) {
        int[] points = text.codePoints().toArray();
        int at = front ? 0 : points.length;
        if (front) {
            while (at < points.length && !Character.isLetterOrDigit(points[at])) {
                at++;
            }
        } else {
            while (at > 0 && !Character.isLetterOrDigit(points[at - 1])) {
                at--;
            }
        }
        return new String(points, 0, at).length();
    }
}
