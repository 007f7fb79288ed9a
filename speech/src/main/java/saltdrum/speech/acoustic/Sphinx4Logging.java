package saltdrum.speech.acoustic;

import java.util.logging.Handler;
import java.util.logging.Level;
import java.util.logging.Logger;

/**
 * Silences sphinx4's log output. Holds strong references to its loggers, because a collected logger forgets its
 * level; sphinx4 also sets levels while it loads, so the console handler filters them too.
 */
public final class Sphinx4Logging {
    private static final Logger SPHINX = Logger.getLogger("edu.cmu.sphinx");
    private static final Logger DEFAULT = Logger.getLogger("default");
    /** Speaks under its own name, though with sphinx4's words. */
    private static final Logger LOADER = Logger.getLogger(ShippedLoader.class.getName());

    private Sphinx4Logging() {}

    public static void now() {
        SPHINX.setLevel(Level.OFF);
        DEFAULT.setLevel(Level.OFF);
        LOADER.setLevel(Level.OFF);
        for (Handler handler : Logger.getLogger("").getHandlers()) {
            handler.setFilter(record -> {
                String name = String.valueOf(record.getSourceClassName());
                return !name.startsWith("edu.cmu.sphinx")
                        && !name.startsWith("default")
                        && !name.equals("speedTracker");
            });
        }
    }
}
