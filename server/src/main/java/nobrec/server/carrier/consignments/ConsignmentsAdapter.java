package nobrec.server.carrier.consignments;

import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import nobrec.server.carrier.CarrierPort;
import nobrec.server.carrier.CarrierQuote;
import nobrec.server.carrier.Consignment;
import nobrec.server.carrier.ManifestRequest;
import nobrec.server.carrier.PackageVoidPort;
import nobrec.server.carrier.PickupAsked;
import nobrec.server.carrier.PrepaidPort;
import nobrec.server.carrier.QuoteRequest;
import nobrec.server.carrier.QuoteTime;
import nobrec.server.carrier.TrackingNumbers;
import nobrec.server.connection.Connection;
import nobrec.server.connection.KeyedJsonCalls;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.connection.OutsidePath;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Carriers that take consignments as JSON (docs/outside-protocol.md): grams and millimeters, as we keep them. */
@Component
class ConsignmentsAdapter implements CarrierPort, PackageVoidPort, PrepaidPort {

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

    @Override
    public OutsideAnswer<String> makeVoid(Connection connection, String key, String bookingKey) {
        return calls.sendForText(
                connection, "POST", CONSIGNMENTS + OutsidePath.of(bookingKey) + "/void", key, Map.of());
    }

    @Override
    public OutsideAnswer<String> makeVoid(Connection connection, String key, String bookingKey, int packageNumber) {
        String address =
                CONSIGNMENTS + OutsidePath.of(bookingKey) + "/packages" + OutsidePath.of("" + packageNumber) + "/void";
        return calls.sendForText(connection, "POST", address, key, Map.of());
    }

    @Override
    public OutsideAnswer<String> manifest(Connection connection, String key, ManifestRequest request) {
        return calls.send(connection, "POST", "/manifests", key, request)
                .then(body -> new OutsideAnswer.Accepted<>(body.path("manifest").asString("")));
    }

    @Override
    public OutsideAnswer<String> askForPickup(Connection connection, String key, PickupAsked pickup) {
        return calls.send(connection, "POST", "/pickups", key, pickup)
                .then(body ->
                        new OutsideAnswer.Accepted<>(body.path("confirmation").asString("")));
    }

    @Override
    public OutsideAnswer<String> callPickupOff(Connection connection, String key, String confirmation) {
        return calls.sendForText(
                connection, "POST", "/pickups" + OutsidePath.of(confirmation) + "/call-off", key, Map.of());
    }

    @Override
    public OutsideAnswer<Balance> balance(Connection connection, String key) {
        return calls.send(connection, "POST", "/account/balance", key, Map.of())
                .then(body -> new OutsideAnswer.Accepted<>(new Balance(
                        body.path("balance").asString(""), body.path("currency").asString(""))));
    }

    @Override
    public OutsideAnswer<String> payIn(Connection connection, String key, Balance amount) {
        return calls.sendForText(connection, "POST", "/account/payments", key, amount);
    }

    private static OutsideAnswer<List<TrackingNumbers.Read>> numbers(JsonNode body) {
        return new OutsideAnswer.Accepted<>(
                StreamSupport.stream(body.path("packages").spliterator(), false)
                        .map(each -> new TrackingNumbers.Read(
                                each.path("number").asInt(0),
                                each.path("trackingNumber").asString("")))
                        .toList());
    }

    @Override
    public OutsideAnswer<CarrierQuote> quote(Connection connection, String key, QuoteRequest request) {
        return calls.send(connection, "POST", "/quotes", key, request).then(ConsignmentsAdapter::quote);
    }

    private static OutsideAnswer<CarrierQuote> quote(JsonNode body) {
        return new OutsideAnswer.Accepted<>(new CarrierQuote(
                body.path("quote").asString(""),
                QuoteTime.read(body.path("validUntil").asString("")),
                body.path("prices")
                        .valueStream()
                        .map(each -> new CarrierQuote.Price(
                                each.path("service").asString(""),
                                each.path("total").asString(""),
                                each.path("currency").asString("")))
                        .toList()));
    }
}
