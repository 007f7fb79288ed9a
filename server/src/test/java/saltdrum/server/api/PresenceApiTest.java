package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Who else has a clip open. */
class PresenceApiTest extends OnATrack {
    private static final String MINE = "0123456789abcdef";
    private static final String THEIRS = "fedcba9876543210";

    @Autowired
    JdbcTemplate sql;

    private JsonNode here(String clip, String page, String where) throws Exception {
        return JSON.readTree(mvc.perform(put("/api/clips/" + clip + "/presence/" + page)
                        .contentType("application/json")
                        .content(where))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
    }

    @Test
    void pagesOnOneClipSeeEachOtherUntilTheyLeave() throws Exception {
        String clip = clip();
        assertThat(here(clip, MINE, "{\"typing\":false}").size()).isZero();
        JsonNode seen = here(clip, THEIRS, "{\"cueId\":4,\"typing\":true}");
        assertThat(seen.size()).isEqualTo(1);
        assertThat(seen.path(0).path("page").asString()).isEqualTo(MINE);
        assertThat(seen.path(0).path("cueId").isMissingNode()
                        || seen.path(0).path("cueId").isNull())
                .isTrue();
        JsonNode mine = here(clip, MINE, "{\"typing\":false}").path(0);
        assertThat(mine.path("cueId").asLong()).isEqualTo(4);
        assertThat(mine.path("typing").asBoolean()).isTrue();
        assertThat(here(clip(), "another-clip", "{\"typing\":false}").size()).isZero();
        mvc.perform(delete("/api/clips/" + clip + "/presence/" + THEIRS)).andExpect(status().isOk());
        assertThat(here(clip, MINE, "{\"typing\":false}").size()).isZero();
    }

    @Test
    void aPageThatFallsSilentIsNotThereAnyMore() throws Exception {
        String clip = clip();
        here(clip, THEIRS, "{\"typing\":false}");
        sql.update("update open_page set seen = now() - interval '26 seconds' where id = ?", THEIRS);
        assertThat(here(clip, MINE, "{\"typing\":false}").size()).isZero();
        assertThat(sql.queryForObject("select count(*) from open_page where id = ?", Long.class, THEIRS))
                .isZero();
    }

    @Test
    void aPageHasAName() throws Exception {
        mvc.perform(put("/api/clips/" + clip() + "/presence/A")
                        .contentType("application/json")
                        .content("{\"typing\":false}"))
                .andExpect(status().isUnprocessableEntity());
    }

    @Test
    void twoTextsAreMerged() throws Exception {
        JsonNode merged = JSON.readTree(mvc.perform(post("/api/clips/" + clip() + "/track/merged")
                        .contentType("application/json")
                        .content("{\"base\":\"row home\",\"mine\":\"row home now\",\"theirs\":\"Row home\"}"))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(merged.path("text").asString()).isEqualTo("Row home now");
    }
}
