package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;
import saltdrum.core.style.Style;
import saltdrum.core.style.StylePackage;
import saltdrum.core.style.StylePackage.PackedSticker;
import saltdrum.core.style.Voice;
import saltdrum.media.emoji.Stickers;

/** Emoji to choose among, and drawings that are added. */
class StickerApiTest extends OverHttp {
    private static byte[] flag(String colour) {
        return ("<svg viewBox='0 0 9 9'><path fill='" + colour + "' d='M0 0L9 3L0 6z'/></svg>")
                .getBytes(StandardCharsets.UTF_8);
    }

    private ResultActions take(String name, byte[] svg) throws Exception {
        return mvc.perform(put("/api/stickers")
                .param("name", name)
                .contentType("application/octet-stream")
                .content(svg));
    }

    @Test
    void aStickerIsTakenOnceDrawnPutAwayAndBroughtBack() throws Exception {
        String name = Stickers.read(flag("#102030")).name();
        take("Night flag.svg", flag("#102030"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.name").value(name))
                .andExpect(jsonPath("$.label").value("Night flag"));
        take("the same.svg", flag("#102030")).andExpect(jsonPath("$.label").value("Night flag"));
        mvc.perform(get("/api/emoji/" + name + "/drawing"))
                .andExpect(status().isOk())
                .andExpect(header().string("Content-Security-Policy", containsString("sandbox")))
                .andExpect(content().string(containsString("#102030")));
        mvc.perform(delete("/api/stickers/" + name))
                .andExpect(jsonPath("$.putAway").value(true));
        mvc.perform(get("/api/emoji/" + name + "/drawing")).andExpect(status().isOk());
        mvc.perform(post("/api/stickers/" + name + "/restore"))
                .andExpect(jsonPath("$.putAway").value(false));
        mvc.perform(delete("/api/stickers/sticker:000000000000")).andExpect(status().isNotFound());
        mvc.perform(get("/api/emoji/sticker:000000000000/drawing")).andExpect(status().is(422));
    }

    @Test
    void whatIsNoDrawingIsRefusedAndNotKept() throws Exception {
        take("bad.svg", "<svg viewBox='0 0 9 9'><script/></svg>".getBytes(StandardCharsets.UTF_8))
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.detail").value(containsString("“script”")));
        take("big.svg", new byte[10_000_001])
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.detail").value(containsString("larger than 10 MB")));
        mvc.perform(get("/api/stickers"))
                .andExpect(
                        jsonPath("$[?(@.label == 'bad' || @.label == 'big')]").isEmpty());
    }

    @Test
    void aStyleTakesItsStickersAlong() throws Exception {
        Stickers.Sticker sticker = Stickers.read(flag("#a0b0c0"));
        Style style = new Style(
                "Quay flag",
                null,
                LookPatch.of(Facets.SIZE, 90d),
                List.of(new Voice("Flagged", LookPatch.of(Facets.EMOJI, sticker.name()))));
        byte[] without = new StylePackage(style, List.of(), List.of()).zip();
        byte[] with = new StylePackage(
                        style,
                        List.of(),
                        List.of(
                                new PackedSticker("flag.svg", flag("#a0b0c0")),
                                new PackedSticker("not asked for.svg", flag("#ffffff"))))
                .zip();
        bringIn(without, false)
                .andExpect(jsonPath("$.styles[0].missingStickers").value(1));
        bringIn(with, true).andExpect(jsonPath("$.styles[0].missingStickers").value(0));
        mvc.perform(get("/api/stickers"))
                .andExpect(jsonPath("$[?(@.name == '" + sticker.name() + "')].label")
                        .value("Quay flag"))
                .andExpect(jsonPath("$[?(@.name == '"
                                + Stickers.read(flag("#ffffff")).name() + "')]")
                        .isEmpty());
        byte[] out = mvc.perform(get("/api/styles/Quay flag/file").param("fonts", "true"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        StylePackage back = StylePackage.read(out);
        assertThat(Stickers.read(back.stickers().get(0).file())).isEqualTo(sticker);
    }

    private ResultActions bringIn(byte[] zip, boolean take) throws Exception {
        return mvc.perform(post("/api/styles/file")
                .param("take", String.valueOf(take))
                .contentType("application/octet-stream")
                .content(zip));
    }

    @Test
    void emojiAreFoundInTheClipsLanguageAndOnlyDrawnOnes() throws Exception {
        mvc.perform(get("/api/emoji").param("search", "bell"))
                .andExpect(jsonPath("$[0].emoji").value("🔔"));
        mvc.perform(get("/api/emoji").param("search", "glocke").param("language", "de"))
                .andExpect(jsonPath("$[0].name").value("Glocke"));
        mvc.perform(get("/api/emoji").param("search", "bell").param("language", "xx"))
                .andExpect(jsonPath("$[0].emoji").value("🔔"));
        mvc.perform(get("/api/emoji/🔔/drawing")).andExpect(content().string(containsString("<svg")));
        mvc.perform(get("/api/emoji/bell/drawing"))
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.detail").value("There is no drawing of this emoji."));
    }
}
