package saltdrum.media.ffmpeg;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Makes the kernel kill a tool when the thread that waits for it ends, also after kill -9 of this process. */
final class Orphans {
    /** Part of util-linux, which is on every Debian. */
    private static final Path KEEPER = onPath("setpriv");

    private Orphans() {}

    static List<String> none(List<String> command) {
        if (KEEPER == null) {
            return command;
        }
        List<String> kept = new ArrayList<>(List.of(KEEPER.toString(), "--pdeathsig", "KILL", "--"));
        kept.addAll(command);
        return kept;
    }

    /** @return null if there is no such program */
    static Path onPath(String program) {
        if (program.indexOf(File.separatorChar) >= 0) {
            return Files.isExecutable(Path.of(program)) ? Path.of(program) : null;
        }
        String path = System.getenv().getOrDefault("PATH", "/usr/bin:/bin");
        return Stream.of(path.split(File.pathSeparator))
                .filter(folder -> !folder.isEmpty())
                .map(folder -> Path.of(folder, program))
                .filter(Files::isExecutable)
                .findFirst()
                .orElse(null);
    }
}
