package saltdrum.media.font;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.media.ffmpeg.ToolRun;

/**
 * Checks uploaded fonts before this process opens them: the header here, everything else in a separate process with
 * little memory and time, which may crash.
 */
public final class FontCheck {
    /** Processor time for one font. Wall time is no measure: on a busy machine sound fonts were refused. */
    private static final int CPU_SECONDS = 20;

    private static final int SILENCE_SECONDS = 300;
    private static final String LIMITS = "ulimit -v 4000000 && ulimit -c 0 && ulimit -t ";
    private static final String COMMAND = " && exec \"$0\" \"$@\"";

    /**
     * @param facts null where it is refused
     * @param refused a sentence for a person; null where it is taken
     */
    public record Verdict(FontFacts facts, String refused) {}

    private FontCheck() {}

    /** @throws BadInputException saying why the font is not taken */
    public static FontFacts facts(byte[] file) {
        Verdict verdict = of(List.of(file)).get(0);
        if (verdict.refused != null) {
            throw new BadInputException(verdict.refused);
        }
        return verdict.facts;
    }

    /** One verdict for each file, in their order. */
    public static List<Verdict> of(List<byte[]> files) {
        Verdict[] verdicts = new Verdict[files.size()];
        List<Integer> left = new ArrayList<>();
        for (int i = 0; i < verdicts.length; i++) {
            try {
                FontHead.check(files.get(i));
                left.add(i);
            } catch (BadInputException e) {
                verdicts[i] = new Verdict(null, e.getMessage());
            }
        }
        try {
            Path folder = Files.createTempDirectory("salt-drum-fonts");
            try {
                for (int i : left) {
                    Files.write(folder.resolve(String.valueOf(i)), files.get(i));
                }
                while (!left.isEmpty()) {
                    left = proved(left, folder, verdicts);
                }
            } finally {
                for (int i = 0; i < verdicts.length; i++) {
                    Files.deleteIfExists(folder.resolve(String.valueOf(i)));
                }
                Files.delete(folder);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return List.of(verdicts);
    }

    /** Runs the command that follows with limits. Debian's sh takes one limit at a time. */
    static List<String> limited(int files) {
        return List.of("sh", "-c", LIMITS + CPU_SECONDS * files + COMMAND);
    }

    /** Runs the proof once. @return files that were not checked, because an earlier one ended the process */
    private static List<Integer> proved(List<Integer> files, Path folder, Verdict[] verdicts) {
        List<String> command = new ArrayList<>(limited(files.size()));
        command.addAll(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx200m",
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-XX:CompressedClassSpaceSize=64m",
                "-XX:ReservedCodeCacheSize=48m",
                "-XX:-CreateCoredumpOnCrash",
                "-XX:ErrorFile=/dev/null",
                "-Xshare:auto",
                "-cp",
                System.getProperty("java.class.path"),
                FontProof.class.getName()));
        files.forEach(i -> command.add(folder.resolve(String.valueOf(i)).toString()));
        int[] done = {0};
        try (ToolRun run = new ToolRun(command, SILENCE_SECONDS)) {
            run.eachLine(line -> {
                if (line.startsWith("{")) {
                    FontProof.Answer answer = Json.read(line, FontProof.Answer.class, "answer about a font");
                    verdicts[files.get(done[0]++)] = new Verdict(answer.facts(), answer.refused());
                }
            });
            run.await();
        }
        if (done[0] < files.size()) {
            verdicts[files.get(done[0]++)] = new Verdict(
                    null,
                    FontHead.refused("The program that reads it crashed, so it is broken or hostile.")
                            .getMessage());
        }
        return files.subList(done[0], files.size());
    }
}
