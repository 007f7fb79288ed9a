package saltdrum.speech.script;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import saltdrum.core.spoken.SpokenForm;
import saltdrum.core.word.Scripts;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.speech.acoustic.Pronunciations;
import saltdrum.speech.placing.SpeechResult;
import saltdrum.speech.placing.SpeechResult.Unscripted;

/**
 * A placed script and what was heard, side by side. A word was not said where the aligner does not find it and the
 * recogniser did not hear it; speech is not in the script where the aligner finds other speech and the recogniser heard
 * words there that the script has not. docs/decisions/0012-script-and-voice.md has the figures.
 */
final class Differences {
    /** At most this phonetic distance counts as the same word, spelled or heard differently. */
    private static final double ALIKE = 0.4;

    /** One word for several must sound nearly the same, or a small word would be lost in its neighbour. */
    private static final double ALIKE_JOINED = 0.25;

    /** As much as this of the shortest of joined words may differ. */
    private static final double MOST_OF_A_WORD = 0.5;

    private final SpeechResult placed;
    private final List<Word> heard;
    private final SpokenForm spokenForm = new SpokenForm();
    private final Map<String, List<String>> spokenForms = new HashMap<>();
    private final Map<String, Double> known = new HashMap<>();
    /** By the plain form: “won't” and “wont” are one. */
    private final Map<String, List<List<String>>> ways = new HashMap<>();

    Differences(SpeechResult placed, List<Word> heard) {
        this.placed = placed;
        this.heard = heard;
        Pronunciations.of(Stream.concat(placed.words().stream(), heard.stream())
                        .flatMap(word -> spokenForm.of(word.text()).stream())
                        .distinct()
                        .toList())
                .forEach((form, said) ->
                        ways.merge(Tokens.normalised(form), said, (a, b) -> Stream.concat(a.stream(), b.stream())
                                .distinct()
                                .toList()));
    }

    /** The same words, with what differs decided by both. */
    SpeechResult settled() {
        List<Word> words = new ArrayList<>(placed.words());
        List<Word> extra = new ArrayList<>();
        for (SideBySide.Stretch stretch : new SideBySide(placed.words(), heard, this::apart).stretches()) {
            if (stretch.same()) {
                for (int i = stretch.fromScript(); i < stretch.toScript(); i++) {
                    words.set(i, said(words.get(i)));
                }
            } else if (!misheard(stretch)) {
                extra.addAll(heard.subList(stretch.fromHeard(), stretch.toHeard()));
            }
        }
        return new SpeechResult(words, placed.silences(), confirmed(extra));
    }

    /** Words that the aligner found, heard as others that sound much like them: “for dives” is “forgives”. */
    private boolean misheard(SideBySide.Stretch stretch) {
        List<Word> script = placed.words().subList(stretch.fromScript(), stretch.toScript());
        List<Word> voice = heard.subList(stretch.fromHeard(), stretch.toHeard());
        if (script.isEmpty()
                || voice.isEmpty()
                || script.stream().anyMatch(word -> word.source() == WordSource.NOT_FOUND)) {
            return false;
        }
        List<String> a = spoken(script.stream().map(Word::text).toList());
        List<String> b = spoken(voice.stream().map(Word::text).toList());
        return ways.keySet().containsAll(a)
                && ways.keySet().containsAll(b)
                && PhoneticDistance.distance(sounds(a), sounds(b)) <= ALIKE;
    }

    /** Stretches of other speech in which words were heard that the script has not. */
    private List<Unscripted> confirmed(List<Word> extra) {
        List<Unscripted> confirmed = new ArrayList<>();
        for (Unscripted piece : placed.unscripted()) {
            List<Word> inside = extra.stream()
                    .filter(word -> word.startMs() < piece.endMs() && word.endMs() > piece.startMs())
                    .toList();
            if (!inside.isEmpty()) {
                confirmed.add(new Unscripted(
                        piece.startMs(),
                        piece.endMs(),
                        Scripts.joined(inside.stream().map(Word::text).collect(Collectors.toList()))));
            }
        }
        return confirmed;
    }

    private static Word said(Word word) {
        return word.source() == WordSource.NOT_FOUND
                ? new Word(
                        word.id(),
                        word.text(),
                        word.startMs(),
                        word.endMs(),
                        1,
                        WordSource.ALIGNED,
                        word.emphasis(),
                        word.pin())
                : word;
    }

    /** 0 for the same words to the ear, 1 for nothing alike. */
    private double apart(List<String> script, List<String> voice) {
        List<String> a = spoken(script);
        List<String> b = spoken(voice);
        if (a.equals(b)) {
            return 0;
        }
        if (!ways.keySet().containsAll(a) || !ways.keySet().containsAll(b)) {
            // A word without a known pronunciation is similar to none.
            return 1;
        }
        return known.computeIfAbsent(a + "|" + b, key -> {
            double distance = PhoneticDistance.distance(sounds(a), sounds(b));
            boolean alike = script.size() + voice.size() > 2
                    ? distance <= ALIKE_JOINED && everyWordIsHeard(a, b, distance)
                    : distance <= ALIKE;
            return alike ? distance : 1;
        });
    }

    /** Whether what differs is too little to be one of the joined words: “gently the” is not “gently”. */
    private boolean everyWordIsHeard(List<String> a, List<String> b, double distance) {
        int longest = Math.max(phones(a), phones(b));
        int shortest = Stream.concat(a.stream(), b.stream())
                .mapToInt(word -> phones(List.of(word)))
                .min()
                .orElse(0);
        return distance * longest <= MOST_OF_A_WORD * shortest;
    }

    private int phones(List<String> spoken) {
        return sounds(spoken).stream().mapToInt(List::size).min().orElse(0);
    }

    private List<String> spoken(List<String> texts) {
        return texts.stream()
                .flatMap(
                        text -> spokenForms
                                .computeIfAbsent(text, t -> spokenForm.of(t).stream()
                                        .map(Tokens::normalised)
                                        .toList())
                                .stream())
                .toList();
    }

    private List<List<String>> sounds(List<String> spoken) {
        return PhoneticDistance.joined(spoken.stream().map(ways::get).toList());
    }
}
