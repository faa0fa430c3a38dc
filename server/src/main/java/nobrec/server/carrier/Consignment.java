package nobrec.server.carrier;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import nobrec.core.address.PhoneNumber;
import nobrec.core.address.PostalAddress;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.site.Site;
import org.jspecify.annotations.Nullable;

/**
 * What a carrier is told, whichever it is; its adapter writes it in the carrier's own form. Weights in grams, sizes in
 * millimeters, phone in E.164 or empty. It is kept as JSON in the outbox, so that the same is sent again.
 *
 * @param quote number of the carrier's quote that it is booked by; nothing, or empty text, for none
 */
public record Consignment(
        String service,
        String shipDate,
        String reference,
        Party from,
        Party to,
        List<Parcel> packages,
        @Nullable String quote) {

    /** From a shipment; each package by its weight, or by what is expected where it has not been weighed. */
    public static Consignment of(Shipment shipment, Jobs jobs, Site site, String service, LocalDate day, String quote) {
        WorkOrder job = jobs.leading();
        String phone = PhoneNumber.read(job.phone(), job.shipTo().country())
                .found()
                .map(PhoneNumber::e164)
                .orElse("");
        return new Consignment(
                service,
                day.toString(),
                jobs.numbers(),
                Party.of(site.address(), site.phone()),
                Party.of(job.shipTo(), phone),
                shipment.packages().stream().map(Parcel::of).toList(),
                quote);
    }

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
            BigDecimal heightMillimeters) {

        static Parcel of(Shipment.Package packed) {
            Weight weight = packed.weight().or(packed::expectedWeight).orElseThrow();
            return new Parcel(
                    packed.number(),
                    weight.in(WeightUnit.GRAM, 1),
                    packed.size().length().in(LengthUnit.MILLIMETER, 1),
                    packed.size().width().in(LengthUnit.MILLIMETER, 1),
                    packed.size().height().in(LengthUnit.MILLIMETER, 1));
        }
    }
}
