package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import jakarta.servlet.http.Cookie;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;
import tools.jackson.databind.JsonNode;

/** People who are invited, sign in, become something else and go. */
class TeamApiTest extends OfATeam {
    private static String said(MockHttpServletResponse answer) throws Exception {
        return OverHttp.JSON
                .readTree(answer.getContentAsString(StandardCharsets.UTF_8))
                .path("detail")
                .asString();
    }

    private static long id(Visitor owner, String email) throws Exception {
        for (JsonNode person : owner.json("GET", "/api/people", "")) {
            if (person.path("email").asString().equals(email)) {
                return person.path("id").asLong();
            }
        }
        throw new AssertionError("nobody signs in as " + email);
    }

    @Test
    void theFirstOwnerComesByTheServersOwnFolder() throws Exception {
        Path link = ownerLink();
        if (stranger().json("GET", "/api/session", "").path("ownerless").asBoolean()) {
            assertThat(Files.readString(link)).startsWith("https://captions.example/join/");
            assertThat(Files.getPosixFilePermissions(link)).hasSize(2);
        }
        JsonNode session = owner().json("GET", "/api/session", "");
        assertThat(session.path("person").path("role").asString()).isEqualTo("OWNER");
        assertThat(session.path("ownerless").asBoolean()).isFalse();
        assertThat(session.path("address").asString()).isEqualTo("https://captions.example");
    }

    @Test
    void anInvitationIsGoodOnceAndForAGoodPassword() throws Exception {
        String token = invited(owner(), "DESIGNER", null);
        Visitor bo = stranger();
        assertThat(bo.json("GET", "/api/joining/" + token, "").path("by").asString())
                .isEqualTo("Ada Quill");
        String path = "/api/joining/" + token;
        assertThat(said(bo.ask("POST", path, joining("Bo", "bo-1@quay.example", "short"))))
                .contains("at least 12 characters");
        assertThat(said(bo.ask("POST", path, joining("Bo", "bo-1@quay.example", "password1234"))))
                .contains("too easy to guess");
        assertThat(said(bo.ask("POST", path, joining("Bo Tarn", "bo-1@quay.example", "bo-1@quay.example"))))
                .as("name and address are the first guess")
                .contains("too easy to guess");
        assertThat(said(bo.ask("POST", path, joining("Bo", "nowhere", PASSWORD))))
                .contains("e-mail address");
        assertThat(said(bo.ask("POST", path, joining(" ", "bo-1@quay.example", PASSWORD))))
                .contains("your name");
        assertThat(said(bo.ask("POST", path, joining("Bo", "ADA@quay.example", PASSWORD))))
                .contains("already");
        bo.json("POST", path, joining("Bo", "bo-1@quay.example", PASSWORD));
        assertThat(bo.status("POST", path, joining("Cy", "cy@quay.example", PASSWORD)))
                .isEqualTo(404);
        assertThat(bo.status("GET", "/api/joining/abc", "")).isEqualTo(404);
    }

    @Test
    void nobodyComesInWithAWrongPasswordAndGuessingEnds() throws Exception {
        joined("guessed@quay.example", "DESIGNER", null);
        Visitor guesser = stranger();
        int tries = 0;
        int status;
        do {
            status = guesser.signIn("guessed@quay.example", "guess number " + tries++);
        } while (status == 401 && tries < 40);
        assertThat(status).isEqualTo(429);
        assertThat(tries).isLessThanOrEqualTo(11);
        assertThat(guesser.signIn("Guessed@quay.example ", PASSWORD))
                .as("nor with the right one, for a while")
                .isEqualTo(429);
        assertThat(guesser.status("GET", "/api/clips", "")).isEqualTo(401);
    }

    @Test
    void aChangeIsAskedForByThePageItself() throws Exception {
        Visitor owner = owner();
        Cookie session = owner.cookie("salt-drum");
        assertThat(session.isHttpOnly()).isTrue();
        assertThat(session.getAttribute("SameSite")).isEqualTo("Lax");
        assertThat(mvc.perform(post("/api/invitations")
                                .cookie(session)
                                .contentType("application/json")
                                .content("{\"role\":\"OWNER\"}"))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(403);
        assertThat(mvc.perform(get("/api/session").secure(true))
                        .andReturn()
                        .getResponse()
                        .getCookies()[0]
                        .getSecure())
                .as("over HTTPS its cookies go by HTTPS only")
                .isTrue();
    }

    @Test
    void aSessionIsANewOneAfterSigningIn() throws Exception {
        Visitor bo = joined("fixed@quay.example", "DESIGNER", null);
        String before = bo.cookie("salt-drum").getValue();
        assertThat(bo.signIn("fixed@quay.example", PASSWORD)).isEqualTo(204);
        assertThat(bo.cookie("salt-drum").getValue()).isNotEqualTo(before);
        assertThat(bo.status("DELETE", "/api/session", "")).isEqualTo(204);
        assertThat(bo.status("GET", "/api/clips", "")).isEqualTo(401);
    }

    @Test
    void whoBecomesSomethingElseSignsInAgainAsThat() throws Exception {
        Visitor owner = owner();
        Visitor bo = joined("rises@quay.example", "DESIGNER", null);
        long id = id(owner, "rises@quay.example");
        assertThat(bo.status("GET", "/api/people", "")).isEqualTo(403);
        owner.json("PUT", "/api/people/" + id + "/role", "{\"role\":\"OWNER\"}");
        assertThat(bo.status("GET", "/api/clips", "")).isEqualTo(401);
        bo.signIn("rises@quay.example", PASSWORD);
        assertThat(bo.status("GET", "/api/people", "")).isEqualTo(200);
        owner.json("DELETE", "/api/people/" + id, "");
        assertThat(bo.status("GET", "/api/clips", "")).isEqualTo(401);
        assertThat(bo.signIn("rises@quay.example", PASSWORD)).isEqualTo(401);
    }

    @Test
    void aWorkshopKeepsAnOwner() throws Exception {
        Visitor owner = owner();
        long id = id(owner, "ada@quay.example");
        assertThat(said(owner.ask("DELETE", "/api/people/" + id, ""))).contains("needs an owner");
        assertThat(said(owner.ask("PUT", "/api/people/" + id + "/role", "{\"role\":\"DESIGNER\"}")))
                .contains("needs an owner");
        assertThat(said(owner.ask("PUT", "/api/people/" + id + "/role", "{\"role\":\"REVIEWER\"}")))
                .contains("one client");
    }

    @Test
    void aNewPasswordEndsEveryOtherSession() throws Exception {
        Visitor here = joined("two@quay.example", "DESIGNER", null);
        Visitor there = stranger();
        there.signIn("two@quay.example", PASSWORD);
        String next = "another herring under seven lanterns";
        String wrong = "{\"now\":\"not it at all, is it\",\"next\":\"" + next + "\"}";
        assertThat(said(here.ask("PUT", "/api/session/password", wrong))).contains("not your current");
        here.json("PUT", "/api/session/password", "{\"now\":\"" + PASSWORD + "\",\"next\":\"" + next + "\"}");
        assertThat(here.status("GET", "/api/clips", "")).isEqualTo(200);
        assertThat(there.status("GET", "/api/clips", "")).isEqualTo(401);
        assertThat(there.signIn("two@quay.example", PASSWORD)).isEqualTo(401);
        assertThat(there.signIn("two@quay.example", next)).isEqualTo(204);
    }

    @Test
    void whoForgotGetsALinkForANewPassword() throws Exception {
        Visitor owner = owner();
        Visitor bo = joined("forgets@quay.example", "DESIGNER", null);
        String path = owner.json("POST", "/api/people/" + id(owner, "forgets@quay.example") + "/link", "")
                .path("path")
                .asString()
                .replace("/join/", "/api/joining/");
        Visitor again = stranger();
        assertThat(again.json("GET", path, "").path("email").asString()).isEqualTo("forgets@quay.example");
        again.json("POST", path, "{\"password\":\"seven lanterns over the herring\"}");
        assertThat(bo.status("GET", "/api/clips", ""))
                .as("what was open is closed")
                .isEqualTo(401);
        assertThat(again.signIn("forgets@quay.example", "seven lanterns over the herring"))
                .isEqualTo(204);
    }

    @Test
    void nobodyFillsTheDiskInOneGo() throws Exception {
        Visitor bo = joined("fills@quay.example", "DESIGNER", null);
        int taken = 0;
        int status;
        do {
            status = bo.send(put("/api/stickers").param("name", "x.svg").content("no picture"))
                    .getStatus();
        } while (status != 429 && ++taken < 200);
        assertThat(taken).isBetween(120, 125);
        assertThat(bo.status("GET", "/api/clips", "")).isEqualTo(200);
    }

    @Test
    void aLinkThatIsNotUsedCanBeWithdrawn() throws Exception {
        Visitor owner = owner();
        String token = invited(owner, "DESIGNER", null);
        long id = owner.json("GET", "/api/invitations", "").path(0).path("id").asLong();
        owner.json("DELETE", "/api/invitations/" + id, "");
        assertThat(stranger().status("GET", "/api/joining/" + token, "")).isEqualTo(404);
    }
}
