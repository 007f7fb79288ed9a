package saltdrum.server.store.style;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;
import saltdrum.server.TestDatabase;

/** Against a real PostgreSQL. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.NONE, properties = "salt-drum.workers=1")
class StyleStoreTest {
    @DynamicPropertySource
    static void database(DynamicPropertyRegistry registry) throws Exception {
        TestDatabase.register(registry);
    }

    @Autowired
    StyleStore styles;

    @Autowired
    JdbcTemplate sql;

    private int versions(String name) {
        return sql.queryForObject(
                "select count(*) from style_version v join style s on s.id = v.style_id where s.name = ?",
                Integer.class,
                name);
    }

    @Test
    void theShelfHoldsWhatShips() {
        assertThat(styles.all()).containsAll(new ShippedStyles().all());
        assertThat(styles.motions()).extracting(StyleRow::style).containsAll(new ShippedStyles().motions());
        assertThat(styles.get("lantern").name()).isEqualTo("Lantern");
        assertThatThrownBy(() -> styles.get("Foghorn")).hasMessageContaining("Tidemark");
    }

    @Test
    void aStyleThatShipsOtherwiseIsAVersionMoreAndTheSameOneIsNot() {
        int before = versions("Mallet");
        styles.ship();
        assertThat(versions("Mallet")).isEqualTo(before);
        sql.update(
                "update style_version set style = jsonb_set(style, '{about}', '\"As it once was\"')"
                        + " where style_id = (select id from style where name = 'Mallet') and version = ?",
                before);
        styles.ship();
        assertThat(versions("Mallet")).isEqualTo(before + 1);
        assertThat(styles.get("Mallet")).isEqualTo(new ShippedStyles().get("Mallet"));
    }

    /** Ours became a version more of theirs, on every clip that used it. */
    @Test
    void aStyleOfOnesOwnGivesWayToOneThatShipsNowAndIsKept() {
        sql.update("update style set shipped = false where name = 'Parcel'");
        sql.update("update style_version set style = jsonb_set(style, '{about}', '\"Our own\"')"
                + " where style_id = (select id from style where name = 'Parcel')");
        styles.ship();
        styles.ship();
        assertThat(styles.get("Parcel")).isEqualTo(new ShippedStyles().get("Parcel"));
        assertThat(styles.get("Parcel, ours").about()).isEqualTo("Our own");
        assertThat(styles.row("Parcel, ours", 0).shipped()).isFalse();
        assertThat(styles.has("Parcel, ours 2")).isFalse();
    }

    private static Style style(String name, double size) {
        return new Style(name, "A test", LookPatch.of(Facets.SIZE, size), List.of());
    }

    @Test
    void aStyleIsKeptWithItsVersionsAndAWayBack() {
        styles.save(style("Slack water", 60), false);
        assertThatThrownBy(() -> styles.save(style("slack Water", 70), false)).hasMessageContaining("already");
        StyleRow second = styles.save(style("Slack water", 70), true);
        assertThat(second.version()).isEqualTo(2);
        assertThat(styles.get("Slack water", 1)).isEqualTo(style("Slack water", 60));
        assertThat(styles.versions("Slack water")).extracting(StyleRow::version).containsExactly(2, 1);
        assertThat(styles.takeBack("Slack water", 1).style()).isEqualTo(style("Slack water", 60));
        assertThat(styles.get("Slack water", 2)).isEqualTo(style("Slack water", 70));
    }

    @Test
    void aStyleWithAnotherNameIsFoundByTheOldOne() {
        styles.save(style("Ebb", 60), false);
        styles.rename("Ebb", "Low ebb", null);
        assertThat(styles.get("Ebb").name()).isEqualTo("Low ebb");
        assertThat(styles.get("Ebb", 1).plain().number(Facets.SIZE)).isEqualTo(60);
        assertThatThrownBy(() -> styles.rename("Low ebb", "Mallet", null)).hasMessageContaining("already");
        assertThatThrownBy(() -> styles.rename("Mallet", "Hammer", null)).hasMessageContaining("ships");
        // A new one may have the name; it wins.
        styles.save(style("Ebb", 90), false);
        assertThat(styles.get("Ebb").plain().number(Facets.SIZE)).isEqualTo(90);
    }

    @Test
    void whatIsPutAwayStandsInNoStripAndIsStillFound() {
        styles.save(style("Spring tide", 60), false);
        styles.putAway("Spring tide", true);
        assertThat(styles.all()).noneMatch(style -> style.name().equals("Spring tide"));
        assertThat(styles.get("Spring tide")).isEqualTo(style("Spring tide", 60));
        styles.putAway("Spring tide", false);
        assertThat(styles.all()).anyMatch(style -> style.name().equals("Spring tide"));
    }
}
