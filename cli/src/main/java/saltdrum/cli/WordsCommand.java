package saltdrum.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import saltdrum.core.BadInputException;
import saltdrum.core.format.words.WordsFile;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Probe;
import saltdrum.media.clip.SoundChoice;
import saltdrum.media.clip.SoundTrack;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.recognise.Heard;
import saltdrum.speech.recognise.Recogniser;
import saltdrum.speech.recognise.Term;

@Command(description = "Aligns a script to a clip's voice, or recognises the speech.")
final class WordsCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "CLIP")
    Path clip;

    @Option(
            names = "--script",
            paramLabel = "FILE",
            description = "The script, as plain text. Without it the speech is recognised.")
    Path script;

    @Option(names = "--language", defaultValue = "en", description = "BCP 47 tag, en by default.")
    String language;

    @Option(names = "--range", paramLabel = "FROM-TO", description = "Seconds of the clip, such as 3.0-12.5.")
    String range;

    @Option(
            names = "--sound",
            defaultValue = "0",
            paramLabel = "STREAM[:CHANNEL]",
            description = "The sound to use, counted from 0; without a channel all are mixed.")
    String sound;

    @Option(
            names = "--glossary",
            paramLabel = "FILE",
            description =
                    "Names and trade terms, one a line, with “= how it is said” where the spelling does not say it.")
    Path glossary;

    @Option(names = "-o", required = true, paramLabel = "OUT.json")
    Path out;

    @Spec
    CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        ClipInfo info = Probe.of(clip);
        int[] span = span(info.durationMs());
        Sound part = info.sounds().isEmpty()
                ? Sound.NONE
                : SoundTrack.speech(clip, SoundChoice.parse(sound).in(info)).part(span[0], span[1]);
        SpeechDesk desk = new SpeechDesk();
        List<Word> words = script == null
                ? heard(desk, part, span[0])
                : desk.place(part, tokens(), language, span[1] - span[0], terms(), done -> {}, () -> false)
                        .words();
        if (words.isEmpty()) {
            throw new BadInputException(
                    "No speech was heard in “" + clip.getFileName() + "”. Give the script with --script.");
        }
        int offset = span[0];
        List<Word> moved = words.stream()
                .map(w -> w.withTime(w.startMs() + offset, w.endMs() + offset))
                .toList();
        Files.writeString(out, WordsFile.of(language, moved).write());
        return 0;
    }

    private List<Word> heard(SpeechDesk desk, Sound part, int fromMs) throws java.io.IOException {
        Recogniser.Asked asked =
                new Recogniser.Asked(language, clip.getFileName().toString(), terms());
        Heard heard = desk.recognise(part, asked, soFar -> {}, () -> false);
        if (heard.missed(fromMs) != null) {
            spec.commandLine().getErr().println(heard.missed(fromMs));
        }
        return heard.plainWords();
    }

    private List<Term> terms() throws java.io.IOException {
        return glossary == null ? List.of() : Term.lines(CaptionOptions.text(glossary));
    }

    private List<String> tokens() throws java.io.IOException {
        List<String> tokens = Tokens.split(CaptionOptions.text(script));
        if (tokens.isEmpty()) {
            throw new BadInputException("The script “" + script.getFileName() + "” has no words.");
        }
        return tokens;
    }

    private int[] span(long durationMs) {
        if (range == null) {
            return new int[] {0, (int) durationMs};
        }
        if (!range.matches("\\d+(\\.\\d+)?-\\d+(\\.\\d+)?")) {
            throw new BadInputException("A range is written like 3.0-12.5 (seconds), not “" + range + "”.");
        }
        String[] parts = range.split("-");
        int from = (int) Math.round(Double.parseDouble(parts[0]) * 1000);
        int to = (int) Math.min(durationMs, Math.round(Double.parseDouble(parts[1]) * 1000));
        if (from >= to) {
            throw new BadInputException(
                    "The range " + range + " holds nothing of a clip of " + durationMs / 1000.0 + " s.");
        }
        return new int[] {from, to};
    }
}
