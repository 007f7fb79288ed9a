package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MvcResult;
import saltdrum.core.BadInputException;
import saltdrum.server.Patience;
import saltdrum.server.api.people.MemberNames;
import tools.jackson.databind.JsonNode;

/** Sign-in of strangers, and what happens to the sessions and links of removed people. */
class GettingInTest extends OfATeam {
    private static final String OTHER_PASSWORD = "seven lanterns over the herring";

    @Autowired
    private JdbcTemplate sql;

    @Autowired
    private MemberNames names;

    private MockHttpServletResponse at(HttpMethod method, String address) throws Exception {
        return mvc.perform(request(method, URI.create(address))).andReturn().getResponse();
    }

    /** Tried 180 times without an end: the limit compared the address as it was written. */
    @Test
    void anAddressThatIsWrittenOtherwiseIsNoWayRoundALimit() throws Exception {
        for (String address : new String[] {"/api/%73ession", "/api/%63lips", "/%61pi/session", "/api/session%2d"}) {
            MockHttpServletResponse answer = at(HttpMethod.POST, address);
            assertThat(answer.getStatus()).as(address).isEqualTo(400);
            assertThat(answer.getContentAsString(StandardCharsets.UTF_8)).contains("not in its usual form");
        }
        assertThat(at(HttpMethod.GET, "/api/styles/Night%20ferry").getStatus())
                .as("what has to be encoded is")
                .isEqualTo(401);
    }

    /** RFC 3629, and PostgreSQL holds no NUL: 500 with a stack trace. */
    @Test
    void whatIsNoTextIsRefusedInASentence() throws Exception {
        for (String address :
                new String[] {"/api/session?x=%ff", "/api/session?x=%00", "/api/clips/%c3%28", "/?%ed%a0%80"}) {
            assertThat(at(HttpMethod.GET, address).getStatus()).as(address).isEqualTo(400);
        }
        assertThat(at(HttpMethod.GET, "/api/session?x=%C3%A5").getStatus()).isEqualTo(200);
        Visitor stranger = stranger();
        assertThat(stranger.signIn("ada\u0000@quay.example", PASSWORD)).isEqualTo(422);
        assertThat(stranger.signIn("ada\n@quay.example", PASSWORD)).isEqualTo(422);
    }

    /** Ten wrong passwords from anywhere locked the person out, and one a minute kept it so. */
    @Test
    void whoGuessesDoesNotLockThePersonOut() throws Exception {
        Visitor bo = joined("victim@quay.example", "DESIGNER", null);
        int guesses = 0;
        // The wait doubles with each wrong password up to a minute, which is longer than any request takes.
        while (stranger().signIn("Victim@quay.example", "guess " + guesses) != 429) {
            assertThat(++guesses).as("guesses that were answered").isLessThan(20);
        }
        assertThat(guesses).isGreaterThanOrEqualTo(10);
        assertThat(bo.signIn("victim@quay.example", PASSWORD))
                .as("where Bo has signed in before")
                .isEqualTo(204);
        assertThat(stranger().signIn("victim@quay.example", PASSWORD))
                .as("Bo was there, so counting begins anew")
                .isEqualTo(204);
    }

    @Test
    void theOwnerSeesThatSomebodyGuesses() throws Exception {
        joined("watched@quay.example", "DESIGNER", null);
        Visitor guesser = stranger();
        guesser.signIn("watched@quay.example", "guess");
        guesser.signIn("watched@quay.example", "guess again");
        assertThat(person("watched@quay.example").path("failedSignIns").asInt()).isEqualTo(2);
        assertThat(person("ada@quay.example").has("failedSignIns")).isFalse();
    }

    private JsonNode person(String email) throws Exception {
        for (JsonNode person : owner().json("GET", "/api/people", "")) {
            if (person.path("email").asString().equals(email)) {
                return person;
            }
        }
        throw new AssertionError("nobody signs in as " + email);
    }

    @Test
    void whoIsRemovedTakesTheirLinksAlong() throws Exception {
        Visitor bo = joined("leaves@quay.example", "OWNER", null);
        String invitation = invited(bo, "DESIGNER", null);
        String renewal = bo.json(
                        "POST", "/api/people/" + person("ada@quay.example").path("id") + "/link", "")
                .path("path")
                .asString()
                .replace("/join/", "/api/joining/");
        assertThat(stranger().status("GET", "/api/joining/" + invitation, "")).isEqualTo(200);
        owner().json("DELETE", "/api/people/" + person("leaves@quay.example").path("id"), "");
        assertThat(stranger().status("GET", "/api/joining/" + invitation, "")).isEqualTo(404);
        assertThat(stranger().status("GET", renewal, "")).isEqualTo(404);
    }

    @Test
    void whoIsAnOwnerNoLongerLeavesNoLinksOfOne() throws Exception {
        Visitor bo = joined("sinks@quay.example", "OWNER", null);
        String invitation = invited(bo, "OWNER", null);
        owner().json(
                        "PUT",
                        "/api/people/" + person("sinks@quay.example").path("id") + "/role",
                        "{\"role\":\"DESIGNER\"}");
        assertThat(stranger().status("GET", "/api/joining/" + invitation, "")).isEqualTo(404);
    }

    @Test
    void aNewPasswordEndsOtherLinksForOne() throws Exception {
        joined("renews@quay.example", "DESIGNER", null);
        String[] links = new String[2];
        for (int i = 0; i < 2; i++) {
            links[i] = owner().json(
                            "POST",
                            "/api/people/" + person("renews@quay.example").path("id") + "/link",
                            "")
                    .path("path")
                    .asString()
                    .replace("/join/", "/api/joining/");
        }
        Visitor bo = stranger();
        bo.json("GET", "/api/session", "");
        bo.json("POST", links[0], "{\"password\":\"" + OTHER_PASSWORD + "\"}");
        assertThat(bo.status("GET", links[1], "")).isEqualTo(404);
    }

    @Test
    void theLinkOfTheFirstOwnerDoesNotLieAboutOnceItWasUsed() throws Exception {
        owner();
        assertThat(ownerLink()).doesNotExist();
    }

    @Test
    void anOpenPageOfSomebodyWhoWasRemovedHearsNoMore() throws Exception {
        Visitor bo = joined("listens@quay.example", "DESIGNER", null);
        MvcResult stream = bo.perform(request(HttpMethod.GET, "/api/events"));
        assertThat(stream.getRequest().isAsyncStarted()).isTrue();
        owner().json("DELETE", "/api/people/" + person("listens@quay.example").path("id"), "");
        // Ended: what comes of it does not wait.
        Patience.await("the end of the stream").ignoreExceptions().until(() -> {
            stream.getAsyncResult(0);
            return true;
        });
    }

    /** UAX #15: an A with a ring and a full-width one are As to the eye. */
    @Test
    void aStrangerDoesNotSignAsAMember() throws Exception {
        owner();
        for (String spelt : new String[] {"Ada Quill", "ada quill", " ADA-QUILL.", "Àda Quill", "Ａｄａ Quill"}) {
            assertThatThrownBy(() -> names.ofAStranger(spelt))
                    .as(spelt)
                    .isInstanceOf(BadInputException.class)
                    .hasMessageContaining("has that name");
        }
        assertThat(names.ofAStranger("Ada Quillon")).isEqualTo("Ada Quillon");
    }

    @Test
    void thePresentPasswordIsNotGuessedEither() throws Exception {
        Visitor bo = joined("borrowed@quay.example", "DESIGNER", null);
        int status;
        int tries = 0;
        long begun = System.nanoTime();
        do {
            status = bo.status(
                    "PUT",
                    "/api/session/password",
                    "{\"now\":\"guess " + tries++ + "\",\"next\":\"" + OTHER_PASSWORD + "\"}");
        } while (status == 422 && tries < 40);
        assertThat(status).isEqualTo(429);
        // Ten in ten minutes: each minute that it takes gives another.
        int minutes = (int) Duration.ofNanos(System.nanoTime() - begun).toMinutes();
        assertThat(tries).isBetween(11, 11 + minutes + 1);
    }

    @Test
    void whatTellsOtherProgramsIsNobodysToAskHere() throws Exception {
        Visitor owner = owner();
        for (String address : new String[] {"/actuator", "/actuator/health", "/actuator/prometheus"}) {
            assertThat(owner.status("GET", address, "")).as(address).isEqualTo(403);
        }
        assertThat(at(HttpMethod.GET, "/livez").getStatus()).isEqualTo(200);
        assertThat(at(HttpMethod.GET, "/readyz").getStatus()).isEqualTo(200);
    }

    @Test
    void theCookieAgainstForgedRequestsStaysOnThisSite() throws Exception {
        Visitor stranger = stranger();
        stranger.json("GET", "/api/session", "");
        assertThat(stranger.cookie("XSRF-TOKEN").getAttribute("SameSite")).isEqualTo("Lax");
        MockHttpServletResponse forged = mvc.perform(post("/api/session")
                        .cookie(stranger.cookie("XSRF-TOKEN"))
                        .param("email", "ada@quay.example")
                        .param("password", PASSWORD))
                .andReturn()
                .getResponse();
        assertThat(forged.getStatus()).isEqualTo(403);
        assertThat(sql.queryForObject(
                        "select count(*) from known_browser where length(token_hash) = 64", Integer.class))
                .as("of known browsers hashes are kept")
                .isEqualTo(sql.queryForObject("select count(*) from known_browser", Integer.class));
    }
}
