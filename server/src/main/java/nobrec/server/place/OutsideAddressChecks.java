package nobrec.server.place;

import java.util.List;
import java.util.UUID;
import nobrec.core.address.OutsideVerdict;
import nobrec.core.address.PostalAddress;
import nobrec.core.refusal.Refusal;
import nobrec.server.connection.Adapters;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Connections;
import nobrec.server.connection.OutsideAnswer;
import org.springframework.stereotype.Component;

/** Asks the address service that the shop is connected to. Our own check goes on without it. */
@Component
public class OutsideAddressChecks {

    private static final String REMEDY = "Go on with our own check, or ask again later.";

    /** @param service what the connection is called */
    public record Answer(String service, OutsideVerdict verdict) {}

    private final Connections connections;
    private final Adapters<AddressServicePort> adapters;

    OutsideAddressChecks(Connections connections, List<AddressServicePort> adapters) {
        this.connections = connections;
        this.adapters = new Adapters<>(adapters);
    }

    /** @throws Refusal where none is connected, or it gives no answer that can be used */
    public Answer check(PostalAddress address) {
        Connection to = connections.to(Connections.ADDRESS_SERVICE);
        OutsideAnswer<OutsideVerdict> answer =
                adapters.of(to).check(to, UUID.randomUUID().toString(), address);
        if (answer instanceof OutsideAnswer.Accepted<OutsideVerdict> accepted) {
            return new Answer(to.name(), accepted.result());
        }
        throw Refusal.outside(
                to.name(),
                answer instanceof OutsideAnswer.Refused<?> refused
                        ? refused.reason()
                        : answer instanceof OutsideAnswer.Unknown<?> unknown ? unknown.reason() : "It gave no answer.",
                REMEDY);
    }
}
