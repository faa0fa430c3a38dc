package nobrec.server.carrier.waybills;

import java.net.http.HttpRequest;
import java.util.List;
import nobrec.server.carrier.CarrierPort;
import nobrec.server.carrier.Consignment;
import nobrec.server.carrier.TrackingNumbers;
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
class WaybillsAdapter implements CarrierPort {

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

    private OutsideAnswer<List<TrackingNumbers.Read>> ask(Connection connection, String key, HttpRequest request) {
        return calls.call(connection, request, (status, body) -> {
            WaybillAnswer answer = WaybillAnswer.read(body);
            if (status != ANSWERED || !answer.requestId().equals(key)) {
                throw new UnclearAnswer(connection.name(), status, answer.text());
            }
            return switch (answer.kind()) {
                case WAYBILL -> new OutsideAnswer.Accepted<>(answer.units());
                case REJECTED -> new OutsideAnswer.Refused<>(UnclearAnswer.shown(answer.text()));
                case NO_SUCH_REQUEST -> new OutsideAnswer.NotFound<>();
                case UNCLEAR -> throw new UnclearAnswer(connection.name(), status, answer.text());
            };
        });
    }
}
