package saltdrum.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import saltdrum.cli.draft.ClipLook;
import saltdrum.cli.draft.FindingLine;
import saltdrum.core.Json;
import saltdrum.core.check.rule.Checker;
import saltdrum.core.cue.Track;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Probe;
import saltdrum.media.clip.SoundChoice;
import saltdrum.media.clip.SoundTrack;
import saltdrum.speech.SpeechDesk;

@Command(
        description =
                "Tells what a viewer would stumble over: one line a finding. Ends with 0 if there is none, else 4.")
final class CheckCommand implements Callable<Integer> {
    /** There are findings. */
    static final int FOUND = 4;

    @Parameters(index = "0", paramLabel = "CLIP")
    Path clip;

    @Mixin
    CaptionOptions captions;

    @Option(names = "--sound", defaultValue = "0", paramLabel = "STREAM[:CHANNEL]", description = "As for “words”.")
    String sound;

    @Option(names = "--json", description = "Writes a JSON array instead of lines.")
    boolean json;

    @Spec
    CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        ClipInfo info = Probe.of(clip);
        CaptionOptions.Dressed dressed = captions.dressed(info);
        Track track = dressed.track();
        try (ClipLook look = new ClipLook(clip, info, dressed.scenes(), dressed.style(), List.of())) {
            listen(info, track, look);
            List<FindingLine> found = new Checker()
                    .findings(look.of(track)).stream()
                            .map(finding -> FindingLine.of(track, finding))
                            .toList();
            PrintWriter out = spec.commandLine().getOut();
            if (json) {
                out.println(Json.write(found));
            } else {
                found.forEach(finding -> out.println(finding.line()));
                out.println(found.isEmpty() ? "Nothing was found." : found.size() + " found.");
            }
            out.flush();
            return found.isEmpty() ? 0 : FOUND;
        }
    }

    /** Where the language can be placed on the voice. */
    private void listen(ClipInfo info, Track track, ClipLook look) {
        SpeechDesk speech = new SpeechDesk();
        List<String> tokens = track.words().map(Word::text).toList();
        if (info.sounds().isEmpty() || tokens.isEmpty() || !speech.canAlign(track.language())) {
            return;
        }
        Sound heard = SoundTrack.speech(clip, SoundChoice.parse(sound).in(info));
        look.heard(speech.align(heard, tokens, done -> {}, () -> false));
    }
}
