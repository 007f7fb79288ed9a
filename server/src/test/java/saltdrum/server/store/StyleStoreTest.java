package saltdrum.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import saltdrum.core.style.ShippedStyles;
import saltdrum.server.TestDatabase;

/** Against a real PostgreSQL. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.NONE,
        properties = {"salt-drum.data=target/store-test", "salt-drum.workers=1"})
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
        assertThat(styles.all()).isEqualTo(new ShippedStyles().all());
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
}
