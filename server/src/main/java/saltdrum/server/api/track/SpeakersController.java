package saltdrum.server.api.track;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.LruMap;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.speaker.SpeakerWords.Turn;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.work.speech.ClipSound;
import saltdrum.speech.speakers.SpeakerFinder;
import saltdrum.speech.speakers.SpeakerFinder.Found.Stretch;

/** Finds who speaks, for as many speakers as a person named. */
@Tag(name = "track")
@RestController
@RequestMapping("/api/clips/{clipId}/track")
class SpeakersController {
    private static final int MOST_KEPT = 16;

    private final ClipStore clips;
    private final TrackStore tracks;
    private final ClipSound sounds;

    /** All that it depends on. */
    private record Question(String clipId, String sound, int count, List<Spoken> words) {}

    /** @param given the speaker whom a person gave it to; 0 for none */
    private record Spoken(long id, String text, int startMs, int endMs, int given) {}

    private final Map<Question, SpeakersFound> known = LruMap.of(MOST_KEPT);

    SpeakersController(ClipStore clips, TrackStore tracks, ClipSound sounds) {
        this.clips = clips;
        this.tracks = tracks;
        this.sounds = sounds;
    }

    record SpeakersFound(
            @Schema(description = "From which words on who speaks, for the edit “placeSpeakers”") List<Turn> turns,
            @Schema(description = "First words of turns that are to be listened to") List<Long> doubtful) {}

    @Operation(summary = "Who says what by the voice, for the number of speakers that are named; nothing is changed")
    @GetMapping("/speakers")
    SpeakersFound find(@PathVariable String clipId) {
        ClipRow clip = clips.get(clipId);
        Track track = tracks.get(clipId).track();
        int count = track.beside().speakers().names().size();
        if (count == 0) {
            throw new RefusedEditException("No speakers are named yet. Say how many speak.");
        }
        Set<Long> given = new HashSet<>(track.beside().speakers().given());
        List<Word> words = track.words().toList();
        List<Spoken> spoken = words.stream()
                .map(word -> new Spoken(
                        word.id(),
                        word.text(),
                        word.startMs(),
                        word.endMs(),
                        given.contains(word.id()) ? word.speaker() : 0))
                .toList();
        Question question = new Question(clipId, clip.sound(), count, spoken);
        SpeakersFound found = known.get(question);
        if (found == null) {
            found = found(sound(clip), words, question);
            known.put(question, found);
        }
        return found;
    }

    private Sound sound(ClipRow clip) {
        Sound sound = sounds.part(clip, Range.ALL);
        if (sound.isEmpty()) {
            throw new RefusedEditException("The clip has no sound. Give the words to their speakers by hand.");
        }
        return sound;
    }

    private static SpeakersFound found(Sound sound, List<Word> words, Question question) {
        int[] given = question.words.stream().mapToInt(Spoken::given).toArray();
        List<Turn> turns = new ArrayList<>();
        List<Long> doubtful = new ArrayList<>();
        for (Stretch stretch :
                SpeakerFinder.find(sound, words, question.count, given).stretches()) {
            long first = words.get(stretch.from()).id();
            turns.add(new Turn(first, stretch.speaker()));
            if (stretch.doubtful()) {
                doubtful.add(first);
            }
        }
        return new SpeakersFound(turns, doubtful);
    }
}
