package saltdrum.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import saltdrum.core.Words;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.style.ShippedStyles;

class AssTest {
    private static final String HEAD =
            "[Script Info]\nScriptType: v4.00+\n\n[Events]\nFormat: Layer, Start, End, Style, Name, MarginL, MarginR, MarginV, Effect, Text\n";

    private static Read read(String events) {
        return Read.of(HEAD + events, "a.ass");
    }

    @Test
    void karaokeTagsTimeTheWords() {
        assertThat(read("Dialogue: 0,0:00:01.00,0:00:03.00,D,,0,0,0,,{\\k30}Row{\\k20} {\\k50}the{\\k100}\\Nboat")
                        .said())
                .isEqualTo("Row@1000-1300 the@1500-2000 / boat@2000-3000");
    }

    @Test
    void textWithCommasAndOtherTagsIsKept() {
        assertThat(read("Dialogue: 0,0:00:01.00,0:00:02.00,D,,0,0,0,,{\\an8\\b1}Salt,{\\b0} drum")
                        .cues
                        .get(0)
                        .text())
                .isEqualTo("Salt, drum");
    }

    @Test
    void drawingsAndCommentsAreLeftOutAndTold() {
        Read read = read("Comment: 0,0:00:00.00,0:00:01.00,D,,0,0,0,,note\n"
                + "Dialogue: 0,0:00:01.00,0:00:02.00,D,,0,0,0,,{\\p1}m 0 0 l 10 10{\\p0}\n"
                + "Dialogue: 0,0:00:02.00,0:00:03.00,D,,0,0,0,,Row");
        assertThat(read.said()).isEqualTo("Row@2000-3000");
        assertThat(read.repaired()).hasSize(2);
    }

    @Test
    void roundingNeverAddsUpAlongACue() {
        Track track = Words.track(Recipe.TWO_LINES, "Sand it first or you will be back by Friday");
        Read back = Read.of(Ass.write(track, new ShippedStyles().get("Mallet"), new Size(1080, 1920)), "a.ass");
        var before = track.words().toList();
        var after = back.track().words().toList();
        assertThat(after).hasSameSizeAs(before);
        for (int i = 0; i < before.size(); i++) {
            assertThat(Math.abs(after.get(i).startMs() - before.get(i).startMs()))
                    .isLessThanOrEqualTo(5);
        }
    }
}
