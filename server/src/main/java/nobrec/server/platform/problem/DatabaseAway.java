package nobrec.server.platform.problem;

import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;

/** The database does not answer: told from other faults, and said in one way. */
public final class DatabaseAway {

    public static final String THING = "The database";
    public static final String REASON = "It does not answer just now.";
    public static final String CURE =
            "Wait a moment: the screen comes back by itself. Then look whether your last act was done.";

    private static final int DEEPEST = 12;

    private DatabaseAway() {}

    public static boolean isMeantBy(Throwable failed) {
        Throwable each = failed;
        for (int depth = 0; each != null && depth < DEEPEST; depth++) {
            if (each instanceof CannotCreateTransactionException
                    || each instanceof TransactionSystemException
                    || each instanceof DataAccessResourceFailureException
                    || each instanceof SQLTransientConnectionException
                    || each instanceof SQLNonTransientConnectionException) {
                return true;
            }
            each = each.getCause();
        }
        return false;
    }
}
