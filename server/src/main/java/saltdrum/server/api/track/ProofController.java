package saltdrum.server.api.track;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.MayBeMissing;
import saltdrum.core.SaltDrumException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.Edit;
import saltdrum.core.edit.TextMatches;
import saltdrum.core.shorter.Omission;
import saltdrum.core.shorter.OmissionFinder;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.clip.GlossaryStore;
import saltdrum.server.store.track.StoredReading;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.work.speech.Dictionaries;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.recognise.Term;

/** Queries for proof-reading: the effect of an edit, occurrences of a word, spelling. */
@Tag(name = "proof")
@RestController
@RequestMapping("/api/clips/{clipId}/track")
class ProofController {
    private final ClipStore clips;
    private final TrackStore tracks;
    private final GlossaryStore glossary;
    private final Dictionaries dictionaries;
    private final SpeechDesk speech;

    ProofController(
            ClipStore clips, TrackStore tracks, GlossaryStore glossary, Dictionaries dictionaries, SpeechDesk speech) {
        this.clips = clips;
        this.tracks = tracks;
        this.glossary = glossary;
        this.dictionaries = dictionaries;
        this.speech = speech;
    }

    /**
     * What an edit would do.
     *
     * @param refusal why it cannot be made; missing when it can
     */
    record PreviewView(
            @Schema(description = "The edit in plain words") String said,
            @Schema(description = "Cues that would show other words or at other times") int cues,
            @Schema(description = "Cues there would be") int cuesAfter,
            @Schema(description = "Words that would be written or timed otherwise") int words,
            String refusal) {}

    record PreviewRequest(Edit edit) implements FromOutside {}

    @Operation(summary = "Counts what an edit would change, without making it")
    @PostMapping("/preview")
    PreviewView preview(@PathVariable String clipId, @RequestBody PreviewRequest request) {
        if (request.edit() == null) {
            throw new BadInputException("The request holds no edit.");
        }
        Track before = tracks.get(clipId).track();
        String said = request.edit().said(before);
        try {
            Track after = tracks.edited(clipId, before, request.edit());
            return new PreviewView(
                    said, changedCues(before, after), after.cues().size(), changedWords(before, after), null);
        } catch (SaltDrumException e) {
            return new PreviewView(said, 0, before.cues().size(), 0, e.getMessage());
        }
    }

    private record Shown(CueTime time, List<String> texts, List<Integer> lines) {}

    private static int changedCues(Track before, Track after) {
        Map<Shown, Integer> old = new HashMap<>();
        shown(before).forEach(cue -> old.merge(cue, 1, Integer::sum));
        int changed = 0;
        for (Shown cue : shown(after)) {
            if (old.merge(cue, -1, Integer::sum) < 0) {
                changed++;
            }
        }
        return Math.max(changed, before.cues().size() - after.cues().size());
    }

    private static List<Shown> shown(Track track) {
        List<CueTime> times = CueTime.of(track);
        List<Cue> cues = track.cues();
        return java.util.stream.IntStream.range(0, cues.size())
                .mapToObj(i -> new Shown(
                        times.get(i),
                        cues.get(i).words().stream().map(Word::text).toList(),
                        cues.get(i).lineStarts()))
                .toList();
    }

    private static int changedWords(Track before, Track after) {
        Map<Long, Word> old = new HashMap<>();
        before.words().forEach(word -> old.put(word.id(), word));
        int same = (int) after.words()
                .filter(word -> {
                    Word was = old.get(word.id());
                    return was != null
                            && was.text().equals(word.text())
                            && was.startMs() == word.startMs()
                            && was.endMs() == word.endMs();
                })
                .count();
        return Math.max(old.size(), (int) after.words().count()) - same;
    }

    record PlacesRequest(String find, @MayBeMissing String with) implements FromOutside {}

    @Operation(summary = "All places of a word or phrase, and the text of each cue after replacing")
    @PostMapping("/places")
    List<TextMatches.Place> places(@PathVariable String clipId, @RequestBody PlacesRequest request) {
        return TextMatches.of(tracks.get(clipId).track(), request.find(), request.with());
    }

    /** @param known whether there is a dictionary for the track's language */
    record SpellingView(boolean known, List<Long> wordIds) {}

    @Operation(summary = "Words that are neither in the dictionary nor in the client's glossary")
    @GetMapping("/spelling")
    SpellingView spelling(@PathVariable String clipId) {
        ClipRow clip = clips.get(clipId);
        Track track = tracks.get(clipId).track();
        Optional<Set<Long>> wrong = dictionaries.misspelt(track, glossary.termsFor(clip.clientId()));
        return new SpellingView(wrong.isPresent(), List.copyOf(wrong.orElse(Set.of())));
    }

    /** An alternative reading of one or two heard words. */
    record ReadingView(
            @Schema(description = "The present text") String find,
            @Schema(description = "The text after replacing") String with,
            @Schema(description = "A term of the glossary; else the recogniser's own") boolean term) {}

    /** As many as there are keys for. */
    private static final int MOST_READINGS = 5;

    @Operation(summary = "Other ways a word may be heard: the recogniser's own, and terms that sound like it")
    @GetMapping("/words/{wordId}/readings")
    List<ReadingView> readings(@PathVariable String clipId, @PathVariable long wordId) {
        ClipRow clip = clips.get(clipId);
        Track track = tracks.get(clipId).track();
        Cue cue = track.cueOfWord(wordId);
        int at = cue.indexOf(wordId);
        Word word = cue.words().get(at);
        if (word.source() != WordSource.RECOGNISED) {
            return List.of();
        }
        List<Term> terms = glossary.rowsFor(clip.clientId()).stream()
                .map(row -> new Term(row.term(), row.sayAs()))
                .toList();
        List<ReadingView> all = new ArrayList<>();
        speech.soundingLike(word.text(), terms).forEach(term -> all.add(new ReadingView(word.text(), term, true)));
        if (at + 1 < cue.words().size()) {
            // A term may have been heard as two words.
            String both = word.text() + " " + cue.words().get(at + 1).text();
            speech.soundingLike(both, terms).stream()
                    .filter(term -> all.stream().noneMatch(view -> view.with().equals(term)))
                    .forEach(term -> all.add(new ReadingView(both, term, true)));
        }
        StoredReading reading = tracks.reading(clipId, wordId);
        if (reading != null && reading.heard().equals(word.text())) {
            reading.readings().stream()
                    .filter(other -> all.stream().noneMatch(view -> view.with().equalsIgnoreCase(other)))
                    .forEach(other -> all.add(new ReadingView(word.text(), other, false)));
        }
        return all.stream().limit(MOST_READINGS).toList();
    }

    /** @param kind why the words may go */
    record CutView(Omission cut, String kind) {}

    @Operation(summary = "What a reader would not miss: fillers, false starts, words said twice")
    @GetMapping("/shorter")
    List<CutView> shorter(@PathVariable String clipId) {
        return OmissionFinder.of(tracks.get(clipId).track()).stream()
                .map(cut -> new CutView(cut, cut.kind().label))
                .toList();
    }

    @Operation(summary = "Words that may have been meant, the likeliest first")
    @GetMapping("/spelling/suggestions")
    List<String> suggestions(@PathVariable String clipId, @RequestParam String word) {
        return dictionaries
                .of(tracks.get(clipId).track().language())
                .map(spelling -> spelling.suggestions(word))
                .orElse(List.of());
    }
}
