package saltdrum.cli.bench.siege;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import saltdrum.core.Json;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Scene;
import saltdrum.core.scene.Timeline;
import saltdrum.media.paint.Band;
import saltdrum.media.paint.VideoColours;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What has to hold after every change that was taken: the track is read, painted, and written in every format. */
final class AfterChangeChecks {
    private final SiegeTarget target;
    private final Random random;

    AfterChangeChecks(SiegeTarget target, Random random) {
        this.target = target;
        this.random = random;
    }

    /** @return what does not hold, a line each */
    List<String> of(String clipPath) throws IOException {
        List<String> faults = new ArrayList<>();
        if (read(clipPath + "/track", faults) == null) {
            return faults;
        }
        SiegeAnswer scene = read(clipPath + "/scene", faults);
        if (scene != null) {
            paint(scene.json(), faults);
        }
        SiegeAnswer formats = read(clipPath + "/captions", faults);
        if (formats != null) {
            for (JsonNode format : formats.json()) {
                read(clipPath + "/captions/" + format.path("format").asString(), faults);
            }
        }
        return faults;
    }

    private SiegeAnswer read(String path, List<String> faults) throws IOException {
        SiegeAnswer answer = target.get(path);
        String fault = answer.fault();
        if (fault == null && !answer.ok()) {
            fault = "answered " + answer.status() + " " + answer.text();
        }
        if (fault != null) {
            faults.add("then GET " + path + " " + fault);
            return null;
        }
        return answer;
    }

    /** Paints some moment of the captions as a burn would. */
    private void paint(JsonNode patch, List<String> faults) {
        ObjectNode fields = JsonNodeFactory.instance.objectNode();
        for (String field : List.of("width", "height", "glyphs", "pictures", "parts")) {
            fields.set(field, patch.path(field));
        }
        try {
            Scene scene = Json.read(fields, Scene.class, "scene");
            if (scene.parts().isEmpty()) {
                return;
            }
            Part part = scene.parts().get(random.nextInt(scene.parts().size()));
            int width = 360;
            int height = Math.max(2, (int) Math.round((double) width * scene.height() / scene.width()) & ~1);
            try (Band band = Band.of(scene, width, height, VideoColours.bt709(false))) {
                band.paint(
                        new Timeline(scene).at(part.startMs() + random.nextDouble() * (part.endMs() - part.startMs())));
            }
        } catch (RuntimeException e) {
            faults.add("then the scene could not be painted: " + e);
        }
    }
}
