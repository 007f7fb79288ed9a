package saltdrum.server;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import saltdrum.core.SaltDrumException;

/** Explains why a server or worker cannot start, in the sentence of the code that detected it. */
public final class StartupFailureAnalyzer extends AbstractFailureAnalyzer<SaltDrumException> {
    @Override
    protected FailureAnalysis analyze(Throwable whole, SaltDrumException cause) {
        return new FailureAnalysis(cause.getMessage(), null, cause);
    }
}
