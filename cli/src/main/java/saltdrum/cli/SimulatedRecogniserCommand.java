package saltdrum.cli;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import saltdrum.speech.outside.SimulatedRecogniser;

@Command(
        description =
                "A simulated outside recogniser, for trying the connection out: it hears nothing, and answers with "
                        + "the words file NAME.words.json of a folder.")
final class SimulatedRecogniserCommand implements Callable<Integer> {
    @Option(names = "--words", required = true, paramLabel = "FOLDER")
    Path folder;

    @Option(names = "--port", defaultValue = "7399")
    int port;

    @Spec
    CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        SimulatedRecogniser server = new SimulatedRecogniser(folder, port);
        spec.commandLine().getOut().println("A simulated recogniser answers at " + server.address());
        spec.commandLine().getOut().flush();
        Thread.currentThread().join();
        return 0;
    }
}
