package nobrec.server.carrier.consignments;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.StreamSupport;
import nobrec.core.tracking.TrackingEventKind;
import nobrec.server.carrier.CarrierPort;
import nobrec.server.carrier.CarrierQuote;
import nobrec.server.carrier.Consignment;
import nobrec.server.carrier.ManifestRequest;
import nobrec.server.carrier.PackageNews;
import nobrec.server.carrier.PackageVoidPort;
import nobrec.server.carrier.PickupAsked;
import nobrec.server.carrier.PrepaidPort;
import nobrec.server.carrier.QuoteRequest;
import nobrec.server.carrier.QuoteTime;
import nobrec.server.carrier.TrackingNumbers;
import nobrec.server.carrier.TrackingPort;
import nobrec.server.connection.Connection;
import nobrec.server.connection.KeyedJsonCalls;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.connection.OutsidePath;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Carriers that take consignments as JSON (docs/outside-protocol.md): grams and millimeters, as we keep them. */
@Component
class ConsignmentsAdapter implements CarrierPort, PackageVoidPort, PrepaidPort, TrackingPort {

    private static final String CONSIGNMENTS = "/consignments";

    private static final Map<String, TrackingEventKind> EVENTS = Map.of(
            "PICKED_UP", TrackingEventKind.ACCEPTED,
            "IN_TRANSIT", TrackingEventKind.MOVED,
            "OUT_FOR_DELIVERY", TrackingEventKind.OUT_FOR_DELIVERY,
            "DELAYED", TrackingEventKind.DELAYED,
            "NOT_DELIVERED", TrackingEventKind.ATTEMPTED,
            "DAMAGED", TrackingEventKind.DAMAGED,
            "REFUSED", TrackingEventKind.REFUSED,
            "LOST", TrackingEventKind.LOST,
            "RETURNED", TrackingEventKind.SENT_BACK,
            "DELIVERED", TrackingEventKind.DELIVERED);

    private final KeyedJsonCalls calls;
    private final JsonMapper json;

    ConsignmentsAdapter(KeyedJsonCalls calls, JsonMapper json) {
        this.calls = calls;
        this.json = json;
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

    @Override
    public OutsideAnswer<List<PackageNews>> track(
            Connection connection, String key, List<String> trackingNumbers, Instant askedAt) {
        return calls.send(
                        connection,
                        "POST",
                        "/tracking",
                        key,
                        Map.of("askedAt", askedAt.toString(), "trackingNumbers", trackingNumbers))
                .then(ConsignmentsAdapter::news);
    }

    @Override
    public OutsideAnswer<List<PackageNews>> readPushed(String body) {
        try {
            return news(json.readTree(body));
        } catch (JacksonException notJson) {
            return new OutsideAnswer.Refused<>("It is no JSON.");
        }
    }

    private static OutsideAnswer<List<PackageNews>> news(JsonNode body) {
        return body.path("packages").isArray()
                ? new OutsideAnswer.Accepted<>(body.path("packages")
                        .valueStream()
                        .map(each -> new PackageNews(
                                each.path("trackingNumber").asString(""),
                                each.path("known").asBoolean(true),
                                each.path("expectedOn").asString(""),
                                each.path("events")
                                        .valueStream()
                                        .map(ConsignmentsAdapter::said)
                                        .toList()))
                        .toList())
                : new OutsideAnswer.Refused<>("It names no packages.");
    }

    private static PackageNews.Said said(JsonNode event) {
        String code = event.path("event").asString("");
        return new PackageNews.Said(
                event.path("id").asString(""),
                code,
                Optional.ofNullable(EVENTS.get(code)),
                event.path("at").asString(""),
                event.path("place").asString(""),
                event.path("text").asString(""));
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
