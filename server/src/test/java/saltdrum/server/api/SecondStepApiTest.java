package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import saltdrum.server.access.TestCodes;
import saltdrum.server.store.people.AuditLog;
import tools.jackson.databind.JsonNode;

/** A code besides the password, and the record of who did what. */
class SecondStepApiTest extends OfATeam {
    private static final String STEP = "/api/session/second-step";

    @Autowired
    JdbcTemplate sql;

    @Autowired
    AuditLog audit;

    @AfterEach
    void asksNothingOfAll() {
        sql.update("update workshop set second_step = false");
        sql.update("update person set code_secret = null");
    }

    private static String asked(String code) {
        return "{\"password\":\"" + PASSWORD + "\",\"code\":\"" + code + "\"}";
    }

    private static MockHttpServletResponse signIn(Visitor visitor, String email, String code) throws Exception {
        visitor.ask("GET", "/api/session", "");
        return visitor.send(post("/api/session")
                .param("email", email)
                .param("password", PASSWORD)
                .param("code", code));
    }

    /** @return its secret in Base32 */
    private static String takes(Visitor visitor) throws Exception {
        String secret = visitor.json("POST", STEP, "").path("secret").asString();
        confirms(visitor, secret);
        return secret;
    }

    /** As the page says: where a code came too late, with the next one. @return what it is answered with */
    private static JsonNode confirms(Visitor visitor, String secret) throws Exception {
        MockHttpServletResponse answer;
        do {
            answer = visitor.ask("PUT", STEP, asked(TestCodes.of(secret, 0)));
        } while (answer.getStatus() == 422 && answer.getContentAsString().contains("Wait for the next one"));
        assertThat(answer.getStatus()).isEqualTo(200);
        return OverHttp.JSON.readTree(answer.getContentAsString(StandardCharsets.UTF_8));
    }

    @Test
    void whoHasASecondStepSignsInWithACodeThatIsGoodOnce() throws Exception {
        String email = "steps@quay.example";
        Visitor bo = joined(email, "DESIGNER", null);
        assertThat(bo.status("PUT", STEP, asked("000000"))).as("not begun").isEqualTo(422);
        String secret = bo.json("POST", STEP, "").path("secret").asString();
        assertThat(secret).matches("[A-Z2-7]{32}");
        assertThat(bo.status("PUT", STEP, asked("000000"))).isEqualTo(422);
        JsonNode taken = confirms(bo, secret);
        assertThat(taken.path("codes").size()).isEqualTo(10);

        MockHttpServletResponse without = signIn(stranger(), email, "");
        assertThat(without.getStatus()).isEqualTo(401);
        assertThat(OverHttp.JSON
                        .readTree(without.getContentAsString(StandardCharsets.UTF_8))
                        .path("needs")
                        .asString())
                .isEqualTo("CODE");
        assertThat(signIn(stranger(), email, "123456").getStatus()).isEqualTo(401);
        String code = TestCodes.of(secret, 1);
        assertThat(signIn(stranger(), email, code.substring(0, 3) + " " + code.substring(3))
                        .getStatus())
                .isEqualTo(204);
        assertThat(signIn(stranger(), email, code).getStatus()).as("used").isEqualTo(401);

        String recovery = taken.path("codes").path(3).asString();
        assertThat(recovery).matches("([a-z0-9]{4}-){3}[a-z0-9]{4}");
        assertThat(signIn(stranger(), email, recovery.toUpperCase()).getStatus())
                .isEqualTo(204);
        assertThat(signIn(stranger(), email, recovery).getStatus()).as("used").isEqualTo(401);
        JsonNode renewed = bo.json("POST", STEP + "/recovery-codes", asked(""));
        assertThat(signIn(stranger(), email, taken.path("codes").path(4).asString())
                        .getStatus())
                .isEqualTo(401);
        assertThat(signIn(stranger(), email, renewed.path("codes").path(0).asString())
                        .getStatus())
                .isEqualTo(204);

        bo.json("POST", STEP + "/off", asked(""));
        assertThat(stranger().signIn(email, PASSWORD)).isEqualTo(204);
    }

    @Test
    void settingOneUpEndsOtherSessionsAndNeedsThePassword() throws Exception {
        String email = "elsewhere@quay.example";
        Visitor bo = joined(email, "DESIGNER", null);
        Visitor elsewhere = stranger();
        assertThat(elsewhere.signIn(email, PASSWORD)).isEqualTo(204);
        String secret = bo.json("POST", STEP, "").path("secret").asString();
        assertThat(bo.status(
                        "PUT", STEP, "{\"password\":\"not it at all\",\"code\":\"" + TestCodes.of(secret, 0) + "\"}"))
                .isEqualTo(422);
        confirms(bo, secret);
        assertThat(bo.status("GET", "/api/clips", "")).isEqualTo(200);
        assertThat(elsewhere.status("GET", "/api/clips", "")).isEqualTo(401);
    }

    @Test
    void whereItIsAskedOfAllNobodyDoesAnythingBefore() throws Exception {
        Visitor owner = owner();
        String email = "newcomer@quay.example";
        Visitor bo = joined(email, "DESIGNER", null);
        assertThat(owner.status("PUT", "/api/people/second-step", "{\"ofAll\":true}"))
                .as("the owner has none either")
                .isEqualTo(422);
        takes(owner);
        owner.json("PUT", "/api/people/second-step", "{\"ofAll\":true}");
        assertThat(bo.status("GET", "/api/clips", "")).as("signed out").isEqualTo(401);
        assertThat(bo.signIn(email, PASSWORD)).isEqualTo(204);
        assertThat(bo.json("GET", "/api/session", "").path("newcomer").asBoolean())
                .isTrue();
        assertThat(bo.status("GET", "/api/clips", "")).isEqualTo(403);
        assertThat(bo.status("GET", "/api/shared", "")).isEqualTo(403);
        String secret = takes(bo);
        assertThat(bo.status("POST", STEP + "/off", asked(""))).isEqualTo(422);
        assertThat(signIn(bo, email, TestCodes.of(secret, 1)).getStatus()).isEqualTo(204);
        assertThat(bo.json("GET", "/api/session", "").path("newcomer").asBoolean())
                .isFalse();
        assertThat(bo.status("GET", "/api/clips", "")).isEqualTo(200);
    }

    @Test
    void anOwnerTakesAwayWhatSomebodyHasLost() throws Exception {
        String email = "lost@quay.example";
        Visitor bo = joined(email, "DESIGNER", null);
        takes(bo);
        long id = sql.queryForObject("select id from person where email = ?", Long.class, email);
        owner().json("DELETE", "/api/people/" + id + "/second-step", "");
        assertThat(bo.status("GET", "/api/clips", "")).isEqualTo(401);
        assertThat(bo.signIn(email, PASSWORD)).isEqualTo(204);
    }

    /** The ceremonies themselves are Spring Security's; a browser goes through them in {@code SecondStepTest}. */
    @Test
    void passkeysAreAddedByWhoIsSignedInAndBoundToTheWorkshop() throws Exception {
        Visitor stranger = stranger();
        stranger.json("GET", "/api/session", "");
        assertThat(stranger.ask("POST", "/webauthn/register/options", "").getContentAsString())
                .doesNotContain("challenge");
        assertThat(stranger.status("POST", "/webauthn/register", "{}")).isBetween(400, 499);
        assertThat(stranger.json("POST", "/webauthn/authenticate/options", "")
                        .path("rpId")
                        .asString())
                .isEqualTo("captions.example");
        assertThat(stranger.status("POST", "/login/webauthn", "{}")).isBetween(400, 499);
        Visitor bo = joined("passkeys@quay.example", "DESIGNER", null);
        JsonNode options = bo.json("POST", "/webauthn/register/options", "");
        assertThat(options.path("rp").path("id").asString()).isEqualTo("captions.example");
        assertThat(bo.status("POST", "/webauthn/register", "{}")).isBetween(400, 499);
        assertThat(bo.json("GET", "/api/session/passkeys", "").size()).isZero();
        assertThat(bo.status("DELETE", "/api/session/passkeys/none", "")).isEqualTo(404);
        long id = sql.queryForObject("select id from person where email = 'passkeys@quay.example'", Long.class);
        sql.update("insert into user_entities (id, name) values ('e', ?) on conflict do nothing", Long.toString(id));
        owner().json("DELETE", "/api/people/" + id, "");
        assertThat(sql.queryForObject(
                        "select count(*) from user_entities where name = ?", Long.class, Long.toString(id)))
                .as("they go with the person")
                .isZero();
    }

    @Test
    void whoAsksForPasskeysAgainAndAgainIsStopped() throws Exception {
        Visitor stranger = stranger();
        stranger.json("GET", "/api/session", "");
        int status = 200;
        for (int i = 0; i < 40 && status == 200; i++) {
            status = stranger.status("POST", "/webauthn/authenticate/options", "");
        }
        assertThat(status).isEqualTo(429);
    }

    @Test
    void theRecordSaysWhoDidWhat() throws Exception {
        Visitor owner = owner();
        Visitor bo = joined("recorded@quay.example", "DESIGNER", null);
        stranger().signIn("recorded@quay.example", "a guess");
        client(bo, "=Harbour Oven");
        long id = sql.queryForObject("select id from person where email = 'recorded@quay.example'", Long.class);
        owner.json("DELETE", "/api/people/" + id, "");
        assertThat(bo.status("GET", "/api/people/record", "")).isEqualTo(401);
        StringBuilder said = new StringBuilder();
        for (JsonNode entry : owner.json("GET", "/api/people/record", "")) {
            said.append(entry.path("person").asString(""))
                    .append(" | ")
                    .append(entry.path("did").asString())
                    .append(" | ")
                    .append(entry.path("about").asString())
                    .append('\n');
        }
        assertThat(said.toString())
                .startsWith("Ada Quill | Removed a person | Bo Tarn (recorded@quay.example)\n"
                        + "Bo Tarn | Made a client | =Harbour Oven\n"
                        + " | Failed to sign in | recorded@quay.example\n"
                        + "Bo Tarn | Signed in | \n"
                        + "Bo Tarn | Joined | \n"
                        + "Ada Quill | Invited somebody | Bo\n");
        MockHttpServletResponse csv = owner.ask("GET", "/api/people/record/csv", "");
        assertThat(csv.getHeader("Content-Disposition")).contains("salt-drum-record.csv");
        assertThat(csv.getContentAsString(StandardCharsets.UTF_8))
                .startsWith("\"when\",\"who\",\"did\",\"about\"\r\n")
                .as("no formula for a spreadsheet")
                .contains("\"Made a client\",\"'=Harbour Oven\"\r\n");
        long newest =
                owner.json("GET", "/api/people/record", "").path(0).path("id").asLong();
        assertThat(owner.json("GET", "/api/people/record?before=" + newest, "")
                        .path(0)
                        .path("did")
                        .asString())
                .isEqualTo("Made a client");
    }

    @Test
    void theRecordIsKeptAYear() throws Exception {
        owner();
        sql.update("insert into audit_entry (made, did) values (now() - interval '366 days', 'Long ago')");
        audit.forgetOld();
        assertThat(sql.queryForObject("select count(*) from audit_entry where did = 'Long ago'", Long.class))
                .isZero();
        assertThat(sql.queryForObject("select count(*) from audit_entry", Long.class))
                .isPositive();
    }
}
