package saltdrum.speech;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import saltdrum.speech.acoustic.PreparedModel;
import saltdrum.speech.acoustic.Sphinx4Logging;
import saltdrum.speech.lettersound.Dictionary;
import saltdrum.speech.lettersound.TrainLetterToSound;

/** Run by the build; what it makes ships in the jar beside the classes that read it. */
public final class PrepareEnglish {
    private PrepareEnglish() {}

    private interface Made {
        byte[] bytes() throws IOException;
    }

    /** @param args folder of the package's classes; what is there already stays */
    public static void main(String[] args) throws IOException {
        Sphinx4Logging.now();
        Path speech = Path.of(args[0]);
        Path letters = speech.resolve("lettersound");
        make(letters.resolve(Dictionary.SORTED), Dictionary::sorted);
        make(letters.resolve(TrainLetterToSound.MODEL), TrainLetterToSound::model);
        Path acoustic = speech.resolve("acoustic");
        make(acoustic.resolve(PreparedModel.SHORT), PreparedModel::shortDefinition);
        make(acoustic.resolve(PreparedModel.TRIPHONES), PreparedModel::triphones);
        make(acoustic.resolve(PreparedModel.WEIGHTS), PreparedModel::weights);
    }

    /** Never half of a file by its name. */
    private static void make(Path out, Made what) throws IOException {
        if (!Files.exists(out)) {
            Path part = out.resolveSibling(out.getFileName() + ".part");
            Files.write(part, what.bytes());
            Files.move(part, out);
        }
    }
}
