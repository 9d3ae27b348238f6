package gatepin.web.sql;

import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import java.util.Set;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;

/** What ails the database. */
public enum DatabaseTrouble {
    /** It does not answer, or hung up. */
    GONE,
    /** It has no room to write. */
    FULL,
    OTHER;

    /** The server's numbers for a write that found no room: on a file, on a temporary file, in a table. */
    private static final Set<Integer> NO_ROOM = Set.of(3, 1021, 1026, 1114);

    /** The class of SQL states in which the connection is lost (SQL standard; from memory). */
    private static final String CONNECTION = "08";

    /** What a failure says of the database. */
    public static DatabaseTrouble of(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql) {
                if (NO_ROOM.contains(sql.getErrorCode())) {
                    return FULL;
                }
                boolean lost = sql.getSQLState() != null && sql.getSQLState().startsWith(CONNECTION);
                if (lost
                        || sql instanceof SQLTransientConnectionException
                        || sql instanceof SQLNonTransientConnectionException) {
                    return GONE;
                }
            }
        }
        return failure instanceof DataAccessResourceFailureException
                        || failure instanceof CannotCreateTransactionException
                        // it could neither be ended nor taken back: nobody is there any more
                        || failure instanceof TransactionSystemException
                ? GONE
                : OTHER;
    }
}
