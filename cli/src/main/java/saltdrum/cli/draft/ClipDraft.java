package saltdrum.cli.draft;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.check.Finding;
import saltdrum.core.check.NeededLook;
import saltdrum.core.check.rule.Checker;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.draft.PolicyRewriter;
import saltdrum.core.firstdraft.DraftSettings;
import saltdrum.core.firstdraft.FirstDraft;
import saltdrum.core.format.CaptionFormats;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.sound.Sound;
import saltdrum.core.style.Style;
import saltdrum.core.word.Word;
import saltdrum.media.burn.Burn;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Probe;
import saltdrum.media.clip.SoundChoice;
import saltdrum.media.clip.SoundTrack;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.recognise.Heard;
import saltdrum.speech.recognise.Recogniser;
import saltdrum.speech.recognise.Term;

/** Makes the first draft of one clip: its words, its captions and a film at low cost. */
final class ClipDraft {
    private final DraftSettings settings;
    private final Style style;
    private final SceneMaker scenes;
    private final SpeechDesk speech;
    private final List<Term> terms;
    private final Path out;

    ClipDraft(DraftSettings settings, Style style, SceneMaker scenes, SpeechDesk speech, List<Term> terms, Path out) {
        this.settings = settings;
        this.style = style;
        this.scenes = scenes;
        this.speech = speech;
        this.terms = terms;
        this.out = out;
    }

    /**
     * @param name of the files that are written, without their endings
     * @throws BadInputException if nothing can be made of the clip, saying why
     */
    DraftPage.Entry of(Path clip, String name) throws IOException {
        ClipInfo info = Probe.of(clip);
        Sound sound = info.sounds().isEmpty()
                ? Sound.NONE
                : SoundTrack.speech(clip, SoundChoice.parse("0").in(info));
        Heard heard = sound.isEmpty() ? new Heard(0, List.of()) : heard(clip, sound);
        List<Word> words = PolicyRewriter.write(heard.plainWords(), settings.policies());
        if (words.isEmpty()) {
            throw new BadInputException("No speech was heard, so there is nothing to caption.");
        }
        Track empty = Track.empty(settings.language(), style.name())
                .withLength((int) Math.min(Track.NO_END, info.durationMs()));
        try (ClipLook look = new ClipLook(
                clip, info, scenes, style, terms.stream().map(Term::written).toList())) {
            look.heard(words);
            FirstDraft.Result draft =
                    new FirstDraft(settings, info.size(), look::measure, look::of).of(empty, words, sound);
            List<Finding> left = new Checker().findings(look.of(draft.track()));
            return written(clip, name, info, draft, left, needs(left, heard));
        }
    }

    private Heard heard(Path clip, Sound sound) {
        Recogniser.Asked asked =
                new Recogniser.Asked(settings.language(), clip.getFileName().toString(), terms);
        return speech.recognise(sound, asked, soFar -> {}, () -> false);
    }

    private static String needs(List<Finding> left, Heard heard) {
        String look = NeededLook.of(left).said();
        String missed = heard.missed(0);
        if (look.isEmpty()) {
            return missed == null ? "nothing" : "an ear. " + missed;
        }
        return "a look at " + look + (missed == null ? "" : ", and an ear. " + missed);
    }

    private DraftPage.Entry written(
            Path clip, String name, ClipInfo info, FirstDraft.Result draft, List<Finding> left, String needs)
            throws IOException {
        List<String> captions = new ArrayList<>();
        for (CaptionFormat format : List.of(CaptionFormats.named("a.srt"), CaptionFormats.named("a.json"))) {
            String file = name + "." + format.endings().get(0);
            Files.writeString(
                    out.resolve(file), format.write(draft.track(), style, info.size()), StandardCharsets.UTF_8);
            captions.add(file);
        }
        String film = null;
        if (settings.film()) {
            film = name + ".mp4";
            film(clip, info, draft.track(), out.resolve(film));
        }
        return new DraftPage.Entry(
                name,
                film,
                captions,
                draft.done(),
                needs,
                left.stream()
                        .map(finding -> FindingLine.of(draft.track(), finding))
                        .toList(),
                null);
    }

    private void film(Path clip, ClipInfo info, Track track, Path file) throws IOException {
        Size size = info.size();
        Frame frame = Math.min(size.width(), size.height()) > BurnOrder.DRAFT_SHORT_SIDE
                ? track.frame().sized(size, BurnOrder.DRAFT_SHORT_SIDE)
                : track.frame();
        Path part = file.resolveSibling("." + file.getFileName() + ".part");
        try {
            new Burn(clip, info, frame, scenes.make(track, style, size), BurnOrder.DRAFT)
                    .to(part, done -> {}, () -> false);
            Files.move(part, file, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(part);
        }
    }
}
