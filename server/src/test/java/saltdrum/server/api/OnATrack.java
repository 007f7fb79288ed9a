package saltdrum.server.api;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import tools.jackson.databind.JsonNode;

/** A clip with two cues, and edits of it. */
abstract class OnATrack extends OverHttp {
    String clip() throws Exception {
        String id = JSON.readTree(broughtIn("tide.mp4")).path("id").asString();
        String srt = "1\n00:00:00,100 --> 00:00:00,500\nRow home\n\n2\n00:00:01,100 --> 00:00:01,900\nat tide\n";
        mvc.perform(put("/api/clips/" + id + "/captions").param("name", "a.srt").content(srt))
                .andExpect(status().isOk());
        return id;
    }

    JsonNode track(String id) throws Exception {
        return JSON.readTree(mvc.perform(get("/api/clips/" + id + "/track"))
                .andReturn()
                .getResponse()
                .getContentAsString());
    }

    void edit(String id, String edit) throws Exception {
        long version = track(id).path("head").path("version").asLong();
        mvc.perform(post("/api/clips/" + id + "/track/edits")
                        .contentType("application/json")
                        .content("{\"version\":" + version + ",\"edit\":" + edit + "}"))
                .andExpect(status().isOk());
    }
}
