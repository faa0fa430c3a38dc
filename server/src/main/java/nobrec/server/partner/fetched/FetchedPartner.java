package nobrec.server.partner.fetched;

import java.net.URI;
import nobrec.server.connection.Connection;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.partner.PartnerPort;
import org.springframework.stereotype.Component;

/** Partners that come for what is theirs: it lies ready from the start. */
@Component
class FetchedPartner implements PartnerPort {

    private static final String SCHEME = "fetched";

    @Override
    public String adapterName() {
        return "partner-fetched";
    }

    @Override
    public boolean canCall(URI address) {
        return SCHEME.equals(address.getScheme());
    }

    @Override
    public String addressForm() {
        return "fetched:// and a word for whoever comes";
    }

    @Override
    public boolean isFetched() {
        return true;
    }

    @Override
    public OutsideAnswer<Receipt> deliver(Connection connection, Delivery delivery) {
        return new OutsideAnswer.Accepted<>(new Receipt("It lies ready to be fetched.", ""));
    }
}
