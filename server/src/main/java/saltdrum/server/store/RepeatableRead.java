package saltdrum.server.store;

import java.util.function.Supplier;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Runs several statements on one snapshot of the database (REPEATABLE READ) and retries after a serialisation
 * failure.
 */
@Component
public class RepeatableRead {
    private static final int MOST_TRIES = 50;

    private final TransactionTemplate transaction;

    RepeatableRead(PlatformTransactionManager transactions) {
        transaction = new TransactionTemplate(transactions);
        transaction.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
    }

    public <T> T run(Supplier<T> work) {
        for (int i = 1; ; i++) {
            try {
                return transaction.execute(status -> work.get());
            } catch (ConcurrencyFailureException othersWereFirst) {
                if (i == MOST_TRIES) {
                    throw othersWereFirst;
                }
            }
        }
    }
}
