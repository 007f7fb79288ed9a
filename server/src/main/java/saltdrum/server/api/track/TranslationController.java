package saltdrum.server.api.track;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.CaptionImport;
import saltdrum.core.format.Captions;
import saltdrum.core.format.file.CaptionFile.Repair;
import saltdrum.core.text.Quoted;
import saltdrum.core.translation.Translation;
import saltdrum.core.translation.TranslationEdits;
import saltdrum.server.api.Audited;
import saltdrum.server.api.SmallUpload;
import saltdrum.server.api.job.JobView;
import saltdrum.server.store.clip.ClientSettingsStore;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.track.StoredChange;
import saltdrum.server.store.track.StoredTrack;
import saltdrum.server.store.track.TrackHistory;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.store.track.TrackVersion;
import saltdrum.server.work.run.WorkOrder;
import saltdrum.server.work.run.Workers;
import saltdrum.speech.translate.Translator;

/** A clip's words in other languages, over the cues of its first track. */
@Tag(name = "translations")
@RestController
@RequestMapping("/api")
class TranslationController {
    private static final List<String> LANGUAGES = Arrays.asList(Locale.getISOLanguages());

    private final ClipStore clips;
    private final TrackStore tracks;
    private final TrackHistory history;
    private final Workers workers;
    private final ClientSettingsStore clientSettings;
    private final List<Translator> translators;

    TranslationController(
            ClipStore clips,
            TrackStore tracks,
            TrackHistory history,
            Workers workers,
            ClientSettingsStore clientSettings,
            List<Translator> translators) {
        this.clientSettings = clientSettings;
        this.clips = clips;
        this.tracks = tracks;
        this.history = history;
        this.workers = workers;
        this.translators = translators;
    }

    @Operation(summary = "Names of the translators that know a pair of languages here")
    @GetMapping("/translators")
    List<String> translators(@RequestParam String from, @RequestParam String to) {
        return translators.stream()
                .filter(translator -> translator.supports(from, to))
                .map(Translator::name)
                .toList();
    }

    @GetMapping("/clips/{clipId}/translations/{language}")
    TrackView get(@PathVariable String clipId, @PathVariable String language) {
        return view(tracks.shown(clipId, language), clipId);
    }

    @Operation(summary = "A translation to be typed; what is there already stays")
    @PutMapping("/clips/{clipId}/translations/{language}")
    TrackView open(@PathVariable String clipId, @PathVariable String language) {
        String own = tracks.get(clips.get(clipId).id()).track().language();
        if (!LANGUAGES.contains(language)) {
            throw new BadInputException(Quoted.of(language) + " is no language of ISO 639-1.");
        }
        if (language.equals(Locale.forLanguageTag(own).getLanguage())) {
            throw new BadInputException("The clip's own words are in that language. Choose another.");
        }
        tracks.openTranslation(clipId, language);
        return get(clipId, language);
    }

    /**
     * What came of a file that was read.
     *
     * @param texts how many cues got a text
     * @param left what was corrected or left out, a sentence each
     */
    record FileView(int texts, List<String> left) {}

    /** Outside the described API's types: the body is the raw file. */
    @Hidden
    @PutMapping("/clips/{clipId}/translations/{language}/captions")
    FileView read(
            @PathVariable String clipId,
            @PathVariable String language,
            @RequestParam String name,
            HttpServletRequest request)
            throws IOException {
        byte[] bytes = SmallUpload.bytes(request, CaptionController.MOST_BYTES, Quoted.of(name));
        ClipRow clip = clips.get(clipId);
        CaptionImport file = CaptionImport.of(
                Captions.read(bytes, name), name, language, clip.info().durationMs());
        Track first = tracks.get(clip.id()).track();
        Map<Long, String> texts = Translation.placed(first, file.cues());
        if (texts.isEmpty()) {
            throw new BadInputException("Nothing in " + Quoted.of(name) + " is shown at the same time as a cue of this"
                    + " clip, so nothing was read. Check that file and clip belong together, and get the clip's own"
                    + " words first.");
        }
        open(clipId, language);
        tracks.change(
                TrackStore.translationId(clipId, language),
                TrackVersion.NEWEST,
                before -> "Read " + Quoted.of(name),
                before -> Translation.broughtIn(tracks.get(clipId).track(), before, texts));
        return new FileView(
                texts.size(), file.repairs().stream().map(Repair::toString).toList());
    }

    @Operation(summary = "Removes a translation with its history")
    @Audited("Deleted a translation")
    @DeleteMapping("/clips/{clipId}/translations/{language}")
    void remove(@PathVariable String clipId, @PathVariable String language) {
        tracks.removeTranslation(clipId, language);
    }

    record TranslateRequest(String translator) {}

    @Operation(summary = "Lets a translator fill every cue that no hand has typed, confirmed or locked")
    @PostMapping("/clips/{clipId}/translations/{language}/translate")
    JobView translate(
            @PathVariable String clipId, @PathVariable String language, @RequestBody TranslateRequest request) {
        open(clipId, language);
        return JobView.of(workers.order(clipId, new WorkOrder.Translate(language, request.translator())));
    }

    @Operation(summary = "Makes one change of its texts; cues and times are the first track's")
    @PostMapping("/clips/{clipId}/translations/{language}/edits")
    TrackView edit(
            @PathVariable String clipId,
            @PathVariable String language,
            @RequestBody TrackController.EditRequest request) {
        if (request.edit() == null) {
            throw new BadInputException("The request holds no edit.");
        }
        Track first = tracks.get(clipId).track();
        UnaryOperator<Track> change = track -> TranslationEdits.apply(first, track, request.edit());
        return changed(
                tracks.change(
                        TrackStore.translationId(clipId, language),
                        request.on(),
                        before -> request.edit().said(first),
                        change),
                clipId,
                language);
    }

    @PostMapping("/clips/{clipId}/translations/{language}/undo")
    TrackView undo(
            @PathVariable String clipId,
            @PathVariable String language,
            @RequestBody TrackController.StepRequest request) {
        return changed(history.undo(TrackStore.translationId(clipId, language), request.on()), clipId, language);
    }

    @PostMapping("/clips/{clipId}/translations/{language}/redo")
    TrackView redo(
            @PathVariable String clipId,
            @PathVariable String language,
            @RequestBody TrackController.StepRequest request) {
        return changed(history.redo(TrackStore.translationId(clipId, language), request.on()), clipId, language);
    }

    private TrackView changed(StoredChange change, String clipId, String language) {
        return view(tracks.shown(clipId, language), clipId);
    }

    private TrackView view(StoredTrack stored, String clipId) {
        ClipRow clip = clips.get(clipId);
        return TrackView.of(stored, history.steps(stored.id()), clip.info().size(), clientSettings.of(clip));
    }
}
