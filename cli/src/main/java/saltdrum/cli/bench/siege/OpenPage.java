package saltdrum.cli.bench.siege;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * One of two pages on the same clip. It edits the version that it has, which may be old by then, and requests only what has
 * changed since, as a browser does.
 */
final class OpenPage {
    private final SiegeTarget target;
    private String clipPath = "";
    private long version;
    private String tag = "";
    private List<JsonNode> parts = new ArrayList<>();

    OpenPage(SiegeTarget target) {
        this.target = target;
    }

    /** Opens the clip, or goes on where it is open already. */
    void on(SiegeObjects ground) {
        if (!clipPath.equals(ground.clipPath())) {
            clipPath = ground.clipPath();
            tag = "";
            version = ground.version();
        }
    }

    long version() {
        return version;
    }

    /** What a page does with an answer: takes the new version, or after a refusal the newest there is. */
    void answered(SiegeAnswer answer, SiegeObjects ground) {
        version = answer != null && answer.ok()
                ? answer.json().path("head").path("version").asLong()
                : ground.version();
    }

    /** @return what is wrong with the captions that it has now, or null */
    String follow() throws IOException {
        JsonNode patch = target.get(clipPath + "/scene?since=" + tag).json();
        if (!patch.has("before")) {
            parts = new ArrayList<>();
        } else if (!patch.path("before").asString().equals(tag)) {
            return "changes a scene that this page has not: " + patch.path("before") + " in the place of " + tag;
        }
        int from = patch.path("from").asInt();
        int removed = patch.path("removed").asInt();
        if (from + removed > parts.size()) {
            return "takes away parts that are not there";
        }
        parts.subList(from, from + removed).clear();
        List<JsonNode> added = new ArrayList<>();
        patch.path("parts").forEach(added::add);
        parts.addAll(from, added);
        tag = patch.path("tag").asString();
        JsonNode whole = target.get(clipPath + "/scene").json();
        List<JsonNode> all = new ArrayList<>();
        whole.path("parts").forEach(all::add);
        return whole.path("tag").asString().equals(tag) && !all.equals(parts)
                ? "leaves a page with other captions than a page that is opened now"
                : null;
    }
}
