package saltdrum.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.Track;
import saltdrum.core.emphasis.Suggestions;
import saltdrum.core.word.Word;
import saltdrum.server.store.ClipStore;
import saltdrum.server.store.TrackStore;
import saltdrum.server.work.ClipSound;

/** Words that could be emphasised, by the voice and by what they mean. */
@Tag(name = "proof")
@RestController
@RequestMapping("/api/clips/{clipId}/track")
class EmphasisController {
    private final ClipStore clips;
    private final TrackStore tracks;
    private final ClipSound sounds;

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
            throw new BadInputException("The strength of suggestions lies between 0 and 1.");
        }
        Track track = tracks.get(clipId).track();
        List<Word> words = track.words().toList();
        Map<Long, Word> open = new HashMap<>();
        track.cues().stream().filter(cue -> !cue.locked()).map(Cue::words).forEach(cue -> cue.stream()
                .filter(word -> word.emphasis() == 0)
                .forEach(word -> open.put(word.id(), word)));
        return Suggestions.of(words, sounds.part(clips.get(clipId), Range.ALL), track.language(), strength).stream()
                .filter(one -> open.containsKey(one.wordId()))
                .map(one -> new SuggestionView(
                        one.wordId(), open.get(one.wordId()).text(), String.join(", ", one.because())))
                .toList();
    }
}
