package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import saltdrum.core.Json;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.LookPatch;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleFile;
import tools.jackson.databind.JsonNode;

/** A folder of clips becomes films without a click, and captions and styles are checked without a server. */
class DraftsTest {
    @TempDir
    Path folder;

    private String told;

    private int run(Object... arguments) {
        CommandRun run = CommandRun.of(arguments);
        told = run.out();
        return run.code();
    }

    @Test
    void aFolderOfClipsBecomesFilms() throws Exception {
        Path clips = Files.createDirectory(folder.resolve("in"));
        Files.copy(Demo.clip("tide-pool"), clips.resolve("low tide & <crab>.mp4"));
        Files.writeString(clips.resolve("broken.mov"), "no film");
        Files.writeString(clips.resolve("notes.txt"), "no clip");
        Files.writeString(clips.resolve("Rockpool.draft.json"), "{\"style\":\"Tidemark\",\"emoji\":true}");
        Path out = folder.resolve("out");
        assertThat(run("draft", clips, "-o", out, "--client", "Rockpool")).isEqualTo(4);
        assertThat(told).contains("broken.mov: This is not a readable video").contains("cues");
        Path film = out.resolve("low tide & <crab>.mp4");
        assertThat(Video.frames(film)).isEqualTo(Video.frames(Demo.clip("tide-pool")));
        assertThat(Files.readString(out.resolve("low tide & <crab>.srt"))).contains("stone", "-->");
        assertThat(Files.readString(out.resolve("drafts.html")))
                .contains("Drafts for Rockpool", "low tide &amp; &lt;crab&gt;", "2 clips", "not a readable video")
                .doesNotContain("<crab>");
        Path words = out.resolve("low tide & <crab>.json");
        assertThat(run("check", Demo.clip("tide-pool"), "--captions", words, "--style", "Tidemark"))
                .as("what the draft says that it needs: %s", told)
                .isIn(0, 4);
        assertThat(told).doesNotContain("contrast", "safe area", "Line too long", "Letters too small");
    }

    @Test
    void whatAViewerStumblesOverIsListed() throws Exception {
        Path srt = Files.writeString(
                folder.resolve("fast.srt"),
                "1\n00:00:01,000 --> 00:00:01,400\nUnder this stone there lives a crab that waves at me\n");
        assertThat(run("check", Demo.clip("tide-pool"), "--captions", srt, "--style", "Footnote", "--json"))
                .isEqualTo(4);
        JsonNode found = Json.tree(told);
        assertThat(found.valueStream().map(one -> one.path("kind").asString())).contains("speed", "short");
        assertThat(found.get(0).path("text").asString()).contains("crab");
        assertThat(run("check", Demo.clip("tide-pool"), "--captions", srt, "--style", "Footnote"))
                .isEqualTo(4);
        assertThat(told).contains("0:01.").contains("Too fast to read").contains("found.");
    }

    @Test
    void aStyleIsCheckedAgainstHardPictures() throws Exception {
        Style mallet = new ShippedStyles().get("Mallet");
        Path good = Files.writeString(folder.resolve("good.json"), StyleFile.write(mallet));
        assertThat(run("styles", "check", good)).isZero();
        assertThat(told).contains("It keeps the checks");
        LookPatch bare = LookPatch.of(Facets.FILL, Ink.of("#ffffff"))
                .with(Facets.OUTLINES, List.of())
                .with(Facets.SHADOWS, List.of());
        Style pale = new Style("Pale", "White letters and nothing else.", bare.over(mallet.look()), List.of());
        Path bad = Files.writeString(folder.resolve("bad.json"), StyleFile.write(pale));
        assertThat(run("styles", "check", bad)).isEqualTo(4);
        assertThat(told).contains("Too little contrast").contains("white");
    }
}
