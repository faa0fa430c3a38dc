package nobrec.server.carrier.waybills;

import java.net.http.HttpRequest;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import nobrec.server.carrier.CarrierPort;
import nobrec.server.carrier.CarrierQuote;
import nobrec.server.carrier.Consignment;
import nobrec.server.carrier.ManifestRequest;
import nobrec.server.carrier.PackageNews;
import nobrec.server.carrier.PickupAsked;
import nobrec.server.carrier.QuoteRequest;
import nobrec.server.carrier.TrackingNumbers;
import nobrec.server.carrier.TrackingPort;
import nobrec.server.connection.Connection;
import nobrec.server.connection.HttpCalls;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.connection.OutsidePath;
import nobrec.server.connection.UnclearAnswer;
import org.springframework.stereotype.Component;

/**
 * Carriers that take waybill requests as XML (docs/outside-protocol.md): kilograms and centimeters, our key in the document,
 * always answered with status 200, and faults with codes of their own.
 */
@Component
class WaybillsAdapter implements CarrierPort, TrackingPort {

    private static final int ANSWERED = 200;

    private final HttpCalls calls;

    WaybillsAdapter(HttpCalls calls) {
        this.calls = calls;
    }

    @Override
    public String adapterName() {
        return "waybills-xml";
    }

    @Override
    public OutsideAnswer<List<TrackingNumbers.Read>> book(Connection connection, String key, Consignment consignment) {
        HttpRequest request = HttpCalls.request(connection, "/waybills")
                .header("Content-Type", "application/xml; charset=utf-8")
                .POST(HttpRequest.BodyPublishers.ofString(WaybillRequest.write(key, consignment)))
                .build();
        return ask(connection, key, request).toARequest(connection.name());
    }

    @Override
    public OutsideAnswer<List<TrackingNumbers.Read>> lookUp(Connection connection, String key) {
        return ask(
                connection,
                key,
                HttpCalls.request(connection, "/requests" + OutsidePath.of(key) + "/waybill")
                        .GET()
                        .build());
    }

    @Override
    public OutsideAnswer<CarrierQuote> quote(Connection connection, String key, QuoteRequest request) {
        HttpRequest call = HttpCalls.request(connection, "/quotations")
                .header("Content-Type", "application/xml; charset=utf-8")
                .POST(HttpRequest.BodyPublishers.ofString(WaybillRequest.writeQuotation(key, request)))
                .build();
        return ask(connection, key, call, WaybillAnswer::quotation).toARequest(connection.name());
    }

    @Override
    public OutsideAnswer<String> makeVoid(Connection connection, String key, String bookingKey) {
        return send(connection, "/cancellations", key, WaybillRequest.writeCancellation(key, bookingKey));
    }

    @Override
    public OutsideAnswer<String> askForPickup(Connection connection, String key, PickupAsked pickup) {
        return send(connection, "/collections", key, WaybillRequest.writeCollection(key, pickup));
    }

    @Override
    public OutsideAnswer<String> callPickupOff(Connection connection, String key, String confirmation) {
        return send(connection, "/collections/off", key, WaybillRequest.writeCollectionOff(key, confirmation));
    }

    /** What the carrier answers is one text. */
    private OutsideAnswer<String> send(Connection connection, String path, String key, String document) {
        HttpRequest call = HttpCalls.request(connection, path)
                .header("Content-Type", "application/xml; charset=utf-8")
                .POST(HttpRequest.BodyPublishers.ofString(document))
                .build();
        return ask(connection, key, call, WaybillAnswer::text).toARequest(connection.name());
    }

    @Override
    public OutsideAnswer<String> manifest(Connection connection, String key, ManifestRequest request) {
        return send(connection, "/manifests", key, WaybillRequest.writeManifest(key, request));
    }

    @Override
    public OutsideAnswer<List<PackageNews>> track(
            Connection connection, String key, List<String> trackingNumbers, Instant askedAt) {
        HttpRequest call = HttpCalls.request(connection, "/inquiries")
                .header("Content-Type", "application/xml; charset=utf-8")
                .POST(HttpRequest.BodyPublishers.ofString(WaybillRequest.writeInquiry(key, trackingNumbers, askedAt)))
                .build();
        return calls.call(connection, call, (status, body) -> {
            Optional<WaybillAnswer.Tracing> tracing = WaybillAnswer.tracing(body);
            if (status == ANSWERED
                    && tracing.filter(each -> each.requestId().equals(key)).isPresent()) {
                return new OutsideAnswer.Accepted<>(tracing.get().units());
            }
            throw new UnclearAnswer(
                    connection.name(), status, WaybillAnswer.read(body).text());
        });
    }

    @Override
    public OutsideAnswer<List<PackageNews>> readPushed(String body) {
        return WaybillAnswer.tracing(body)
                .<OutsideAnswer<List<PackageNews>>>map(tracing -> new OutsideAnswer.Accepted<>(tracing.units()))
                .orElseGet(() -> new OutsideAnswer.Refused<>("It is no tracing document."));
    }

    private OutsideAnswer<List<TrackingNumbers.Read>> ask(Connection connection, String key, HttpRequest request) {
        return ask(connection, key, request, WaybillAnswer::units);
    }

    private <T> OutsideAnswer<T> ask(
            Connection connection, String key, HttpRequest request, Function<WaybillAnswer, T> result) {
        return calls.call(connection, request, (status, body) -> {
            WaybillAnswer answer = WaybillAnswer.read(body);
            if (status != ANSWERED || !answer.requestId().equals(key)) {
                throw new UnclearAnswer(connection.name(), status, answer.text());
            }
            return switch (answer.kind()) {
                case WAYBILL, QUOTATION, CANCELLATION, MANIFEST, COLLECTION ->
                    new OutsideAnswer.Accepted<>(result.apply(answer));
                case REJECTED -> new OutsideAnswer.Refused<>(UnclearAnswer.shown(answer.text()));
                case NO_SUCH_REQUEST -> new OutsideAnswer.NotFound<>();
                case UNCLEAR -> throw new UnclearAnswer(connection.name(), status, answer.text());
            };
        });
    }
}
