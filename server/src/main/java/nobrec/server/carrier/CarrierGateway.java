package nobrec.server.carrier;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import nobrec.core.address.PostalAddress;
import nobrec.core.service.Carrier;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.outside.OutsideAnswer;
import nobrec.server.platform.outside.OutsideCalls;
import nobrec.server.platform.outside.OutsidePath;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Books consignments with carriers over HTTP. Another carrier's own protocol would be another such adapter. */
@Component
public class CarrierGateway {

    /** What a carrier is told. Weights in grams, sizes in millimeters, phone in E.164 or empty. */
    public record Consignment(
            String service, String shipDate, String reference, Party from, Party to, List<Parcel> packages) {}

    public record Party(
            String name,
            String street,
            String street2,
            String city,
            String state,
            String postalCode,
            String country,
            String phone) {

        public static Party of(PostalAddress address, String phone) {
            return new Party(
                    address.name(),
                    address.street(),
                    address.street2(),
                    address.city(),
                    address.state(),
                    address.postalCode(),
                    address.country(),
                    phone);
        }
    }

    public record Parcel(
            int number,
            BigDecimal weightGrams,
            BigDecimal lengthMillimeters,
            BigDecimal widthMillimeters,
            BigDecimal heightMillimeters) {}

    /** What a carrier answered. */
    public sealed interface Booking {

        /** @param trackingNumbers by package number */
        record Accepted(Map<Integer, String> trackingNumbers) implements Booking {}

        record Refused(String reason) implements Booking {}

        /** The carrier says it has nothing under that key. */
        record NeverArrived() implements Booking {}

        record Unknown(String reason) implements Booking {}
    }

    private static final int LONGEST_NUMBER = 40;

    private final OutsideCalls calls;
    private final JsonMapper json;

    CarrierGateway(OutsideCalls calls, JsonMapper json) {
        this.calls = calls;
        this.json = json;
    }

    /** Books under a key; the same key books once. */
    public Booking book(Carrier carrier, String key, String consignmentJson) {
        return read(carrier, calls.send(carrier.name(), "POST", consignments(carrier), key, consignmentJson));
    }

    /** What the carrier has under that key. */
    public Booking lookUp(Carrier carrier, String key) {
        return read(carrier, calls.lookUp(carrier.name(), consignments(carrier) + OutsidePath.of(key), key));
    }

    /** The next call reaches the carrier, even if it did not answer lately. */
    public void callAllTheSame(Carrier carrier) {
        calls.callAllTheSame(carrier.name());
    }

    public String write(Consignment consignment) {
        return json.writeValueAsString(consignment);
    }

    private static Booking read(Carrier carrier, OutsideAnswer answer) {
        if (answer instanceof OutsideAnswer.Accepted accepted) {
            return trackingNumbers(carrier, accepted.body());
        }
        if (answer instanceof OutsideAnswer.Refused refused) {
            return new Booking.Refused(refused.reason());
        }
        if (answer instanceof OutsideAnswer.Unknown unknown) {
            return new Booking.Unknown(unknown.reason());
        }
        return new Booking.NeverArrived();
    }

    private static Booking trackingNumbers(Carrier carrier, JsonNode body) {
        Map<Integer, String> numbers = new TreeMap<>();
        for (JsonNode each : body.path("packages")) {
            String number = each.path("trackingNumber").asString("");
            if (!carrier.trackingForm().accepts(number)) {
                return new Booking.Unknown(carrier.name() + " answered with a tracking number that cannot be right: “"
                        + Shortened.to(LONGEST_NUMBER, number) + "”.");
            }
            if (numbers.containsValue(number) || numbers.put(each.path("number").asInt(0), number) != null) {
                return new Booking.Unknown(carrier.name() + " gave two packages the same number.");
            }
        }
        return new Booking.Accepted(numbers);
    }

    private static String consignments(Carrier carrier) {
        return OutsidePath.of(carrier.code().toLowerCase(Locale.ROOT), "consignments");
    }
}
