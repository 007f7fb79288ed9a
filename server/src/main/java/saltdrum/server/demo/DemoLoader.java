package saltdrum.server.demo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import saltdrum.core.Json;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.fitted.FittedBreaks;
import saltdrum.core.format.words.WordsFile;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.style.StyleShelf;
import saltdrum.core.word.Word;
import saltdrum.media.clip.Probe;
import saltdrum.server.store.clip.ClientStore;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.work.run.WorkOrder;
import saltdrum.server.work.run.Workers;

/** Adds the demo clips if there is no clip yet. */
@Component
class DemoLoader {
    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);

    private final Path folder;
    private final ClipStore clips;
    private final ClientStore clients;
    private final MediaStore media;
    private final Workers workers;
    private final StyleShelf styles;
    private final SceneMaker scenes;

    DemoLoader(
            @Value("${salt-drum.demo:}") String folder,
            ClipStore clips,
            ClientStore clients,
            MediaStore media,
            Workers workers,
            StyleShelf styles,
            SceneMaker scenes) {
        this.folder = folder.isBlank() ? null : Path.of(folder);
        this.clips = clips;
        this.clients = clients;
        this.media = media;
        this.workers = workers;
        this.styles = styles;
        this.scenes = scenes;
    }

    record Entry(String file, String name, String style, String recipe, List<String> emphasis, String client) {}

    @Order(1)
    @EventListener(ApplicationReadyEvent.class)
    void load() throws IOException {
        if (folder == null || !Files.exists(folder.resolve("demo.json")) || clips.any()) {
            return;
        }
        for (Entry entry : Json.read(Files.readString(folder.resolve("demo.json")), Entry[].class, "demo list")) {
            Path copy = media.workFile(".mp4");
            Files.copy(folder.resolve(entry.file + ".mp4"), copy);
            var info = Probe.of(copy);
            WordsFile words = WordsFile.read(Files.readString(folder.resolve(entry.file + ".words.json")));
            List<Word> emphasised = words.toWords().stream()
                    .map(word -> entry.emphasis.contains(word.text()) ? word.withEmphasis(1) : word)
                    .toList();
            Track track = Track.of(words.language(), Recipe.parse(entry.recipe), entry.style, emphasised);
            Track fitted = FittedBreaks.followed(
                    Track.empty(words.language(), entry.style),
                    track,
                    null,
                    info.size(),
                    any -> scenes.measure(any, styles.of(any), info.size()));
            var row = clips.add(entry.name, media.keep(copy), info, fitted);
            if (entry.client != null) {
                clips.belongTo(row.id(), clients.named(entry.client).id());
            }
            workers.order(row.id(), new WorkOrder.Prepare());
            LOG.info("added the demo clip {}", entry.name);
        }
    }
}
