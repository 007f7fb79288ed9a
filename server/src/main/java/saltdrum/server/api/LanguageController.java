package saltdrum.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.speech.SpeechDesk;

@Tag(name = "work")
@RestController
class LanguageController {
    private final SpeechDesk speech;

    LanguageController(SpeechDesk speech) {
        this.speech = speech;
    }

    record LanguageView(
            String tag,
            String name,
            @Schema(description = "A script's times are measured; else estimated") boolean measured,
            @Schema(description = "Speech can be recognised") boolean recognised) {}

    @Operation(summary = "All languages of ISO 639-1, and what can be done in each")
    @GetMapping("/api/languages")
    List<LanguageView> all() {
        return Arrays.stream(Locale.getISOLanguages())
                .map(tag -> new LanguageView(
                        tag,
                        Locale.forLanguageTag(tag).getDisplayLanguage(Locale.ENGLISH),
                        speech.measures(tag),
                        speech.recognises(tag)))
                .sorted(Comparator.comparing(LanguageView::name))
                .toList();
    }
}
