package saltdrum.server.api.clip;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.FromOutside;
import saltdrum.core.language.LanguageGuess;
import saltdrum.speech.SpeechDesk;

@Tag(name = "work")
@RestController
class LanguageController {
    /** Moldavian: today “ro”, but the JDK has no name for it. */
    private static final String WITHDRAWN = "mo";

    private final SpeechDesk speech;

    LanguageController(SpeechDesk speech) {
        this.speech = speech;
    }

    record LanguageView(
            String tag,
            String name,
            @Schema(description = "A script's times are measured; else estimated") boolean measured,
            @Schema(description = "Speech can be recognised") boolean recognised,
            @Schema(description = "What can be had in it, in a sentence or two") String offer) {}

    @Operation(summary = "What is wrong with speech models, a sentence each; none when all is well")
    @GetMapping("/api/languages/troubles")
    List<String> troubles() {
        return speech.troubles();
    }

    record GuessRequest(String text) implements FromOutside {}

    @Operation(summary = "All languages of ISO 639-1 and what can be done in each, those that are recognised first")
    @GetMapping("/api/languages")
    List<LanguageView> all() {
        return Arrays.stream(Locale.getISOLanguages())
                // Withdrawn codes, such as “iw” for “he”, are the same languages.
                .map(code -> Locale.forLanguageTag(code).toLanguageTag())
                .filter(tag -> !tag.equals(WITHDRAWN))
                .distinct()
                .map(this::view)
                .sorted(Comparator.comparing((LanguageView view) -> !view.recognised())
                        .thenComparing(LanguageView::name))
                .toList();
    }

    @Operation(summary = "The language that a text is likely in, to be proposed; none where it does not tell")
    @PostMapping("/api/languages/guess")
    List<LanguageView> guess(@RequestBody GuessRequest request) {
        return LanguageGuess.of(request.text() == null ? "" : request.text()).map(this::view).stream()
                .toList();
    }

    private LanguageView view(String tag) {
        return new LanguageView(
                tag,
                Locale.forLanguageTag(tag).getDisplayLanguage(Locale.ENGLISH),
                speech.measures(tag),
                speech.recognises(tag),
                speech.offer(tag));
    }
}
