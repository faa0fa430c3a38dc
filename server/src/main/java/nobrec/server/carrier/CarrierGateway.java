package nobrec.server.carrier;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.regex.Pattern;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.Carrier;
import nobrec.server.connection.Adapters;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Connections;
import nobrec.server.connection.HttpCalls;
import nobrec.server.connection.OutsideAnswer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Books consignments with carriers, each through its connection's adapter. */
@Component
public class CarrierGateway {

    private static final int LONGEST_NUMBER = 60;
    private static final Pattern FIGURE = Pattern.compile("-?[0-9]{1,9}\\.[0-9]{2}");

    private final Connections connections;
    private final Adapters<CarrierPort> adapters;
    private final HttpCalls calls;
    private final JsonMapper json;

    CarrierGateway(Connections connections, List<CarrierPort> adapters, HttpCalls calls, JsonMapper json) {
        this.connections = connections;
        this.adapters = new Adapters<>(adapters);
        this.calls = calls;
        this.json = json;
    }

    /** @throws Refusal when nothing can be booked with the carrier, before anything is begun */
    public void requireConnected(Carrier carrier) {
        adapters.of(connections.to(carrier.code()));
    }

    /** Books under a key; the same key books once. */
    public OutsideAnswer<TrackingNumbers> book(Carrier carrier, String key, String consignmentJson) {
        Connection connection = connections.to(carrier.code());
        return adapters.of(connection)
                .book(connection, key, json.readValue(consignmentJson, Consignment.class))
                .then(numbers -> TrackingNumbers.checked(carrier, numbers));
    }

    /** What the carrier would ask; a quote that cannot be used is refused here, with the reason. */
    public OutsideAnswer<CarrierQuote> quote(Carrier carrier, String key, QuoteRequest request, String currency) {
        Connection connection = connections.to(carrier.code());
        return adapters.of(connection)
                .quote(connection, key, request)
                .then(quote -> quote.fault(currency)
                        .<OutsideAnswer<CarrierQuote>>map(OutsideAnswer.Refused::new)
                        .orElseGet(() -> new OutsideAnswer.Accepted<>(quote)));
    }

    /** What the carrier has under that key. */
    public OutsideAnswer<TrackingNumbers> lookUp(Carrier carrier, String key) {
        Connection connection = connections.to(carrier.code());
        return adapters.of(connection)
                .lookUp(connection, key)
                .then(numbers -> TrackingNumbers.checked(carrier, numbers));
    }

    /** Makes void what was booked under a key. */
    public OutsideAnswer<String> makeVoid(Carrier carrier, String key, String bookingKey) {
        Connection connection = connections.to(carrier.code());
        return adapters.of(connection).makeVoid(connection, key, bookingKey);
    }

    /** Whether a carrier makes one package of a consignment void. */
    public boolean voidsPackages(Carrier carrier) {
        return adapters.of(connections.to(carrier.code())) instanceof PackageVoidPort;
    }

    /** Makes one package of what was booked under a key void. */
    public OutsideAnswer<String> makeVoid(Carrier carrier, String key, String bookingKey, int packageNumber) {
        Connection connection = connections.to(carrier.code());
        return adapters.of(connection) instanceof PackageVoidPort port
                ? port.makeVoid(connection, key, bookingKey, packageNumber)
                : new OutsideAnswer.Refused<>("Only whole consignments are made void.");
    }

    /** What an account that is paid beforehand holds; one in another currency, or no figure, is refused here. */
    public OutsideAnswer<BigDecimal> balance(Carrier carrier, String key, String currency) {
        Connection connection = connections.to(carrier.code());
        return adapters.of(connection) instanceof PrepaidPort port
                ? port.balance(connection, key).then(balance -> read(balance, currency))
                : new OutsideAnswer.Refused<>("Its account is not paid beforehand.");
    }

    private static OutsideAnswer<BigDecimal> read(PrepaidPort.Balance balance, String currency) {
        return balance.currency().equals(currency)
                        && FIGURE.matcher(balance.amount()).matches()
                ? new OutsideAnswer.Accepted<>(new BigDecimal(balance.amount()))
                : new OutsideAnswer.Refused<>("It gave no balance in " + currency + ".");
    }

    /** Pays into an account; the same key pays once. */
    public OutsideAnswer<String> payIn(Carrier carrier, String key, String amount, String currency) {
        Connection connection = connections.to(carrier.code());
        return adapters.of(connection) instanceof PrepaidPort port
                ? port.payIn(connection, key, new PrepaidPort.Balance(amount, currency))
                : new OutsideAnswer.Refused<>("Its account is not paid beforehand.");
    }

    /** Asks for the manifest of what its driver takes; one without a number is none. */
    public OutsideAnswer<String> manifest(Carrier carrier, String key, ManifestRequest request) {
        Connection connection = connections.to(carrier.code());
        return adapters.of(connection).manifest(connection, key, request).then(CarrierGateway::usable);
    }

    /** Asks for a pickup; one without a number is not confirmed. */
    public OutsideAnswer<String> askForPickup(Carrier carrier, String key, PickupAsked pickup) {
        Connection connection = connections.to(carrier.code());
        return adapters.of(connection).askForPickup(connection, key, pickup).then(CarrierGateway::usable);
    }

    private static OutsideAnswer<String> usable(String number) {
        return number.isBlank() || number.length() > LONGEST_NUMBER
                ? new OutsideAnswer.Unknown<>("The carrier gave no usable number.")
                : new OutsideAnswer.Accepted<>(number);
    }

    public OutsideAnswer<String> callPickupOff(Carrier carrier, String key, String confirmation) {
        Connection connection = connections.to(carrier.code());
        return adapters.of(connection).callPickupOff(connection, key, confirmation);
    }

    /** Whether a carrier says what becomes of packages. */
    public boolean tracks(Carrier carrier) {
        return adapters.of(connections.to(carrier.code())) instanceof TrackingPort;
    }

    /** What a carrier knows of some packages. */
    public OutsideAnswer<List<PackageNews>> track(
            Carrier carrier, String key, List<String> trackingNumbers, Instant askedAt) {
        Connection connection = connections.to(carrier.code());
        return adapters.of(connection) instanceof TrackingPort port
                ? port.track(connection, key, trackingNumbers, askedAt)
                : new OutsideAnswer.Refused<>("It does not say what becomes of packages.");
    }

    /** What a carrier tells unasked. */
    public OutsideAnswer<List<PackageNews>> readPushed(Carrier carrier, String body) {
        return adapters.of(connections.to(carrier.code())) instanceof TrackingPort port
                ? port.readPushed(body)
                : new OutsideAnswer.Refused<>("It does not say what becomes of packages.");
    }

    /** The next call reaches the carrier, even if it did not answer lately. */
    public void callAllTheSame(Carrier carrier) {
        calls.callAllTheSame(carrier.code());
    }

    /** As it is kept in the outbox. */
    public String write(Consignment consignment) {
        return json.writeValueAsString(consignment);
    }
}
