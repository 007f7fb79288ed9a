package saltdrum.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
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
 * Finds a word or phrase in a track and shows its replacement. Matches whole words and ignores case and punctuation.
 */
public final class TextMatches {
    private TextMatches() {}

    /**
     * One place.
     *
     * @param wordId of the first of its words
     * @param before the cue's text
     * @param after the cue's text with this place replaced
     * @param locked the cue cannot be changed
     */
    public record Place(long cueId, long wordId, String before, String after, boolean locked) {}

    /** All places of a phrase, in order; places do not overlap. */
    public static List<Place> of(Track track, String find, String with) {
        List<String> wanted = wanted(find);
        List<Place> places = new ArrayList<>();
        for (Cue cue : track.cues()) {
            for (int at : starts(cue, wanted)) {
                List<String> texts =
                        new ArrayList<>(cue.words().stream().map(Word::text).toList());
                List<String> written = written(cue.words().subList(at, at + wanted.size()), with);
                texts.subList(at, at + wanted.size()).clear();
                texts.addAll(at, written);
                places.add(
                        new Place(cue.id(), cue.words().get(at).id(), cue.text(), Scripts.joined(texts), cue.locked()));
            }
        }
        return places;
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

    private static List<Integer> starts(Cue cue, List<String> wanted) {
        List<String> texts =
                cue.words().stream().map(w -> Tokens.normalised(w.text())).toList();
        List<Integer> starts = new ArrayList<>();
        for (int at = 0; at + wanted.size() <= texts.size(); at++) {
            if (texts.subList(at, at + wanted.size()).equals(wanted)) {
                starts.add(at);
                at += wanted.size() - 1;
            }
        }
        return starts;
    }

    /** Replaces the phrase at the chosen places, or at all that are not locked. */
    static Track replace(Track track, ReplaceText e) {
        List<String> wanted = wanted(e.find());
        Set<Long> chosen = e.wordIds() == null ? null : new HashSet<>(e.wordIds());
        Ids ids = new Ids(track.nextId());
        List<Cue> cues = new ArrayList<>();
        int found = 0;
        boolean locked = false;
        for (int c = 0; c < track.cues().size(); c++) {
            Cue cue = track.cues().get(c);
            int floor = cues.isEmpty() ? 0 : cues.get(cues.size() - 1).lastWordMs();
            int ceiling = c + 1 < track.cues().size() ? track.cues().get(c + 1).firstWordMs() : track.endMs();
            List<Integer> here = starts(cue, wanted).stream()
                    .filter(at -> chosen == null
                            || chosen.contains(cue.words().get(at).id()))
                    .toList();
            if (here.isEmpty() || cue.locked() && chosen == null) {
                locked |= !here.isEmpty();
                cues.add(cue);
                continue;
            }
            Edits.unlocked(cue);
            found += here.size();
            List<Word> words = new ArrayList<>(cue.words());
            for (int i = here.size() - 1; i >= 0; i--) {
                retell(words, here.get(i), wanted.size(), e.with(), floor, ceiling, ids);
            }
            if (words.size() == cue.words().size()) {
                cues.add(cue.withWords(words));
            } else if (!words.isEmpty()) {
                cues.add(Edits.set(track, cue.id(), words).withGiven(cue.given()));
            }
        }
        if (found == 0) {
            throw new RefusedEditException(
                    locked
                            ? Quoted.of(e.find()) + " is only in locked cues. Nothing was changed."
                            : Quoted.of(e.find()) + " is not there any more. Nothing was changed.");
        }
        return track.withCues(cues, ids.peek());
    }

    /**
     * Puts other words in the place of some of a cue's.
     *
     * @param floor end of the word before the cue; {@code ceiling} start of the one after it
     */
    private static void retell(List<Word> words, int at, int count, String text, int floor, int ceiling, Ids ids) {
        int end = at + count;
        List<Word> run = List.copyOf(words.subList(at, end));
        List<String> with = written(run, text);
        FreeTime room = new FreeTime(
                at == 0 ? floor : words.get(at - 1).endMs(),
                end == words.size() ? ceiling : words.get(end).startMs(),
                at == 0 ? null : words.get(at - 1));
        List<Word> retold = with.isEmpty() ? List.of() : Reconcile.share(run, with, room, ids);
        words.subList(at, end).clear();
        words.addAll(at, retold);
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
