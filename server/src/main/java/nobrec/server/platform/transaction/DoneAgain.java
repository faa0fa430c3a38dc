package nobrec.server.platform.transaction;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * A transaction that the database gave up, because two stood in each other's way, is done again, unseen, a few times at the most. Only a
 * whole transaction can be done again, so one inside another is left to the outer one.
 */
final class DoneAgain {

    /** A transaction, begun and ended by the work itself. */
    interface Work<T> {
        T perform() throws Throwable;
    }

    private static final int AGAIN = 3;

    private static final Logger LOG = LoggerFactory.getLogger(DoneAgain.class);

    private DoneAgain() {}

    static <T> T perform(Work<T> work) throws Throwable {
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            return work.perform();
        }
        for (int left = AGAIN; left > 0; left--) {
            try {
                return work.perform();
            } catch (PessimisticLockingFailureException givenUp) {
                LOG.info("A transaction was given up by the database and is done again: {}", givenUp.getMessage());
            }
        }
        return work.perform();
    }
}
