package saltdrum.speech.acoustic;

import java.util.logging.Handler;
import java.util.logging.Level;
import java.util.logging.Logger;

/**
 * Keeps sphinx4's chatter off the console. Its loggers are held here, for one that nobody holds forgets its level; and
 * because sphinx4 sets levels of its own while it loads, the console is told to leave them out as well.
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
