package saltdrum.cli.draft;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import saltdrum.core.BadInputException;
import saltdrum.core.SaltDrumException;
import saltdrum.core.firstdraft.DraftSettings;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.style.Style;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.recognise.Term;

/** Makes a first draft of every clip in a folder, and a page of what they need. One that fails stops no other. */
public final class DraftFolder {
    private static final Set<String> VIDEO = Set.of("mp4", "mov", "m4v", "mkv", "webm", "avi");
    static final String PAGE = "drafts.html";

    private final Path out;
    private final PrintWriter told;
    private final ClipDraft drafts;

    /** @param out a folder, made where it is missing */
    public DraftFolder(
            DraftSettings settings,
            Style style,
            SceneMaker scenes,
            SpeechDesk speech,
            List<Term> terms,
            Path out,
            PrintWriter told) {
        this.out = out;
        this.told = told;
        this.drafts = new ClipDraft(settings, style, scenes, speech, terms, out);
    }

    /**
     * @param title of the page
     * @return how many clips have no draft
     * @throws BadInputException if the folder has no clips, or is the one that is written to
     */
    public int of(Path folder, String title) throws IOException {
        List<Path> clips = clips(folder);
        if (clips.isEmpty()) {
            throw new BadInputException("There are no clips in “" + folder + "”. A clip's name ends in "
                    + String.join(", ", VIDEO.stream().sorted().toList()) + ".");
        }
        Files.createDirectories(out);
        if (Files.isSameFile(folder, out)) {
            throw new BadInputException("The drafts would replace the clips. Choose another folder with -o.");
        }
        List<DraftPage.Entry> entries = new ArrayList<>();
        int refused = 0;
        for (Path clip : clips) {
            DraftPage.Entry entry = entry(clip, name(clip, clips));
            refused += entry.refusal() == null ? 0 : 1;
            told.println(clip.getFileName() + ": "
                    + (entry.refusal() == null
                            ? String.join(", ", entry.done()) + ". Needs " + entry.needs() + "."
                            : entry.refusal()));
            told.flush();
            entries.add(entry);
            // Written again after each clip, so that stopping keeps what there is.
            Files.writeString(out.resolve(PAGE), DraftPage.of(title, entries), StandardCharsets.UTF_8);
        }
        return refused;
    }

    /** Without its ending, unless another clip has the same name but for that. */
    private static String name(Path clip, List<Path> clips) {
        long same = clips.stream()
                .filter(other -> bare(other).equalsIgnoreCase(bare(clip)))
                .count();
        return same == 1 ? bare(clip) : clip.getFileName().toString();
    }

    private static String bare(Path clip) {
        return clip.getFileName().toString().replaceAll("\\.[^.]*$", "");
    }

    private DraftPage.Entry entry(Path clip, String name) throws IOException {
        try {
            return drafts.of(clip, name);
        } catch (SaltDrumException refused) {
            return DraftPage.Entry.refused(clip.getFileName().toString(), refused.getMessage());
        }
    }

    private static List<Path> clips(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(Files::isRegularFile)
                    .filter(file -> !file.getFileName().toString().startsWith("."))
                    .filter(file -> VIDEO.contains(ending(file)))
                    .sorted()
                    .toList();
        }
    }

    private static String ending(Path file) {
        String name = file.getFileName().toString();
        return name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
    }
}
