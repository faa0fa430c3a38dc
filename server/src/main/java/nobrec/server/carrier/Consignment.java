package nobrec.server.carrier;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.address.PhoneNumber;
import nobrec.core.address.PostalAddress;
import nobrec.core.declaration.CustomsDeclaration;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
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
 * @param customs what is declared where it leaves the country; nothing at home
 * @param expectedOn the day we promise by the carrier's own transit days; nothing where none is said
 */
public record Consignment(
        String service,
        String shipDate,
        String reference,
        Party from,
        Party to,
        List<Parcel> packages,
        @Nullable String quote,
        @Nullable DeclaredGoods customs,
        @Nullable String expectedOn) {

    /** The same, with the day on which it is to be there. */
    public Consignment expectedOn(LocalDate day) {
        return new Consignment(service, shipDate, reference, from, to, packages, quote, customs, day.toString());
    }

    /** From a shipment; each package by its weight, or by what is expected where it has not been weighed. */
    public static Consignment of(
            Shipment shipment,
            Jobs jobs,
            Site site,
            String service,
            LocalDate day,
            String quote,
            Optional<CustomsDeclaration> declared) {
        WorkOrder job = jobs.leading();
        return new Consignment(
                service,
                day.toString(),
                jobs.numbers(),
                Party.of(site.address(), site.phone()),
                Party.of(job.shipToOnPapers(), phone(job)),
                shipment.packages().stream().map(Parcel::of).toList(),
                quote,
                declared.map(DeclaredGoods::of).orElse(null),
                null);
    }

    /** One package the other way: from where a job went, back to the site. */
    public static Consignment back(WorkOrder job, Site site, String service, LocalDate day, Weight weight, Size size) {
        return new Consignment(
                service,
                day.toString(),
                job.number(),
                Party.of(job.shipToOnPapers(), phone(job)),
                Party.of(site.address(), site.phone()),
                List.of(Parcel.of(1, weight, size)),
                "",
                null,
                null);
    }

    private static String phone(WorkOrder job) {
        return PhoneNumber.read(job.phone(), job.shipTo().country())
                .found()
                .map(PhoneNumber::e164)
                .orElse("");
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
            return of(
                    packed.number(), packed.weight().or(packed::expectedWeight).orElseThrow(), packed.size());
        }

        /** Its sides, to a tenth of a millimeter. */
        public Size size() {
            return new Size(
                    Length.of(lengthMillimeters, LengthUnit.MILLIMETER),
                    Length.of(widthMillimeters, LengthUnit.MILLIMETER),
                    Length.of(heightMillimeters, LengthUnit.MILLIMETER));
        }

        static Parcel of(int number, Weight weight, Size size) {
            return new Parcel(
                    number,
                    weight.in(WeightUnit.GRAM, 1),
                    size.length().in(LengthUnit.MILLIMETER, 1),
                    size.width().in(LengthUnit.MILLIMETER, 1),
                    size.height().in(LengthUnit.MILLIMETER, 1));
        }
    }
}
