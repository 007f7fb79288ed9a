package saltdrum.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;
import saltdrum.server.Patience;

/**
 * A worker that is stopped inside a transaction. It held the lock of the bytes that it kept, so that who made the same film
 * after it waited for as long as it slept.
 */
class IdleTransactionTest extends OnAStoredTrack {
    private static final String LIMIT = "idle_in_transaction_session_timeout";

    @Autowired
    private TransactionTemplate transaction;

    @Test
    void theDatabaseEndsAnIdleTransaction() {
        assertThat(sql.queryForObject("show " + LIMIT, String.class)).isEqualTo("20s");
    }

    @Test
    void workOfAnEndedTransactionMayBeRetried() {
        Throwable fault = catchThrowable(() -> transaction.executeWithoutResult(status -> {
            sql.execute("set local " + LIMIT + " = '50ms'");
            int session = sql.queryForObject("select pg_backend_pid()", Integer.class);
            Patience.await("the session to be ended").until(() -> ended(session));
            sql.execute("select 1");
        }));
        assertThat(TransientDatabaseFault.is(fault)).as(String.valueOf(fault)).isTrue();
        assertThat(sql.queryForObject("select 1", Integer.class)).isOne();
    }

    /** Asked from another connection. */
    private boolean ended(int session) throws Exception {
        try (var connection = sql.getDataSource().getConnection();
                var asked = connection.prepareStatement("select count(*) from pg_stat_activity where pid = ?")) {
            asked.setInt(1, session);
            try (var rows = asked.executeQuery()) {
                return rows.next() && rows.getInt(1) == 0;
            }
        }
    }
}
