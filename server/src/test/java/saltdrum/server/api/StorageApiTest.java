package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import saltdrum.server.Patience;
import saltdrum.server.store.media.StorageStore;
import tools.jackson.databind.JsonNode;

/** What is kept, for how long, and who works. */
class StorageApiTest extends OnATrack {
    @Autowired
    JdbcTemplate sql;

    @Autowired
    StorageStore storage;

    private JsonNode answer(MockHttpServletRequestBuilder request, int status) throws Exception {
        return JSON.readTree(mvc.perform(request.contentType("application/json"))
                .andExpect(status().is(status))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8));
    }

    @AfterEach
    void everythingIsKept() throws Exception {
        answer(put("/api/storage/retention").content("{}"), 200);
    }

    /** A still of a clip, made by now. */
    private String made(String clip) throws Exception {
        String order = "{\"clips\":[\"" + clip + "\"],\"outputs\":[\"STILL\"]}";
        JsonNode line =
                answer(post("/api/orders").content(order), 200).path("lines").path(0);
        String id = line.path("id").asString();
        Patience.await("the end of the job")
                .until(() -> !answer(get("/api/jobs/" + id), 200).path("open").asBoolean());
        assertThat(answer(get("/api/jobs/" + id), 200).path("state").asString()).isEqualTo("DONE");
        return id;
    }

    @Test
    void whatGoesIsSaidBeforeAndItsReceiptStays() throws Exception {
        String clip = clip();
        String old = made(clip);
        String fresh = made(clip);
        sql.update("update job set finished = now() - interval '40 days' where id = ?", old);

        assertThat(answer(get("/api/storage"), 200).path("going")).isEmpty();
        JsonNode would = answer(post("/api/storage/going").content("{\"days\":30}"), 200);
        assertThat(would.valueStream().map(file -> file.path("jobId").asString()))
                .contains(old)
                .doesNotContain(fresh);
        storage.tidy();
        assertThat(answer(get("/api/jobs/" + old), 200).has("outputName"))
                .as("nothing was agreed to")
                .isTrue();

        JsonNode agreed = answer(put("/api/storage/retention").content("{\"days\":30}"), 200);
        assertThat(agreed.path("retention").toString()).isEqualTo("{\"days\":30}");
        assertThat(agreed.path("going").toString()).contains(old);
        storage.tidy();
        JsonNode gone = answer(get("/api/jobs/" + old), 200);
        assertThat(gone.has("outputName")).isFalse();
        assertThat(gone.path("message").asString()).isEqualTo("Its file was removed to keep space.");
        assertThat(answer(get("/api/jobs/" + old + "/receipt"), 200)
                        .path("good")
                        .asBoolean())
                .isTrue();
        answer(get("/api/jobs/" + old + "/video"), 404);
        mvc.perform(get("/api/jobs/" + fresh + "/video")).andExpect(status().isOk());
        assertThat(answer(get("/api/storage"), 200).path("going")).isEmpty();
    }

    @Test
    void limitsWithoutReasonAreRefused() throws Exception {
        assertThat(answer(put("/api/storage/retention").content("{\"days\":0}"), 422)
                        .path("detail")
                        .asString())
                .contains("1 to 3650 days, not 0");
        answer(post("/api/storage/going").content("{\"gigabytes\":-1}"), 422);
    }

    @Test
    void whoWorksIsTold() throws Exception {
        JsonNode work = Patience.await("a worker")
                .until(() -> answer(get("/api/work"), 200), now -> !now.path("workers")
                        .isEmpty());
        JsonNode own = work.path("workers").path(0);
        assertThat(own.path("role").asString()).isEqualTo("SERVER");
        assertThat(own.path("process").asLong())
                .isEqualTo(ProcessHandle.current().pid());
        assertThat(own.path("lanes").toString())
                .contains("\"lane\":\"LIGHT\",\"label\":\"Preparing and measuring\",\"atOnce\":1");
        assertThat(work.path("waiting")).hasSize(3);
        assertThat(answer(get("/api/storage"), 200)
                        .path("kept")
                        .path("databaseBytes")
                        .asLong())
                .isPositive();
    }

    @Test
    void aLaneThatNobodyTakesIsATrouble() throws Exception {
        sql.update("update worker set lanes = jsonb_set(lanes, '{RENDERS}', '0')");
        try {
            assertThat(answer(get("/api/storage"), 200).path("troubles").toString())
                    .contains("No worker runs jobs of the kind “Rendering”");
        } finally {
            sql.update("delete from worker");
        }
    }
}
