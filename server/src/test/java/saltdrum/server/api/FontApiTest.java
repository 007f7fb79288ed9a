package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.InputStream;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

/** Fonts that are added. */
class FontApiTest extends OverHttp {
    private static byte[] font() throws Exception {
        try (InputStream in = FontApiTest.class.getResourceAsStream("/fonts/Grandstander-800.woff2")) {
            return in.readAllBytes();
        }
    }

    private String taken() throws Exception {
        return JSON.readTree(mvc.perform(put("/api/fonts")
                                .param("name", "Grandstander-800.woff2")
                                .contentType("application/octet-stream")
                                .content(font()))
                        .andExpect(status().isOk())
                        .andExpect(jsonPath("$.family").value("Grandstander"))
                        .andExpect(jsonPath("$.weight").value(800))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .path("id")
                .asString();
    }

    @Test
    void aFontIsTakenOfferedNotedPutAwayAndBroughtBack() throws Exception {
        String id = taken();
        assertThat(taken()).as("the same file again").isEqualTo(id);
        mvc.perform(get("/api/typefaces"))
                .andExpect(jsonPath("$[0].name").value("Grandstander"))
                .andExpect(jsonPath("$[0].origin").value("OWN"));
        mvc.perform(get("/api/fonts")).andExpect(jsonPath("$[0].licence").value(containsString("Copyright")));
        mvc.perform(put("/api/fonts/" + id + "/licence")
                        .contentType("application/json")
                        .content("{\"licence\":\"Bought for the ferry, films only\"}"))
                .andExpect(jsonPath("$.licence").value("Bought for the ferry, films only"));
        mvc.perform(delete("/api/fonts/" + id)).andExpect(jsonPath("$.putAway").value(true));
        mvc.perform(get("/api/typefaces"))
                .andExpect(jsonPath("$[?(@.name == 'Grandstander')]").isEmpty());
        mvc.perform(post("/api/fonts/" + id + "/restore"))
                .andExpect(jsonPath("$.putAway").value(false));
        mvc.perform(get("/api/typefaces")).andExpect(jsonPath("$[0].name").value("Grandstander"));
    }

    @Test
    void aBrokenFontIsRefusedInASentence() throws Exception {
        mvc.perform(put("/api/fonts").param("name", "cut.woff2").content(Arrays.copyOf(font(), 900)))
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.detail").value(containsString("incomplete")));
        mvc.perform(put("/api/fonts").param("name", "big.ttf").content(new byte[10_000_001]))
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.detail").value(containsString("larger than 10 MB")));
        mvc.perform(get("/api/fonts"))
                .andExpect(jsonPath("$[?(@.fileName == 'cut.woff2')]").isEmpty());
    }

    @Test
    void aStyleGoesOutWithItsFontsAndComesInWithThem() throws Exception {
        String id = taken();
        String style = "{\"form\":3,\"name\":\"Spring fair\",\"look\":{\"typeface\":\"Grandstander\",\"weight\":800}}";
        mvc.perform(post("/api/styles/file")
                        .param("take", "true")
                        .contentType("application/octet-stream")
                        .content(style))
                .andExpect(jsonPath("$.styles[0].missing").isEmpty());
        byte[] zip = mvc.perform(get("/api/styles/Spring fair/file").param("fonts", "true"))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        mvc.perform(delete("/api/fonts/" + id));
        mvc.perform(post("/api/styles/file")
                        .contentType("application/octet-stream")
                        .content(zip))
                .andExpect(jsonPath("$.styles[0].exists").value(true))
                .andExpect(jsonPath("$.styles[0].missing").isEmpty())
                .andExpect(jsonPath("$.fonts[0].family").value("Grandstander"))
                .andExpect(jsonPath("$.fonts[0].here").value(false));
        mvc.perform(post("/api/styles/file")
                        .param("take", "true")
                        .contentType("application/octet-stream")
                        .content(zip))
                .andExpect(status().isOk());
        mvc.perform(get("/api/typefaces")).andExpect(jsonPath("$[0].name").value("Grandstander"));
        mvc.perform(delete("/api/styles/Spring fair"));
    }
}
