package saltdrum.server.store;

import java.sql.SQLException;

/** Recognises errors caused by a full disk of the database. */
public final class FullDatabaseDisk {
    /** SQLSTATE disk_full (PostgreSQL, appendix A). */
    private static final String STATE = "53100";

    private FullDatabaseDisk() {}

    public static boolean is(Throwable fault) {
        for (Throwable e = fault; e != null; e = e.getCause()) {
            if (e instanceof SQLException sql && STATE.equals(sql.getSQLState())) {
                return true;
            }
        }
        return false;
    }
}
