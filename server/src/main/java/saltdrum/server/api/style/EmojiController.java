package saltdrum.server.api.style;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.emoji.EmojiNames;
import saltdrum.core.emoji.EmojiSuggestions;
import saltdrum.core.emoji.NamedEmoji;
import saltdrum.core.layout.type.TextSample;
import saltdrum.core.layout.type.Typesetter;
import saltdrum.server.store.track.TrackStore;

/** Emoji that can be placed at words, and suggestions for words. */
@Tag(name = "styles")
@RestController
@RequestMapping("/api")
class EmojiController {
    private static final int MOST_FOUND = 120;
    private static final int MOST_LETTERS = 64;

    private final TrackStore tracks;
    private final Typesetter typesetter;

    EmojiController(TrackStore tracks, Typesetter typesetter) {
        this.tracks = tracks;
        this.typesetter = typesetter;
    }

    record EmojiView(String emoji, @Schema(description = "As Unicode CLDR calls it in that language") String name) {}

    record EmojiSuggestionView(
            long wordId, String text, @Schema(description = "The nearest first") List<EmojiView> emoji) {}

    @Operation(summary = "Emoji whose name or keywords begin with what is typed; without it the first of all")
    @GetMapping("/emoji")
    List<EmojiView> emoji(
            @RequestParam(defaultValue = "") String search, @RequestParam(defaultValue = "en") String language) {
        EmojiNames own = EmojiNames.of(language);
        EmojiNames names = own.all().isEmpty() ? EmojiNames.of("en") : own;
        Stream<NamedEmoji> found =
                search.isBlank() ? names.all().stream() : names.search(search, Integer.MAX_VALUE).stream();
        return found.filter(this::drawn)
                .limit(MOST_FOUND)
                .map(EmojiController::view)
                .toList();
    }

    @Operation(summary = "An emoji as captions show it, as a drawing")
    @GetMapping(value = "/emoji/{emoji}/drawing", produces = "image/svg+xml")
    ResponseEntity<String> drawing(@PathVariable String emoji) {
        String key = emoji.length() > MOST_LETTERS ? null : typesetter.drawing(emoji);
        if (key == null) {
            throw new BadInputException("There is no drawing of this emoji.");
        }
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("image/svg+xml"))
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)))
                .header("Content-Security-Policy", "default-src 'none'; sandbox")
                .body(TextSample.picture(typesetter.picture(key)));
    }

    @Operation(summary = "Words that an emoji is near to, at most one of a cue, in the order of the track")
    @GetMapping("/clips/{clipId}/track/emoji")
    List<EmojiSuggestionView> suggestions(@PathVariable String clipId) {
        return EmojiSuggestions.of(tracks.get(clipId).track()).stream()
                .map(one -> new EmojiSuggestionView(
                        one.wordId(),
                        one.text(),
                        one.emoji().stream()
                                .filter(this::drawn)
                                .map(EmojiController::view)
                                .toList()))
                .filter(one -> !one.emoji().isEmpty())
                .toList();
    }

    private boolean drawn(NamedEmoji one) {
        return typesetter.drawing(one.emoji()) != null;
    }

    private static EmojiView view(NamedEmoji one) {
        return new EmojiView(one.emoji(), one.name());
    }
}
