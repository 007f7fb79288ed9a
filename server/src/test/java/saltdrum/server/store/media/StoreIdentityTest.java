package saltdrum.server.store.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import saltdrum.core.SaltDrumException;
import saltdrum.server.store.OnAStoredTrack;

/** Two servers on one database, of which one saw another folder of media. */
class StoreIdentityTest extends OnAStoredTrack {
    @Autowired
    private MediaFileMapper files;

    private void check(boolean adopt) {
        new StoreIdentity(media, files, adopt).afterPropertiesSet();
    }

    private Path mark() {
        return media.file(files.storeMark());
    }

    @Test
    void theStoreIsMarkedAtTheFirstStartAndKnownAtTheNext() {
        String mark = files.storeMark();
        assertThat(mark()).exists();
        assertThatCode(() -> check(false)).doesNotThrowAnyException();
        assertThat(files.storeMark()).isEqualTo(mark);
        sql.update("update media_file set created = now() - interval '1 hour' where hash = ?", mark);
        media.sweep();
        assertThat(mark()).as("nothing else refers to it").exists();
    }

    @Test
    void anotherStoreIsRefusedInASentenceAndTakenOnlyWhenThatIsMeant() throws Exception {
        Path aside = mark().resolveSibling("aside");
        Files.move(mark(), aside);
        try {
            assertThatThrownBy(() -> check(false))
                    .isInstanceOf(SaltDrumException.class)
                    .hasMessageContaining("are not those that this workshop's database tells of")
                    .hasMessageContaining("SALT_DRUM_ADOPT_MEDIA");
            check(true);
            assertThat(mark()).exists();
            assertThatCode(() -> check(false)).doesNotThrowAnyException();
        } finally {
            Files.delete(aside);
        }
    }
}
