package fairacre.server.api;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;

/** Tells a database that is away from a fault of our own. */
final class Outages {

    static final String DETAIL = "The database is not answering at the moment.";
    static final String NEXT = "Nothing is lost; it is tried again by itself.";

    private Outages() {}

    /** Connections that can't be had or broke: SQLState class 08, or 57P when the server shuts down or starts up. */
    static boolean isOutage(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLTransientConnectionException
                    || cause instanceof CannotGetJdbcConnectionException
                    || cause instanceof CannotCreateTransactionException
                    || cause instanceof SQLException sql && isConnection(sql)) {
                return true;
            }
            // A rollback that failed because the connection broke hides what broke it.
            if (cause instanceof TransactionSystemException rollback
                    && rollback.getApplicationException() != null
                    && isOutage(rollback.getApplicationException())) {
                return true;
            }
        }
        return false;
    }

    private static boolean isConnection(SQLException failure) {
        String state = failure.getSQLState();
        return state != null && (state.startsWith("08") || state.startsWith("57P"));
    }
}
