package saltdrum.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import saltdrum.core.cue.Breaker;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Ids;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.Track;
import saltdrum.core.cue.TrackExtras;
import saltdrum.core.cue.TrackExtras.Unscripted;
import saltdrum.core.edit.ImportEdit.BringInCues;
import saltdrum.core.edit.ImportEdit.ReplaceWords;
import saltdrum.core.edit.OverlayEdit.PutHeadline;
import saltdrum.core.look.Styling;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/** Replaces words by ones that were recognised, placed on the voice or read from a file. */
final class BringInEdits {
    private BringInEdits() {}

    static Track bringIn(Track track, BringInCues e) {
        track.cues().forEach(Edits::unlocked);
        Ids ids = new Ids(track.nextId());
        List<Cue> cues = new ArrayList<>();
        for (Cue cue : e.cues()) {
            List<Word> words = cue.words().stream()
                    .filter(word -> word.startMs() < track.lengthMs())
                    .map(word -> word.withTime(word.startMs(), Math.min(word.endMs(), track.lengthMs()))
                            .withId(ids.next()))
                    .toList();
            if (!words.isEmpty()) {
                List<Integer> lines = cue.lineStarts().stream()
                        .filter(start -> start < words.size())
                        .toList();
                cues.add(new Cue(ids.next(), words, lines, false, cue.given(), cue.look()));
            }
        }
        List<Headline> headlines = e.headlines() == null
                ? track.beside().headlines()
                : e.headlines().stream()
                        .limit(PutHeadline.MOST)
                        .map(one -> one.withId(ids.next()))
                        .toList();
        String language = e.language() == null ? track.language() : e.language();
        Styling styling = e.styling() == null ? track.styling() : e.styling();
        // No recipe made these cues, so none breaks them again by itself.
        return track.withLanguage(language)
                .withStyling(styling)
                .withRecipe(track.recipe().asFitted(false))
                .withCues(cues, ids.peek())
                .withBeside(new TrackExtras(
                        List.of(),
                        e.regions(),
                        headlines,
                        track.beside().stands(),
                        track.beside().speakers()));
    }

    static Track replaceWords(Track track, ReplaceWords e) {
        Range range = e.range();
        for (Cue cue : track.cues()) {
            if (cue.locked() && cue.words().stream().anyMatch(word -> range.holds(word))) {
                Edits.unlocked(cue);
            }
        }
        Ids ids = new Ids(track.nextId());
        List<Word> fresh = fresh(track, e, ids);
        track.cues().stream()
                .filter(cue -> !fresh.isEmpty() && range.isWithin(cue))
                .forEach(Edits::unlocked);
        List<Cue> cues = cues(track, e, fresh, ids);
        List<Unscripted> beside = track.beside().unscripted().stream()
                .filter(heard -> !range.holds(heard.startMs()))
                .collect(Collectors.toCollection(ArrayList::new));
        e.unscripted()
                .forEach(heard -> beside.add(new Unscripted(ids.next(), heard.startMs(), heard.endMs(), heard.text())));
        beside.sort(Comparator.comparingInt(Unscripted::startMs));
        return track.withLanguage(e.language())
                .withCues(cues, ids.peek())
                .withBeside(track.beside().withUnscripted(beside));
    }

    /** The new words as far as there is room between those that stay. */
    private static List<Word> fresh(Track track, ReplaceWords e, Ids ids) {
        Range range = e.range();
        List<Word> kept = track.words().filter(word -> !range.holds(word)).toList();
        int floor = kept.stream()
                .filter(w -> w.startMs() < range.fromMs())
                .mapToInt(Word::endMs)
                .max()
                .orElse(0);
        int ceiling = kept.stream()
                .filter(w -> w.startMs() >= range.toMs())
                .mapToInt(Word::startMs)
                .min()
                .orElse(track.endMs());
        List<Word> fresh = e.words().stream()
                .filter(word -> word.startMs() < ceiling - 1 && word.endMs() > floor + 1)
                .map(word -> word.withTime(Math.max(floor, word.startMs()), Math.min(ceiling, word.endMs())))
                .map(word -> word.withId(ids.next()))
                .collect(Collectors.toCollection(ArrayList::new));
        Word next = kept.stream()
                .filter(word -> word.startMs() == ceiling)
                .findFirst()
                .orElse(null);
        return withoutStop(fresh, next);
    }

    /** Speech that is recognised in part ends in a full stop; if the sentence goes on after the part, it has none. */
    private static List<Word> withoutStop(List<Word> fresh, Word next) {
        if (fresh.isEmpty()
                || next == null
                || !Character.isLowerCase(next.text().codePointAt(0))) {
            return fresh;
        }
        Word last = fresh.get(fresh.size() - 1);
        boolean stop = last.source() == WordSource.RECOGNISED
                && last.text().endsWith(".")
                && !last.text().endsWith("..")
                && last.text().length() > 1;
        if (stop) {
            String text = last.text().substring(0, last.text().length() - 1);
            fresh.set(fresh.size() - 1, last.withText(text, last.source()));
        }
        return fresh;
    }

    /**
     * Whole cues outside the range are not changed; the remaining part of a cue that straddles it is broken again.
     */
    private static List<Cue> cues(Track track, ReplaceWords e, List<Word> fresh, Ids ids) {
        Range range = e.range();
        List<Cue> result = new ArrayList<>();
        List<Word> run = new ArrayList<>();
        boolean placed = false;
        for (Cue cue : track.cues()) {
            boolean after = cue.firstWordMs() >= range.toMs();
            if (after && !placed) {
                run.addAll(fresh);
                placed = true;
            }
            boolean whole = cue.words().stream().noneMatch(word -> range.holds(word));
            if (whole && (fresh.isEmpty() || !range.isWithin(cue))) {
                result.addAll(Breaker.cues(sorted(run), track.recipe(), e.language(), ids));
                run.clear();
                result.add(cue);
            } else {
                cue.words().stream().filter(word -> !range.holds(word)).forEach(run::add);
            }
        }
        if (!placed) {
            run.addAll(fresh);
        }
        result.addAll(Breaker.cues(sorted(run), track.recipe(), e.language(), ids));
        return result;
    }

    static List<Word> sorted(List<Word> words) {
        return words.stream()
                .sorted(java.util.Comparator.comparingInt(Word::startMs))
                .toList();
    }
}
