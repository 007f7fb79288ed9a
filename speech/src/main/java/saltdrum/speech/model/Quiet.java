package saltdrum.speech.model;

import java.util.logging.Level;
import java.util.logging.Logger;

/** Keeps sphinx4's chatter off the console. Its loggers are held here: one that nobody holds forgets its level. */
public final class Quiet {
    private static final Logger SPHINX = Logger.getLogger("edu.cmu.sphinx");
    private static final Logger DEFAULT = Logger.getLogger("default");

    private Quiet() {}

    public static void now() {
        SPHINX.setLevel(Level.OFF);
        DEFAULT.setLevel(Level.OFF);
    }
}
