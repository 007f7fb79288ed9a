package saltdrum.server.api.track;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.check.CalmPlacement;
import saltdrum.core.check.CheckKind;
import saltdrum.core.check.Limits;
import saltdrum.core.check.VoiceOffset;
import saltdrum.core.parts.ValuePart;
import saltdrum.core.parts.ValueParts;
import saltdrum.server.api.Audited;
import saltdrum.server.api.job.JobView;
import saltdrum.server.store.clip.ClientSettingsStore;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.work.FindingsService;
import saltdrum.server.work.run.WorkOrder;
import saltdrum.server.work.run.Workers;

/** The findings of a clip, and the limits of checks. */
@Tag(name = "checks")
@RestController
@RequestMapping("/api")
class CheckController {
    private final FindingsService inspector;
    private final ClientSettingsStore clientSettings;
    private final ClipStore clips;
    private final Workers workers;

    CheckController(FindingsService inspector, ClientSettingsStore clientSettings, ClipStore clips, Workers workers) {
        this.clips = clips;
        this.inspector = inspector;
        this.clientSettings = clientSettings;
        this.workers = workers;
    }

    /**
     * A kind of finding.
     *
     * @param source of its limit
     * @param ofVoice requires the voice to be measured
     * @param ofPicture requires the picture to be measured
     * @param oneByOne only a person can tell whether its remedy is right
     */
    record KindView(
            CheckKind kind, String label, String source, boolean ofVoice, boolean ofPicture, boolean oneByOne) {}

    @Operation(summary = "All kinds of findings that are looked for")
    @GetMapping("/checks")
    List<KindView> kinds() {
        return Arrays.stream(CheckKind.values())
                .map(kind -> new KindView(
                        kind, kind.label, kind.source, kind.ofVoice(), kind.ofPicture(), kind.askedOneByOne()))
                .toList();
    }

    @Operation(summary = "What is wrong in the clip, in order of time; dismissed findings have a reason")
    @GetMapping("/clips/{clipId}/findings")
    FindingsService.Found findings(@PathVariable String clipId) {
        return inspector.look(clipId);
    }

    @Operation(summary = "Where the picture is calmest under some cues, or all")
    @GetMapping("/clips/{clipId}/calm")
    CalmPlacement.Proposal calm(@PathVariable String clipId, @RequestParam(required = false) List<Long> cueIds) {
        return inspector.calm(clipId, cueIds);
    }

    @Operation(summary = "One edit that mends all that needs no person's eye or ear, or one kind of it")
    @GetMapping("/clips/{clipId}/mending")
    FindingsService.MendingOffer mending(@PathVariable String clipId, @RequestParam(required = false) String kind) {
        return inspector.mending(clipId, kind == null ? null : CheckKind.of(kind));
    }

    @Operation(summary = "How far the words from a cue on are from where the voice was heard")
    @GetMapping("/clips/{clipId}/voice-offset")
    VoiceOffset voiceOffset(@PathVariable String clipId, @RequestParam long fromCue) {
        return inspector.voiceOffset(clipId, fromCue);
    }

    @Operation(summary = "Looks at the picture, once, and listens to where the words are now")
    @PostMapping("/clips/{clipId}/measure")
    JobView measure(@PathVariable String clipId) {
        return JobView.of(workers.order(clips.get(clipId).id(), new WorkOrder.Measure()));
    }

    @Operation(summary = "From where on something is a finding, for a client or the workshop")
    @GetMapping("/limits")
    Limits limits(@RequestParam(required = false) Long client) {
        return clientSettings.of(client).limits();
    }

    @Operation(summary = "All limits with their ranges")
    @GetMapping("/limits/parts")
    List<ValuePart> limitParts() {
        return ValueParts.parts(Limits.class);
    }

    @Audited("Settled the limits of checks")
    @PutMapping("/limits")
    Limits setLimits(@RequestParam(required = false) Long client, @RequestBody Limits limits) {
        clientSettings.setLimits(client, limits);
        return limits(client);
    }

    @Operation(summary = "Reset to the defaults")
    @Audited("Took the usual limits again")
    @DeleteMapping("/limits")
    Limits usualLimits(@RequestParam(required = false) Long client) {
        clientSettings.setLimits(client, null);
        return limits(client);
    }
}
