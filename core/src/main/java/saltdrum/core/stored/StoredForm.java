package saltdrum.core.stored;

import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.SaltDrumException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * How something is kept as JSON. What is written says the number of its form; what is read is brought from its form to
 * the present one, step by step. The first form says no number.
 *
 * <p>A change to a kept record is a step here and, in the museum of the tests, a piece of the form before it.
 */
public final class StoredForm<T> {
    private static final String FORM = "form";

    private final String what;
    private final Class<T> type;
    private final List<Step> steps;

    /** From one form to the next, in place. */
    public interface Step {
        void upgrade(ObjectNode stored);
    }

    private StoredForm(String what, Class<T> type, List<Step> steps) {
        this.what = what;
        this.type = type;
        this.steps = steps;
    }

    /**
     * @param what for messages: “history entry”
     * @param steps the first leads from form 1 to form 2
     */
    public static <T> StoredForm<T> of(String what, Class<T> type, Step... steps) {
        return new StoredForm<>(what, type, List.of(steps));
    }

    public Class<T> type() {
        return type;
    }

    /** The present form's number. */
    public int number() {
        return steps.size() + 1;
    }

    public String write(T value) {
        return Json.write(numbered(value));
    }

    /** For files that people open. */
    public String writePretty(T value) {
        return Json.writePretty(numbered(value));
    }

    private ObjectNode numbered(T value) {
        ObjectNode stored = Json.tree(value);
        return number() > 1 ? stored.put(FORM, number()) : stored;
    }

    /** @throws SaltDrumException when a later version of the application wrote it */
    public T read(String json) {
        ObjectNode stored = Json.read(json, ObjectNode.class, what);
        JsonNode said = stored.remove(FORM);
        int form = said == null ? 1 : said.asInt(0);
        if (form < 1) {
            throw new BadInputException("The form of this " + what + " is a number from 1 on, not " + said + ".");
        }
        if (form > number()) {
            throw new SaltDrumException("This " + what + " was stored by a newer version of Salt Drum (form " + form
                    + "; this version knows " + number() + "). Nothing was changed; start the newer version.");
        }
        steps.subList(form - 1, steps.size()).forEach(step -> step.upgrade(stored));
        return Json.read(stored, type, what);
    }
}
