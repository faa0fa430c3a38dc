package nobrec.server.api.problem;

import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;

/** The database does not answer: told from other faults, and said in one way. */
public final class DatabaseAway {

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

    public static ProblemDetail problem() {
        return Problems.of(
                HttpStatus.SERVICE_UNAVAILABLE,
                "The database",
                "It does not answer just now.",
                "Wait a moment: the screen comes back by itself. Then look whether your last act was done.");
    }
}
