package saltdrum.server;

import java.util.Arrays;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationState;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import saltdrum.core.SaltDrumException;

/** Verifies that a worker's database has the schema of its server; a worker never migrates it. */
@Configuration
@ConditionalOnProperty(name = "salt-drum.role", havingValue = "worker")
class WorkerDatabase {
    /** The database is of another version than this worker. */
    static final class OtherVersionException extends SaltDrumException {
        OtherVersionException(String message) {
            super(message);
        }
    }

    @Bean
    FlywayMigrationStrategy onlyLooking() {
        return flyway -> {
            MigrationInfo[] pending = flyway.info().pending();
            if (pending.length > 0) {
                throw new OtherVersionException(
                        "The workshop's database is older than this worker, or was never used. Start the server of this version first.");
            }
            boolean newer = Arrays.stream(flyway.info().applied())
                    .anyMatch(applied -> applied.getState() == MigrationState.FUTURE_SUCCESS);
            if (newer) {
                throw new OtherVersionException(
                        "The workshop's database is newer than this worker. Bring the worker to the server's version.");
            }
        };
    }
}
