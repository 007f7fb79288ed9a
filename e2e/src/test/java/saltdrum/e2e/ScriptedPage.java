package saltdrum.e2e;

import java.io.IOException;
import tools.jackson.databind.JsonNode;

/** A page in which scripts are run. */
interface ScriptedPage {
    /**
     * Runs the body of an asynchronous function.
     *
     * @return what it returns, as JSON; a missing node for nothing
     */
    JsonNode run(String body) throws IOException;
}
