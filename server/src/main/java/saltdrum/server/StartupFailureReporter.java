package saltdrum.server;

import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalysisReporter;

/** Says it in one line, as the command line does. */
public final class StartupFailureReporter implements FailureAnalysisReporter {
    @Override
    public void report(FailureAnalysis analysis) {
        System.err.println("salt-drum: " + analysis.getDescription());
    }
}
