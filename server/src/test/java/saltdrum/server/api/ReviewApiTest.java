package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import saltdrum.server.Patience;
import saltdrum.server.store.review.SealedLinks;
import tools.jackson.databind.JsonNode;

/** What a client sees by a link, says to it, and sees no more. */
class ReviewApiTest extends OnATrack {
    @Autowired
    JdbcTemplate sql;

    @Autowired
    SealedLinks links;

    private Visitor designer() {
        return new Visitor(mvc);
    }

    private JsonNode handedOut(String clip) throws Exception {
        return designer().json("POST", "/api/clips/" + clip + "/reviews", "{\"days\":7,\"note\":\" Have a look. \"}");
    }

    private static String shared(JsonNode review) {
        return review.path("path").asString().replace("/review/", "/api/shared/");
    }

    private static String said(MockHttpServletResponse answer) throws Exception {
        return OverHttp.JSON
                .readTree(answer.getContentAsString(StandardCharsets.UTF_8))
                .path("detail")
                .asString();
    }

    @Test
    void aLinkShowsTheStageAsItIsAndNothingElse() throws Exception {
        String clip = clip();
        JsonNode review = handedOut(clip);
        String path = shared(review);
        assertThat(path).matches("/api/shared/[a-z0-9]{26}");
        Visitor client = new Visitor(mvc);
        JsonNode seen = client.json("GET", path, "");
        assertThat(seen.path("note").asString()).isEqualTo("Have a look.");
        assertThat(seen.path("cues").path(0).path("words").path(1).path("text").asString())
                .isEqualTo("home");
        assertThat(seen.toString())
                .as("no way from here into the workshop")
                .doesNotContain(clip, review.path("id").asString());
        long version = client.json("GET", path + "/stage", "").path("version").asLong();
        edit(clip, "{\"kind\":\"restyle\",\"style\":\"Chalk\"}");
        assertThat(client.json("GET", path + "/stage", "").path("version").asLong())
                .isEqualTo(version + 1);
        assertThat(client.status("GET", path + "/bars", "")).isEqualTo(404);
        MockHttpServletResponse part = client.send(get(path + "/video").header("Range", "bytes=0-99"));
        assertThat(part.getStatus()).isEqualTo(206);
        assertThat(part.getContentAsByteArray()).hasSize(100);
    }

    @Test
    void nothingInTheDatabaseOpensALink() throws Exception {
        JsonNode review = handedOut(clip());
        String token = review.path("path").asString().replace("/review/", "");
        String row = sql.queryForObject(
                "select review::text || encode(sealed, 'escape') from review where id = ?",
                String.class,
                review.path("id").asString());
        assertThat(row).doesNotContain(token);
        // Links from before they were sealed, as an older version wrote them.
        sql.update(
                "update review set token = ?, sealed = null where id = ?",
                token,
                review.path("id").asString());
        links.sealOpenOnes();
        assertThat(sql.queryForObject("select count(*) from review where token is not null", Long.class))
                .isZero();
        JsonNode again = designer()
                .json("GET", "/api/clips/" + review.path("clipId").asString() + "/reviews", "")
                .path(0);
        assertThat(again.path("path").asString()).isEqualTo(review.path("path").asString());
    }

    /** The key is in no backup. */
    @Test
    void aLinkThatCannotBeShownAnyMoreStillWorksAndCanBeMadeAnew() throws Exception {
        JsonNode review = handedOut(clip());
        String ofClip = "/api/clips/" + review.path("clipId").asString() + "/reviews";
        byte[] key = sql.queryForObject("select key from link_key", byte[].class);
        sql.update("update link_key set key = sha256(key)");
        try {
            assertThat(designer().json("GET", ofClip, "").path(0).has("path")).isFalse();
            assertThat(new Visitor(mvc).status("GET", shared(review), "")).isEqualTo(200);
            JsonNode anew =
                    designer().json("POST", "/api/reviews/" + review.path("id").asString() + "/link", "");
            assertThat(new Visitor(mvc).status("GET", shared(anew), "")).isEqualTo(200);
            assertThat(new Visitor(mvc).status("GET", shared(review), "")).isEqualTo(404);
        } finally {
            sql.update("update link_key set key = ?", key);
        }
    }

    @Test
    void aRemarkStandsAtItsWord() throws Exception {
        String clip = clip();
        String path = shared(handedOut(clip));
        Visitor client = new Visitor(mvc);
        long word = track(clip)
                .path("cues")
                .path(1)
                .path("words")
                .path(0)
                .path("id")
                .asLong();
        JsonNode after = client.json(
                "POST",
                path + "/remarks",
                "{\"author\":\" Cy \",\"kind\":\"REMARK\",\"atMs\":1100,\"wordId\":" + word
                        + ",\"text\":\"Too late\"}");
        JsonNode remark = after.path("remarks").path(0);
        assertThat(remark.path("said").asString()).isEqualTo("at");
        assertThat(remark.path("author").asString()).isEqualTo("Cy");
        JsonNode mine =
                designer().json("GET", "/api/clips/" + clip + "/reviews", "").path(0);
        assertThat(mine.path("remarks").path(0).path("wordId").asLong()).isEqualTo(word);

        assertThat(mine.path("remarks").path(0).path("place").path("cueId").asLong())
                .isEqualTo(track(clip).path("cues").path(1).path("id").asLong());
        assertThat(remark.has("place")).as("no ids of cues for clients").isFalse();

        long id = remark.path("id").asLong();
        designer().json("PUT", "/api/remarks/" + id + "/settled", "{\"settled\":true}");
        assertThat(client.json("GET", path, "")
                        .path("remarks")
                        .path(0)
                        .path("settled")
                        .asBoolean())
                .isTrue();
        designer().json("PUT", "/api/remarks/" + id + "/settled", "{\"settled\":false}");
        assertThat(client.json("GET", path, "")
                        .path("remarks")
                        .path(0)
                        .path("settled")
                        .asBoolean())
                .isFalse();
    }

    @Test
    void whatCannotBeSaidIsRefusedInASentence() throws Exception {
        String path = shared(handedOut(clip())) + "/remarks";
        Visitor client = new Visitor(mvc);
        assertThat(said(client.ask("POST", path, "{\"atMs\":5,\"text\":\"x\"}")))
                .contains("Write your name");
        assertThat(said(client.ask("POST", path, "{\"author\":\"Cy\",\"atMs\":5,\"text\":\" \"}")))
                .contains("is empty");
        assertThat(said(client.ask("POST", path, "{\"author\":\"Cy\",\"text\":\"x\"}")))
                .contains("a moment of the clip");
        assertThat(said(client.ask("POST", path, "{\"author\":\"Cy\",\"atMs\":99999999,\"text\":\"x\"}")))
                .contains("a moment of the clip");
        assertThat(said(client.ask("POST", path, "{\"author\":\"Cy\",\"atMs\":5,\"wordId\":424242,\"text\":\"x\"}")))
                .contains("no longer exists");
        assertThat(said(client.ask(
                        "POST", path, "{\"author\":\"Cy\",\"atMs\":5,\"text\":\"" + "x".repeat(2001) + "\"}")))
                .contains("two remarks");
    }

    @Test
    void nobodyFloodsAReview() throws Exception {
        String path = shared(handedOut(clip())) + "/remarks";
        Visitor client = new Visitor(mvc);
        int said = 0;
        while (client.status("POST", path, "{\"author\":\"Cy\",\"atMs\":5,\"text\":\"again\"}") == 200) {
            said++;
        }
        assertThat(said).isEqualTo(20);
    }

    @Test
    void theWordAboutTheWholeIsTheNewest() throws Exception {
        String clip = clip();
        String path = shared(handedOut(clip));
        Visitor client = new Visitor(mvc);
        client.json("POST", path + "/remarks", "{\"author\":\"Cy\",\"kind\":\"CHANGES\",\"text\":\"Bigger\"}");
        assertThat(client.json("GET", path, "").path("verdict").asString()).isEqualTo("CHANGES");
        client.json("POST", path + "/remarks", "{\"author\":\"Cy\",\"kind\":\"APPROVED\"}");
        assertThat(designer()
                        .json("GET", "/api/clips/" + clip + "/reviews", "")
                        .path(0)
                        .path("verdict")
                        .asString())
                .isEqualTo("APPROVED");
    }

    @Test
    void aLinkThatIsOverShowsNothing() throws Exception {
        String clip = clip();
        JsonNode review = handedOut(clip);
        JsonNode other = handedOut(clip);
        Visitor client = new Visitor(mvc);
        designer().json("POST", "/api/reviews/" + review.path("id").asString() + "/withdraw", "");
        sql.update(
                "update review set expires = now() - interval '1 second' where id = ?",
                other.path("id").asString());
        for (JsonNode over : java.util.List.of(review, other)) {
            for (String part : new String[] {"", "/stage", "/video", "/bars"}) {
                assertThat(client.status("GET", shared(over) + part, "")).isEqualTo(404);
            }
            assertThat(client.status(
                            "POST", shared(over) + "/remarks", "{\"author\":\"Cy\",\"atMs\":5,\"text\":\"x\"}"))
                    .isEqualTo(404);
        }
        assertThat(said(client.ask("GET", "/api/shared/neverwas", "")))
                .as("nobody learns whether there was one")
                .isEqualTo(said(client.ask("GET", shared(review), "")));
        assertThat(designer().json("GET", "/api/clips/" + clip + "/reviews", "").size())
                .as("the designer still sees what was said")
                .isEqualTo(2);
    }

    @Test
    void whoGuessesLinksIsStoppedAndWhoHasOneIsNot() throws Exception {
        String path = shared(handedOut(clip()));
        Visitor guesser = new Visitor(mvc);
        int tries = 0;
        while (guesser.status("GET", "/api/shared/guess" + tries, "") == 404 && tries < 100) {
            tries++;
        }
        assertThat(guesser.status("GET", "/api/shared/another", "")).isEqualTo(429);
        assertThat(tries).isEqualTo(30);
        assertThat(guesser.status("GET", path, ""))
                .as("beside them in one house")
                .isEqualTo(200);
    }

    @Test
    void aRemovedClipIsShownToNobody() throws Exception {
        String clip = clip();
        String path = shared(handedOut(clip));
        designer().json("DELETE", "/api/clips/" + clip, "");
        assertThat(new Visitor(mvc).status("GET", path, "")).isEqualTo(404);
        designer().json("POST", "/api/clips/" + clip + "/back", "");
        assertThat(new Visitor(mvc).status("GET", path, "")).isEqualTo(200);
    }

    @Test
    void theSameLinkShowsTheNextFilm() throws Exception {
        String clip = clip();
        String first = film(clip);
        JsonNode review =
                designer().json("POST", "/api/clips/" + clip + "/reviews", "{\"days\":7,\"jobId\":\"" + first + "\"}");
        String path = shared(review);
        Visitor client = new Visitor(mvc);
        client.json("POST", path + "/remarks", "{\"author\":\"Cy\",\"kind\":\"CHANGES\",\"text\":\"Say rowing\"}");
        long cue = track(clip).path("cues").path(0).path("id").asLong();
        edit(clip, "{\"kind\":\"retypeCue\",\"cueId\":" + cue + ",\"text\":\"Rowing home\"}");
        assertThat(client.json("GET", path, "").path("cues").toString())
                .as("a film stays as it was made")
                .doesNotContain("Rowing");
        String second = film(clip);
        String next = "/api/reviews/" + review.path("id").asString() + "/film";
        assertThat(said(designer().ask("PUT", next, "{\"jobId\":\"nothing\"}"))).isNotEmpty();
        designer().json("PUT", next, "{\"jobId\":\"" + second + "\"}");
        JsonNode seen = client.json("GET", path, "");
        assertThat(seen.path("round").asInt()).isEqualTo(2);
        assertThat(seen.has("verdict")).as("of the first version").isFalse();
        assertThat(seen.path("cues").toString()).contains("Rowing");
        assertThat(client.send(get(path + "/video").header("Range", "bytes=0-9"))
                        .getStatus())
                .isEqualTo(206);
        designer().json("DELETE", "/api/jobs/" + second, "");
        assertThat(said(client.ask("GET", path, ""))).contains("was removed");
    }

    private String film(String clip) throws Exception {
        String job = designer()
                .json("POST", "/api/clips/" + clip + "/renders", "{}")
                .path("id")
                .asString();
        JsonNode ended = Patience.await("the film")
                .until(() -> designer().json("GET", "/api/jobs/" + job, ""), now -> !now.path("open")
                        .asBoolean());
        assertThat(ended.path("state").asString()).isEqualTo("DONE");
        return job;
    }
}
