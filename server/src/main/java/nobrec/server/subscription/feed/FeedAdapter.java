package nobrec.server.subscription.feed;

import java.net.URI;
import nobrec.server.connection.Connection;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.subscription.EventPort;
import org.springframework.stereotype.Component;

/** Subscribers that come for events: nobody calls them. */
@Component
class FeedAdapter implements EventPort {

    private static final String SCHEME = "fetched";

    @Override
    public String adapterName() {
        return FETCHED;
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
    public OutsideAnswer<String> deliver(Connection connection, String key, String body) {
        return new OutsideAnswer.Accepted<>("It lies ready to be fetched.");
    }
}
