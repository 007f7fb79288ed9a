package saltdrum.server.store;

import java.sql.SQLException;
import java.util.Set;
import org.springframework.dao.RecoverableDataAccessException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.transaction.CannotCreateTransactionException;

/** Recognises database errors that a retry may resolve: lost connections and serialisation failures. */
public final class TransientDatabaseFault {
    /** Classes of SQLSTATE: connection, transaction rolled back, resources, operator, system (PostgreSQL, appendix A). */
    private static final Set<String> CLASSES = Set.of("08", "40", "53", "57", "58");

    private TransientDatabaseFault() {}

    public static boolean is(Throwable fault) {
        for (Throwable e = fault; e != null; e = e.getCause()) {
            if (e instanceof TransientDataAccessException
                    || e instanceof RecoverableDataAccessException
                    || e instanceof CannotCreateTransactionException
                    || e instanceof SQLException sql && of(sql.getSQLState())) {
                return true;
            }
        }
        return false;
    }

    /** A pool that gives no connection says no state. */
    private static boolean of(String state) {
        return state == null || state.length() < 2 || CLASSES.contains(state.substring(0, 2));
    }
}
