package saltdrum.cli.bench.siege;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import tools.jackson.databind.JsonNode;

/** What there is on the server that can be named: a clip with words, a translation, styles and so on. */
final class SiegeObjects {
    private static final int MOST_WORDS = 1500;

    private final SiegeTarget target;
    private final Random random;
    private final byte[] video;
    private final byte[] words;
    private final Map<String, List<JsonNode>> known = new HashMap<>();
    private String clipId;
    private long version;

    /** @param folder with the demo clips */
    SiegeObjects(SiegeTarget target, Path folder, Random random) throws IOException {
        this.target = target;
        this.random = random;
        this.video = Files.readAllBytes(folder.resolve("tide-pool.mp4"));
        this.words = Files.readAllBytes(folder.resolve("tide-pool.words.json"));
        refresh();
    }

    String clipPath() {
        return "/api/clips/" + clipId;
    }

    String clipId() {
        return clipId;
    }

    long version() {
        return version;
    }

    byte[] words() {
        return words;
    }

    /** Goes on with another clip: this one's track is broken. */
    void begin() throws IOException {
        clipId = null;
        refresh();
    }

    /** Looks again at what there is; brings the clip and its words back where they are gone or have grown too many. */
    void refresh() throws IOException {
        SiegeAnswer track = clipId == null ? null : target.get(clipPath() + "/track");
        if (track == null || !track.ok()) {
            SiegeAnswer clip = target.ask("PUT", "/api/clips?name=besieged.mp4", "video/mp4", video);
            if (!clip.ok()) {
                throw new IllegalStateException("no clip can be added: " + clip.status() + " " + clip.text());
            }
            clipId = clip.json().path("id").asString();
            bringWords();
            track = target.get(clipPath() + "/track");
        }
        known.clear();
        read(track.json());
        if (known("word").isEmpty() || known("word").size() > MOST_WORDS) {
            bringWords();
            known.clear();
            read(target.get(clipPath() + "/track").json());
        }
        named("style", "/api/styles", "name");
        named("motion", "/api/motions", "name");
        named("client", "/api/clients", "name");
        named("recipe", "/api/recipes", "name");
        named("family", "/api/typefaces", "family");
        named("font", "/api/fonts", "id");
        named("sticker", "/api/stickers", "name");
        named("job", clipPath() + "/jobs", "id");
    }

    private void bringWords() throws IOException {
        target.ask("PUT", clipPath() + "/captions?name=tide.json", "application/octet-stream", words);
    }

    private void read(JsonNode track) {
        version = track.path("head").path("version").asLong();
        for (JsonNode cue : track.path("cues")) {
            known("cue").add(cue.path("id"));
            cue.path("words").forEach(word -> known("word").add(word.path("id")));
        }
        track.path("head").path("unscripted").forEach(one -> known("unscripted").add(one.path("id")));
    }

    private void named(String what, String path, String field) throws IOException {
        SiegeAnswer answer = target.get(path);
        if (answer.ok()) {
            answer.json().forEach(one -> known(what).add(one.path(field)));
        }
    }

    private List<JsonNode> known(String what) {
        return known.computeIfAbsent(what, key -> new ArrayList<>());
    }

    /** One of the things there are of a kind, or null. */
    JsonNode one(String what) {
        List<JsonNode> all = known(what);
        return all.isEmpty() ? null : all.get(random.nextInt(all.size()));
    }

    /** Bytes of a file that was good once. */
    byte[] spoilt(byte[] good) {
        byte[] bytes = good.clone();
        for (int n = random.nextInt(8); n > 0 && bytes.length > 0; n--) {
            bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
        }
        return random.nextInt(4) == 0 ? java.util.Arrays.copyOf(bytes, random.nextInt(bytes.length + 1)) : bytes;
    }

    /** A file of some kind, good or spoilt. */
    byte[] file() {
        return switch (random.nextInt(5)) {
            case 0 -> spoilt(java.util.Arrays.copyOf(video, Math.min(video.length, 60_000)));
            case 1 -> spoilt(words);
            case 2 ->
                spoilt("WEBVTT\n\n00:01.000 --> 00:02.000 align:left\n<b>low</b> tide\n"
                        .getBytes(StandardCharsets.UTF_8));
            case 3 ->
                spoilt(
                        "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 8 8'><path fill='#c33' d='M1 1h6v6z'/></svg>"
                                .getBytes(StandardCharsets.UTF_8));
            default -> spoilt("{\"format\":\"salt-drum-style\",\"version\":1}".getBytes(StandardCharsets.UTF_8));
        };
    }
}
