package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import saltdrum.server.Patience;
import saltdrum.server.SmallClips;
import tools.jackson.databind.JsonNode;

/** Clips that are laid into a folder come in by themselves, once. */
class WatchedFolderTest extends OverHttp {
    private static final Path FOLDER = folder();

    private static Path folder() {
        try {
            return Files.createTempDirectory("watched");
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @DynamicPropertySource
    static void watch(DynamicPropertyRegistry registry) {
        registry.add("salt-drum.watch", FOLDER::toString);
    }

    private JsonNode answered(String path) throws Exception {
        return JSON.readTree(
                mvc.perform(get(path)).andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8));
    }

    private JsonNode watched() throws Exception {
        return answered("/api/drafts/watched");
    }

    @Test
    void filesBecomeClipsOfTheirFoldersClients() throws Exception {
        Path own = Files.createDirectory(FOLDER.resolve("Sailmaker & Daughter"));
        Files.copy(SmallClips.whole("tide-pool"), own.resolve("harbour — take 2.mp4"));
        Files.copy(SmallClips.whole("tide-pool"), FOLDER.resolve("pla\u0007in.MP4"));
        Files.writeString(FOLDER.resolve("broken.mov"), "no film");
        Files.writeString(FOLDER.resolve("notes.txt"), "no clip");
        Files.writeString(FOLDER.resolve(".half.mp4"), "hidden");
        Files.createSymbolicLink(FOLDER.resolve("linked.mp4"), Path.of("/etc/hostname"));
        Files.createDirectory(FOLDER.resolve("n".repeat(100)));
        Files.copy(
                SmallClips.whole("tide-pool"), FOLDER.resolve("n".repeat(100)).resolve("c.mp4"));
        Patience.await("both clips, and the fault")
                .until(() -> watched().path("taken").asInt() == 2
                        && watched().path("faults").size() == 2);

        assertThat(watched().path("folder").asString()).isEqualTo(FOLDER.toString());
        assertThat(watched().path("there").asBoolean()).isTrue();
        assertThat(watched().path("faults").valueStream().map(fault -> fault.path("path")
                        .asString()))
                .containsExactlyInAnyOrder("broken.mov", "n".repeat(100) + "/c.mp4");
        JsonNode clips = answered("/api/clips");
        assertThat(clips.valueStream().map(clip -> clip.path("name").asString()))
                .containsExactlyInAnyOrder("harbour — take 2", "plain");
        JsonNode mine = clips.valueStream()
                .filter(clip -> clip.path("name").asString().startsWith("harbour"))
                .findFirst()
                .orElseThrow();
        assertThat(mine.path("client").path("name").asString()).isEqualTo("Sailmaker & Daughter");
        assertThat(own.resolve("harbour — take 2.mp4"))
                .as("it stays where it was")
                .exists();

        // A file that is written again is another clip; what was taken stays taken.
        Files.copy(
                SmallClips.whole("last-ferry"),
                FOLDER.resolve("broken.mov"),
                java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        Patience.await("the mended file").until(() -> watched().path("taken").asInt() == 3);
        assertThat(answered("/api/clips").size()).isEqualTo(3);
        assertThat(watched().path("faults").size())
                .as("the fault of the file before is gone")
                .isEqualTo(1);
    }
}
