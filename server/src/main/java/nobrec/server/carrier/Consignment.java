package nobrec.server.carrier;

import java.math.BigDecimal;
import java.util.List;
import nobrec.core.address.PostalAddress;

/**
 * What a carrier is told, whichever it is; its adapter writes it in the carrier's own form. Weights in grams, sizes in
 * millimeters, phone in E.164 or empty. It is kept as JSON in the outbox, so that the same is sent again.
 */
public record Consignment(
        String service, String shipDate, String reference, Party from, Party to, List<Parcel> packages) {

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
}
