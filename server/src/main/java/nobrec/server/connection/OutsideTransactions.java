package nobrec.server.connection;

import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Nothing outside is waited for while rows are locked. Whatever calls a system or a device asks this first. */
public final class OutsideTransactions {

    private OutsideTransactions() {}

    public static void require(Connection connection) {
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            throw new IllegalStateException(connection.name() + " must not be called inside a transaction.");
        }
    }
}
