package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import saltdrum.server.TestDatabase;
import tools.jackson.databind.JsonNode;

/** A workshop with sign-in. */
@SpringBootTest(
        properties = {"salt-drum.url=https://captions.example/", "salt-drum.workers=1", "salt-drum.renderers=0"})
@AutoConfigureMockMvc
abstract class OfATeam {
    static final String PASSWORD = "lantern oarlock herring seven";

    private static Path data;

    @DynamicPropertySource
    static void database(DynamicPropertyRegistry registry) throws Exception {
        data = TestDatabase.register(registry);
    }

    @Autowired
    MockMvc mvc;

    Visitor stranger() {
        return new Visitor(mvc);
    }

    /** The owner, who came by the link that the server wrote into its folder. */
    Visitor owner() throws Exception {
        Visitor owner = stranger();
        Path link = ownerLink();
        if (owner.json("GET", "/api/session", "").path("ownerless").asBoolean()) {
            String token = Files.readString(link).strip().replaceFirst(".*/join/", "");
            owner.json("POST", "/api/joining/" + token, joining("Ada Quill", "ada@quay.example", PASSWORD));
        }
        assertThat(owner.signIn("ada@quay.example", PASSWORD)).isEqualTo(204);
        return owner;
    }

    /** Where the server writes the link of the first owner. */
    static Path ownerLink() {
        return data.resolve("owner-link.txt");
    }

    static String joining(String name, String email, String password) {
        return OverHttp.JSON
                .createObjectNode()
                .put("name", name)
                .put("email", email)
                .put("password", password)
                .toString();
    }

    /** The secret of a new invitation's link. */
    static String invited(Visitor owner, String role, Long clientId) throws Exception {
        JsonNode link = owner.json(
                "POST",
                "/api/invitations",
                OverHttp.JSON
                        .createObjectNode()
                        .put("name", "Bo")
                        .put("role", role)
                        .put("clientId", clientId)
                        .toString());
        return link.path("path").asString().replace("/join/", "");
    }

    /** Somebody new, signed in. */
    Visitor joined(String email, String role, Long clientId) throws Exception {
        String token = invited(owner(), role, clientId);
        Visitor person = stranger();
        person.json("GET", "/api/session", "");
        person.json("POST", "/api/joining/" + token, joining("Bo Tarn", email, PASSWORD));
        assertThat(person.signIn(email, PASSWORD)).isEqualTo(204);
        return person;
    }

    static long client(Visitor owner, String name) throws Exception {
        return owner.json("POST", "/api/clients", "{\"name\":\"" + name + "\"}")
                .path("id")
                .asLong();
    }
}
