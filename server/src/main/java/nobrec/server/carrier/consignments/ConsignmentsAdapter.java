package nobrec.server.carrier.consignments;

import java.util.List;
import java.util.stream.StreamSupport;
import nobrec.server.carrier.CarrierPort;
import nobrec.server.carrier.Consignment;
import nobrec.server.carrier.TrackingNumbers;
import nobrec.server.connection.Connection;
import nobrec.server.connection.KeyedJsonCalls;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.connection.OutsidePath;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Carriers that take consignments as JSON (docs/outside-protocol.md): grams and millimeters, as we keep them. */
@Component
class ConsignmentsAdapter implements CarrierPort {

    private static final String CONSIGNMENTS = "/consignments";

    private final KeyedJsonCalls calls;

    ConsignmentsAdapter(KeyedJsonCalls calls) {
        this.calls = calls;
    }

    @Override
    public String adapterName() {
        return "consignments-json";
    }

    @Override
    public OutsideAnswer<List<TrackingNumbers.Read>> book(Connection connection, String key, Consignment consignment) {
        return calls.send(connection, "POST", CONSIGNMENTS, key, consignment).then(ConsignmentsAdapter::numbers);
    }

    @Override
    public OutsideAnswer<List<TrackingNumbers.Read>> lookUp(Connection connection, String key) {
        return calls.lookUp(connection, CONSIGNMENTS + OutsidePath.of(key), key).then(ConsignmentsAdapter::numbers);
    }

    private static OutsideAnswer<List<TrackingNumbers.Read>> numbers(JsonNode body) {
        return new OutsideAnswer.Accepted<>(
                StreamSupport.stream(body.path("packages").spliterator(), false)
                        .map(each -> new TrackingNumbers.Read(
                                each.path("number").asInt(0),
                                each.path("trackingNumber").asString("")))
                        .toList());
    }
}
