package nobrec.server.partner.http;

import nobrec.server.connection.Connection;
import nobrec.server.connection.KeyedJsonCalls;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.connection.OutsidePath;
import nobrec.server.partner.PartnerPort;
import org.springframework.stereotype.Component;

/** Partners that take documents over HTTP, with a key, and may acknowledge in their answer (docs/outside-protocol.md). */
@Component
class HttpPartner implements PartnerPort {

    private final KeyedJsonCalls calls;

    HttpPartner(KeyedJsonCalls calls) {
        this.calls = calls;
    }

    @Override
    public String adapterName() {
        return "partner-http";
    }

    @Override
    public OutsideAnswer<Receipt> deliver(Connection connection, Delivery delivery) {
        return calls.sendDocument(
                        connection,
                        OutsidePath.of("ship-notices"),
                        delivery.key(),
                        delivery.mediaType(),
                        delivery.text())
                .then(answer -> new OutsideAnswer.Accepted<>(new Receipt(
                        answer.path("text").asString(""),
                        answer.path("acknowledgment").asString(""))));
    }
}
