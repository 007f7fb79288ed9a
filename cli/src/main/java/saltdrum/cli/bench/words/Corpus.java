package saltdrum.cli.bench.words;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import saltdrum.cli.bench.measure.BenchClips;
import saltdrum.core.format.words.WordsFile;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;
import saltdrum.media.clip.SoundChoice;
import saltdrum.media.clip.SoundTrack;

/** The synthesised speech in {@code speech/corpus}, with word times reported by each synthesiser. */
final class Corpus {
    /** Texts and a voice that nothing was ever tuned on. */
    private static final Set<String> HELD_BACK = Set.of("ferry", "limpets", "auction");

    private static final String HELD_BACK_VOICE = "flite-awb";

    private Corpus() {}

    record Spoken(String name, Sound sound, List<Word> truth) {
        boolean heldBack() {
            return HELD_BACK.contains(name.substring(0, name.indexOf('-'))) || name.endsWith(HELD_BACK_VOICE);
        }
    }

    static List<Spoken> all() throws IOException {
        List<Spoken> corpus = new ArrayList<>();
        for (Path file : files()) {
            String name = file.getFileName().toString().replace(".mka", "");
            List<Word> truth = WordsFile.read(Files.readString(file.resolveSibling(name + ".words.json")))
                    .toWords();
            corpus.add(new Spoken(name, SoundTrack.speech(file, SoundChoice.USUAL), truth));
        }
        return corpus;
    }

    static String said(boolean heldBack) {
        return heldBack ? "held back" : "tuning set";
    }

    private static List<Path> files() throws IOException {
        Path folder = BenchClips.demo("three-coats.mp4")
                .resolve("../../../speech/corpus")
                .normalize();
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(p -> p.toString().endsWith(".mka")).sorted().toList();
        }
    }
}
