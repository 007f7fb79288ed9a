package saltdrum.server;

import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalysisReporter;

/** Prints the failure in one line, like the command line. */
public final class StartupFailureReporter implements FailureAnalysisReporter {
    @Override
    public void report(FailureAnalysis analysis) {
        System.err.println("salt-drum: " + analysis.getDescription());
    }
}
