package saltdrum.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleFile;
import saltdrum.core.word.Word;
import saltdrum.server.TestDatabase;
import saltdrum.server.store.clip.ClientStore;
import saltdrum.server.store.clip.ClipSearch;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.media.Shelf;
import saltdrum.server.store.track.HistoryRow;
import saltdrum.server.store.track.StoredTrack;
import saltdrum.server.store.track.TrackHistory;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.store.track.TrackVersion;
import saltdrum.server.work.run.WorkOrder;

/** A database of a former version, with clips, histories and waiting renders, goes on under this one. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.NONE,
        properties = {"salt-drum.workers=1", "spring.flyway.default-schema=museum"})
class MuseumTest {
    private static final String THREE_COATS = "97w8r32rvc54";

    @DynamicPropertySource
    static void database(DynamicPropertyRegistry registry) throws Exception {
        TestDatabase.register(registry);
        String address = Museum.restore("2026-11-26", "museum");
        registry.add("spring.datasource.url", () -> address);
    }

    @Autowired
    private ClipStore clips;

    @Autowired
    private ClientStore clients;

    @Autowired
    private TrackStore tracks;

    @Autowired
    private TrackHistory history;

    @Autowired
    private JdbcTemplate sql;

    @Test
    void clipsAndTheirTracksAreRead() {
        assertThat(clips.listed(ClipSearch.of(null, null, Shelf.HERE)))
                .hasSize(3)
                .allSatisfy(clip -> {
                    assertThat(clip.info().durationMs()).isBetween(5_000L, 60_000L);
                    assertThat(tracks.get(clip.id()).track().cues()).isNotEmpty();
                });
        Track track = tracks.get(THREE_COATS).track();
        assertThat(track.frame().sit()).isEqualTo(Frame.Sit.FIT);
        assertThat(track.style()).isEqualTo("Lantern");
        assertThat(track.words().filter(word -> word.emphasis() == 1))
                .extracting(Word::text)
                .containsExactly("Sand", "Friday.", "thin", "bell.", "once.", "not.");
        assertThat(tracks.translations(THREE_COATS)).containsExactly("es");
    }

    @Test
    void recipesOfClientsAreRead() {
        long oven = clients.named("Harbour Oven").id();
        assertThat(clients.recipes(oven)).extracting(Recipe::name).containsExactly("Narrow");
    }

    /** Every step of the history, back to the first and on again. */
    @Test
    void theWholeHistoryGoesBackAndOnAgain() {
        StoredTrack before = tracks.get(THREE_COATS);
        List<HistoryRow> steps = history.history(THREE_COATS);
        assertThat(steps).hasSizeGreaterThanOrEqualTo(9);
        StoredTrack first =
                history.goTo(THREE_COATS, TrackVersion.of(before.version()), 0).after();
        assertThat(first.track().style()).isNotEqualTo("Lantern");
        assertThat(first.track().words().filter(word -> word.emphasis() == 1))
                .extracting(Word::text)
                .doesNotContain("Sand")
                .contains("thin");
        long last = steps.stream()
                .filter(step -> !step.undone())
                .mapToLong(HistoryRow::seq)
                .max()
                .orElseThrow();
        StoredTrack again = history.goTo(THREE_COATS, TrackVersion.of(first.version()), last)
                .after();
        assertThat(again.track().cues()).isEqualTo(before.track().cues());
        assertThat(again.track().frame()).isEqualTo(before.track().frame());
        StoredTrack redone =
                history.redo(THREE_COATS, TrackVersion.of(again.version())).after();
        assertThat(redone.track())
                .as("what was undone in the old version can be done again")
                .isNotEqualTo(again.track());
        StoredTrack undone =
                history.undo(THREE_COATS, TrackVersion.of(redone.version())).after();
        assertThat(undone.track().cues()).isEqualTo(before.track().cues());
        assertThat(undone.track().styling()).isEqualTo(before.track().styling());
    }

    @Test
    void ordersThatWaitAreRead() {
        List<String> orders = sql.queryForList("select work_order::text from job", String.class);
        assertThat(orders).hasSize(8);
        List<WorkOrder.Render> renders = orders.stream()
                .map(WorkOrder.FORM::read)
                .filter(WorkOrder.Render.class::isInstance)
                .map(WorkOrder.Render.class::cast)
                .toList();
        assertThat(renders)
                .hasSize(4)
                .allSatisfy(render -> assertThat(render.style().name()).isEqualTo("Lantern"));
    }

    /** Also those that were kept before the newest of this version came. */
    @Test
    void everyVersionOfAStyleIsRead() {
        List<Style> styles = sql.queryForList("select style::text from style_version", String.class).stream()
                .map(StyleFile::read)
                .toList();
        assertThat(styles)
                .hasSizeGreaterThanOrEqualTo(3)
                .extracting(Style::name)
                .contains("Tidemark");
        assertThat(sql.queryForList(
                        "select style #>> '{entrance,amount}' from style_version where style ->> 'name' = 'Tidemark'"
                                + " and not style ? 'form'",
                        String.class))
                .as("the museum holds the first form")
                .containsExactly("0");
    }
}
