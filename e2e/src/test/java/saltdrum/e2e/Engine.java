package saltdrum.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.awaitility.core.ConditionTimeoutException;
import saltdrum.server.Patience;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A browser that Playwright does not drive, with one page open. Input is the same in each: the input actions of
 * WebDriver (W3C), which WebDriver BiDi shares.
 */
abstract class Engine implements ScriptedPage, AutoCloseable {
    static final JsonMapper JSON = new JsonMapper();
    static final int WIDTH = 1280;
    static final int HEIGHT = 800;

    private static final List<String> MODIFIERS = List.of("\uE009", "\uE008");
    /** Of WebDriver's table of keys. */
    static final String CONTROL = "\uE009";

    static final String ENTER = "\uE007";
    static final String ESCAPE = "\uE00C";
    static final String HOME = "\uE011";

    abstract void open(String url) throws IOException;

    /** @param actions sequences of input actions, one an input source */
    abstract void act(ArrayNode actions) throws IOException;

    abstract void chooseFile(String selector, Path file) throws IOException;

    /** @return what is seen, as PNG */
    abstract byte[] picture() throws IOException;

    @Override
    public abstract void close() throws IOException;

    /** Leaves a picture of what was seen instead in {@code target}. */
    private void await(String what, Callable<Boolean> holds) throws IOException {
        try {
            Patience.await(what).until(holds);
        } catch (ConditionTimeoutException e) {
            Files.write(Path.of("target", getClass().getSimpleName() + ".png"), picture());
            throw e;
        }
    }

    void await(String what, String expression) throws IOException {
        await(what, () -> run("return !!(" + expression + ")").asBoolean());
    }

    /** An expression for the first element that matches. */
    static String the(String selector) {
        return "document.querySelector(" + JSON.writeValueAsString(selector) + ")";
    }

    /** An expression for the first that matches and has this text, or begins with it where that ends in an ellipsis. */
    static String the(String selector, String text) {
        boolean begins = text.endsWith("…");
        return "[...document.querySelectorAll(%s)].find((e) => e.textContent.trim()%s)"
                .formatted(
                        JSON.writeValueAsString(selector),
                        begins
                                ? ".startsWith(" + JSON.writeValueAsString(text.substring(0, text.length() - 1)) + ")"
                                : " === " + JSON.writeValueAsString(text));
    }

    /** Where the middle of an element is, once it rests there and nothing covers it; what comes beside it is held off. */
    private static final String AIM =
            """
            const e = %s;
            if (!e) return null;
            e.scrollIntoView({ block: 'nearest' });
            const place = () => {
              const r = e.getBoundingClientRect();
              return { x: Math.round(r.x + r.width / 2), y: Math.round(r.y + r.height / 2) };
            };
            const at = place();
            await new Promise((go) => setTimeout(go, 100));
            const now = place();
            if (at.x !== now.x || at.y !== now.y || !e.contains(document.elementFromPoint(now.x, now.y))) return null;
            window.missed = false;
            window.guard = (event) => {
              if (e.contains(event.target)) return;
              window.missed = true;
              event.stopImmediatePropagation();
              event.preventDefault();
            };
            for (const kind of %s) addEventListener(kind, window.guard, true);
            return now;
            """;

    private static final String HIT =
            """
            for (const kind of %s) removeEventListener(kind, window.guard, true);
            return !window.missed;
            """;

    private static final String EVENTS = "['pointerdown', 'mousedown', 'pointerup', 'mouseup', 'click']";

    /** With the mouse in its middle; again where it moved away meanwhile. @param element expression */
    void click(String element) throws IOException {
        await(element, () -> {
            JsonNode at = run(AIM.formatted(element, EVENTS));
            if (!at.isObject()) {
                return false;
            }
            clickAt(at.path("x").asInt(), at.path("y").asInt());
            return run(HIT.formatted(EVENTS)).asBoolean();
        });
    }

    /** With the mouse, in pixels of the page's window. */
    void clickAt(int x, int y) throws IOException {
        ArrayNode steps = JSON.createArrayNode();
        steps.addObject()
                .put("type", "pointerMove")
                .put("duration", 0)
                .put("x", x)
                .put("y", y);
        steps.addObject().put("type", "pointerDown").put("button", 0);
        steps.addObject().put("type", "pointerUp").put("button", 0);
        ObjectNode mouse = JSON.createObjectNode().put("type", "pointer").put("id", "mouse");
        mouse.putObject("parameters").put("pointerType", "mouse");
        mouse.set("actions", steps);
        act(JSON.createArrayNode().add(mouse));
    }

    /** Pressed one after the other and released in the order of a hand: held keys last. */
    void press(String... keys) throws IOException {
        ArrayNode steps = JSON.createArrayNode();
        for (String key : keys) {
            steps.addObject().put("type", "keyDown").put("value", key);
            if (!MODIFIERS.contains(key)) {
                steps.addObject().put("type", "keyUp").put("value", key);
            }
        }
        for (String key : keys) {
            if (MODIFIERS.contains(key)) {
                steps.addObject().put("type", "keyUp").put("value", key);
            }
        }
        ObjectNode keyboard = JSON.createObjectNode().put("type", "key").put("id", "keys");
        keyboard.set("actions", steps);
        act(JSON.createArrayNode().add(keyboard));
    }

    void type(String text) throws IOException {
        press(text.codePoints().mapToObj(Character::toString).toArray(String[]::new));
    }
}
