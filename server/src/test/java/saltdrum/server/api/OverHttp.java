package saltdrum.server.api;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.file.Files;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import saltdrum.server.SmallClips;
import saltdrum.server.TestDatabase;
import tools.jackson.databind.json.JsonMapper;

/** Tests over HTTP on a server of their own, against a real PostgreSQL. */
@SpringBootTest(properties = "salt-drum.workers=1")
@AutoConfigureMockMvc
abstract class OverHttp {
    @DynamicPropertySource
    static void database(DynamicPropertyRegistry registry) throws Exception {
        TestDatabase.register(registry);
    }

    static final JsonMapper JSON = new JsonMapper();

    @Autowired
    MockMvc mvc;

    String broughtIn(String name) throws Exception {
        byte[] clip = Files.readAllBytes(SmallClips.whole("tide-pool"));
        String answer = mvc.perform(put("/api/clips").param("name", name).content(clip))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
        return answer;
    }
}
