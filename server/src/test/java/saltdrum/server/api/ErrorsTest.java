package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.ProblemDetail;

class ErrorsTest {
    private final Errors errors = new Errors();

    private ProblemDetail database(String state) {
        return errors.database(
                new DataAccessResourceFailureException("", new SQLException("could not extend file", state)));
    }

    /** SQLSTATE disk_full (PostgreSQL, appendix A). */
    @Test
    void aFullDiskOfTheDatabaseIsToldAsFull() {
        assertThat(database("53100").getStatus()).isEqualTo(507);
        assertThat(database("53100").getDetail()).contains("disk of the database is full");
    }

    @Test
    void aDatabaseThatIsAwayIsToldAsAway() {
        assertThat(database("08006").getStatus()).isEqualTo(503);
    }
}
