package nobrec.server.carrier;

import nobrec.server.connection.Connection;
import nobrec.server.connection.OutsideAnswer;

/** What an adapter can do besides, where the account with its carrier is paid beforehand. */
public interface PrepaidPort {

    /** An amount and its currency, as the carrier writes them. */
    record Balance(String amount, String currency) {}

    /** What the account holds; changes nothing there. */
    OutsideAnswer<Balance> balance(Connection connection, String key);

    /**
     * Pays in; the same key pays once.
     *
     * @return what the carrier says it did
     */
    OutsideAnswer<String> payIn(Connection connection, String key, Balance amount);
}
