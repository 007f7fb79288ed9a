package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Several outputs in one order, made while the window is closed, then downloaded and looked into. */
class OrderTest extends OnTheBench {
    @TempDir
    Path folder;

    private void choose(String output) {
        page.getByLabel(output).check();
    }

    private String probe(Path file, String stream) {
        return Video.probe(file, "-select_streams", stream, "-show_entries", "stream=codec_name", "-of", "csv=p=0")
                .strip();
    }

    private Path download(String ending) {
        Download download = page.waitForDownload(
                () -> page.locator("a[aria-label$='" + ending + "']").first().click());
        Path file = folder.resolve(download.suggestedFilename().replaceAll("[^\\w.-]", "_"));
        download.saveAs(file);
        return file;
    }

    @Test
    void severalOutputsAreOrderedTogetherAndMadeWithTheWindowClosed() throws Exception {
        String clipId = bringIn("tide-pool", "tide pool.mp4");
        placeScript("tide-pool");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Render").setExact(true))
                .click();
        page.getByLabel("Video, captions burned in").uncheck();
        choose("Video without captions");
        assertThat(page.getByText("The captions would be in none of these.")).isVisible();
        choose("Video with a caption stream");
        choose("Overlay, a picture a frame");
        choose("Sound only");
        assertThat(page.getByText("Captions can be switched on and off.")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Render these 4"))
                .click();
        page.getByText("Video with a caption stream").first().waitFor();
        page.close();
        for (int i = 0; i < 1200 && done(clipId).size() < 4; i++) {
            RunningServer.pause(100);
        }
        assertThat(done(clipId)).hasSize(4);

        page = context.newPage();
        page.onPageError(pageErrors::add);
        page.navigate(server.url() + "/clips/" + clipId + "/render");
        page.locator("a[aria-label$='captioned.mp4']").first().waitFor();
        Path captioned = download("captioned.mp4");
        assertThat(probe(captioned, "s")).isEqualTo("mov_text");
        assertThat(Video.frames(captioned)).isEqualTo(Video.frames(Demo.clip("tide-pool")));
        assertThat(probe(download("clean.mp4"), "s")).isEmpty();
        assertThat(probe(download("sound.m4a"), "a")).isEqualTo("aac");
        try (var zip = new java.util.zip.ZipFile(download("overlay-png.zip").toFile())) {
            assertThat(zip.size()).isGreaterThan(300);
        }
    }

    private List<String> done(String clipId) throws Exception {
        List<String> names = new ArrayList<>();
        for (JsonNode job : server.get("/api/clips/" + clipId + "/jobs")) {
            if (job.path("kind").asString().equals("RENDER")
                    && job.path("state").asString().equals("DONE")) {
                names.add(job.path("outputName").asString());
            }
        }
        return names;
    }
}
