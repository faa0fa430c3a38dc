package nobrec.server.carrier.waybills;

import static org.assertj.core.api.Assertions.assertThat;

import io.github.resilience4j.circuitbreaker.CircuitBreakerRegistry;
import java.io.IOException;
import java.math.BigDecimal;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.server.carrier.CarrierQuote;
import nobrec.server.carrier.Consignment;
import nobrec.server.carrier.QuoteRequest;
import nobrec.server.carrier.TrackingNumbers;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Credentials;
import nobrec.server.connection.HttpCalls;
import nobrec.server.connection.OutsideAnswer;
import nobrec.standins.StandIns;
import nobrec.standins.http.Behavior;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** A carrier with another API, on the stand-in that speaks it. */
class WaybillsAdapterTest {

    @TempDir
    private Path folder;

    private StandIns standIns;
    private WaybillsAdapter adapter;

    @BeforeEach
    void start() throws IOException {
        Path records = Files.writeString(folder.resolve("records.json"), "{\"orders\":[]}");
        standIns = StandIns.start(new StandIns.Settings(0, 0, folder.resolve("data"), records));
        adapter = new WaybillsAdapter(new HttpCalls(CircuitBreakerRegistry.ofDefaults()));
    }

    @AfterEach
    void stop() {
        standIns.close();
    }

    private Connection connection(String password) {
        return new Connection(
                "WHIMBREL",
                "Whimbrel Lines",
                adapter.adapterName(),
                URI.create("http://127.0.0.1:" + standIns.httpPort() + "/whimbrel"),
                Duration.ofSeconds(1),
                Optional.of(new Credentials("shop-417", password)));
    }

    private OutsideAnswer<List<TrackingNumbers.Read>> book(String key, String phone) {
        return adapter.book(connection("lowland-reed"), key, consignment(phone));
    }

    private static Consignment consignment(String phone) {
        return new Consignment(
                "WHM-LTL",
                "2026-12-01",
                "T & <1>",
                new Consignment.Party("Shop", "1 Mill Rd", "", "Dayton", "OH", "45402", "US", "+19375550100"),
                new Consignment.Party("“Pell” & Sons", "2200 Foundry", "", "Tucson", "AZ", "85701", "US", phone),
                List.of(parcel(1), parcel(2)),
                "",
                null,
                null);
    }

    private static Consignment.Parcel parcel(int number) {
        return new Consignment.Parcel(
                number, new BigDecimal("1234.56"), BigDecimal.TEN, BigDecimal.TEN, new BigDecimal("304.8"));
    }

    @Test
    void aQuoteIsReadWithItsNumberItsPricesAndHowLongItIsValid() {
        Instant askedAt = Instant.parse("2026-12-01T19:05:00Z");
        QuoteRequest request = new QuoteRequest(
                List.of("WHM-LTL", "WHM-FAST"), List.of("RESIDENCE"), askedAt, consignment("+15205550100"));
        OutsideAnswer<CarrierQuote> answer = adapter.quote(connection("lowland-reed"), "key-9", request);
        // Two packages of 1.235 kg: 2 x 7.90 + 2.470 x 1.15 + 4.20 = 22.84; the second service half as much again.
        assertThat(answer)
                .isEqualTo(new OutsideAnswer.Accepted<>(new CarrierQuote(
                        "WHIMBREL-Q1",
                        Optional.of(Instant.parse("2026-12-01T19:35:00Z")),
                        List.of(
                                new CarrierQuote.Price("WHM-LTL", "22.84", "USD"),
                                new CarrierQuote.Price("WHM-FAST", "34.26", "USD")))));
        assertThat(adapter.quote(connection("wrong"), "key-9", request)).isInstanceOf(OutsideAnswer.Unknown.class);
    }

    @Test
    void booksOnceForEachKeyAndFindsItAgain() {
        OutsideAnswer<List<TrackingNumbers.Read>> booked = book("key-1", "+15205550100");
        assertThat(booked)
                .isEqualTo(new OutsideAnswer.Accepted<>(List.of(
                        new TrackingNumbers.Read(1, "WL900417000009"), new TrackingNumbers.Read(2, "WL900417000016"))));
        assertThat(book("key-1", "+15205550100")).isEqualTo(booked);
        assertThat(adapter.lookUp(connection("lowland-reed"), "key-1")).isEqualTo(booked);
        assertThat(adapter.lookUp(connection("lowland-reed"), "key-2")).isEqualTo(new OutsideAnswer.NotFound<>());
    }

    @Test
    void itsOwnFaultsAreRefusals() {
        assertThat(book("key-3", ""))
                .isEqualTo(new OutsideAnswer.Refused<>("The consignment lacks the receiver's phone number."));
        assertThat(adapter.lookUp(connection("lowland-reed"), "key-3")).isInstanceOf(OutsideAnswer.Refused.class);
    }

    @Test
    void voidsOnceAndSaysSoHoweverOftenItIsAsked() {
        book("key-21", "+15205550100");
        assertThat(adapter.makeVoid(connection("lowland-reed"), "void-1", "key-21"))
                .isInstanceOfSatisfying(
                        OutsideAnswer.Accepted.class,
                        answer -> assertThat(answer.result()).asString().contains("is void"));
        assertThat(adapter.makeVoid(connection("lowland-reed"), "void-2", "key-21"))
                .isInstanceOfSatisfying(
                        OutsideAnswer.Accepted.class,
                        answer -> assertThat(answer.result()).asString().contains("void already"));
        assertThat(adapter.makeVoid(connection("lowland-reed"), "void-3", "key-<none>"))
                .isEqualTo(new OutsideAnswer.Refused<>("No consignment has this key."));
    }

    @Test
    void aWrongPasswordLeavesItOpen() {
        assertThat(adapter.book(connection("heath"), "key-4", consignment("+15205550100")))
                .isEqualTo(new OutsideAnswer.Unknown<>(
                        "Whimbrel Lines did not answer as agreed (401): Name or password are not right."));
    }

    /** Whatever it does but answer as agreed, the booking is open; asked again when it is well, it is known. */
    @ParameterizedTest
    @EnumSource(
            value = Behavior.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"NORMAL", "SLOW", "ANY", "LATIN_1", "SAME_NUMBER"})
    void everythingElseIsNotKnown(Behavior behavior) {
        standIns.behave("whimbrel", behavior);
        assertThat(book("key-5", "+15205550100")).isInstanceOf(OutsideAnswer.Unknown.class);
        standIns.behave("whimbrel", Behavior.NORMAL);
        assertThat(book("key-5", "+15205550100")).isInstanceOf(OutsideAnswer.Accepted.class);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "<waybill requestId='k'><unit no='1' barcode='A'/></waybill>|WAYBILL",
                "<fault requestId='k' code='R99'/>|REJECTED",
                "<fault requestId='k' code='N04'/>|NO_SUCH_REQUEST",
                "<fault requestId='k' code='B07'/>|UNCLEAR",
                "<other requestId='k'/>|UNCLEAR",
                "<waybill requestId='k'>|UNCLEAR",
                "{}|UNCLEAR",
                "~~|UNCLEAR",
                "<!DOCTYPE waybill [<!ENTITY a SYSTEM 'file:///etc/hostname'>]><waybill requestId='k'>&a;</waybill>|UNCLEAR",
            })
    void readsWhatIsADocumentOfTheirs(String body, WaybillAnswer.Kind kind) {
        assertThat(WaybillAnswer.read(body).kind()).isEqualTo(kind);
    }

    /** 1 kg = 1000 g, 1 cm = 10 mm (SI); what is cut off is rounded up. */
    @Test
    void writesKilogramsAndCentimeters() {
        assertThat(WaybillRequest.write("k", consignment("")))
                .contains(
                        "kilograms=\"1.235\"",
                        "height=\"30.5\"",
                        "<shipperReference>T &amp; &lt;1&gt;</shipperReference>");
    }
}
