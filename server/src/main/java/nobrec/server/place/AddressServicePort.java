package nobrec.server.place;

import nobrec.core.address.OutsideVerdict;
import nobrec.core.address.PostalAddress;
import nobrec.server.connection.Adapter;
import nobrec.server.connection.Connection;
import nobrec.server.connection.OutsideAnswer;

/** What we need of an address service outside; asking changes nothing there. */
public interface AddressServicePort extends Adapter {

    OutsideAnswer<OutsideVerdict> check(Connection connection, String key, PostalAddress address);
}
