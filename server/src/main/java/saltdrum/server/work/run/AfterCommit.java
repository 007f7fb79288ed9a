package saltdrum.server.work.run;

import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** What has sense only when others can see what was written. */
final class AfterCommit {
    private AfterCommit() {}

    /** At once where no transaction is open; never where it is rolled back. */
    static void run(Runnable what) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            what.run();
            return;
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                what.run();
            }
        });
    }
}
