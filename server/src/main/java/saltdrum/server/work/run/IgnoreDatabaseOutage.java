package saltdrum.server.work.run;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.transaction.TransactionException;

/** Calls that a database that is away for a moment does not stop anything by: what is done again and again anyway. */
public final class IgnoreDatabaseOutage {
    private static final Logger LOG = LoggerFactory.getLogger(IgnoreDatabaseOutage.class);

    private IgnoreDatabaseOutage() {}

    public static void call(Runnable call) {
        try {
            call.run();
        } catch (DataAccessException | TransactionException away) {
            // The next time will do.
            LOG.debug("not now", away);
        }
    }
}
