package saltdrum.server.api.track;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.LruMap;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.Track;
import saltdrum.core.emphasis.Suggestion;
import saltdrum.core.emphasis.Suggestions;
import saltdrum.core.word.Word;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.work.speech.ClipSound;

/** Suggests words to emphasise, by the voice and by their meaning. */
@Tag(name = "proof")
@RestController
@RequestMapping("/api/clips/{clipId}/track")
class EmphasisController {
    private final ClipStore clips;
    private final TrackStore tracks;
    private final ClipSound sounds;

    private static final int MOST_KEPT = 32;

    /** All that scores depend on. */
    private record Question(String clipId, String sound, String language, List<Said> words) {}

    private record Said(long id, String text, int startMs, int endMs) {}

    private final Map<Question, List<Suggestion>> heard = LruMap.of(MOST_KEPT);

    EmphasisController(ClipStore clips, TrackStore tracks, ClipSound sounds) {
        this.clips = clips;
        this.tracks = tracks;
        this.sounds = sounds;
    }

    record SuggestionView(
            long wordId,
            String text,
            @Schema(description = "A few words: “said louder and longer, a number”") String because) {}

    @Operation(summary = "Words that ask for emphasis and have none, in the order of the track")
    @GetMapping("/suggestions")
    List<SuggestionView> suggestions(@PathVariable String clipId, @RequestParam(defaultValue = "0.5") double strength) {
        if (!(strength >= 0 && strength <= 1)) {
            throw new BadInputException("The strength of suggestions is between 0 and 1.");
        }
        Track track = tracks.get(clipId).track();
        Map<Long, Word> open = track.cues().stream()
                .filter(cue -> !cue.locked())
                .flatMap(cue -> cue.words().stream())
                .filter(word -> word.emphasis() == 0)
                .collect(Collectors.toMap(Word::id, Function.identity()));
        return Suggestions.chosen(scored(clips.get(clipId), track), strength).stream()
                .filter(one -> open.containsKey(one.wordId()))
                .map(one -> new SuggestionView(
                        one.wordId(), open.get(one.wordId()).text(), String.join(", ", one.because())))
                .toList();
    }

    /** The voice is analysed once for the same words at the same times, even if the emphasis changes meanwhile. */
    private List<Suggestion> scored(ClipRow clip, Track track) {
        List<Said> said = track.words()
                .map(word -> new Said(word.id(), word.text(), word.startMs(), word.endMs()))
                .toList();
        Question question = new Question(clip.id(), clip.sound(), track.language(), said);
        List<Suggestion> known = heard.get(question);
        if (known == null) {
            known = Suggestions.scored(track.words().toList(), sounds.part(clip, Range.ALL), track.language());
            heard.put(question, known);
        }
        return known;
    }
}
