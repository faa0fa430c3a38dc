package nobrec.core.shipnotice;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import nobrec.core.item.LotShare;
import nobrec.core.measure.UnitSystem;

/**
 * What a partner is told of a shipment, in our own form.
 *
 * @param number under which the partner knows it; a cancellation bears that of what it cancels
 * @param madeAt at the site it left from
 * @param units in which weights and sides are
 */
public record ShipNotice(
        String number,
        Purpose purpose,
        LocalDateTime madeAt,
        LocalDate shipDate,
        LocalDate deliveryDate,
        String carrier,
        String service,
        Party from,
        Party to,
        List<Packed> packages,
        UnitSystem units) {

    /** Whether it tells of a shipment or takes that back. */
    public enum Purpose {
        ORIGINAL,
        CANCELLATION
    }

    /** @param locationNumber empty text for none */
    public record Party(
            String name,
            String locationNumber,
            String street,
            String street2,
            String city,
            String state,
            String postalCode,
            String country) {}

    /**
     * One package.
     *
     * @param pallet whether it is one, or a crate
     * @param sides length, width, height, outer
     */
    public record Packed(
            String sscc,
            String trackingNumber,
            boolean pallet,
            BigDecimal weight,
            List<BigDecimal> sides,
            List<Content> contents) {}

    /**
     * Pieces of one line in one package.
     *
     * @param orderLine of the job, counted from one
     * @param item empty text where it has no number
     * @param stillToCome pieces of the line that have not left
     */
    public record Content(
            String job,
            String customerPo,
            int orderLine,
            String item,
            String description,
            int quantity,
            int ordered,
            int stillToCome,
            List<LotShare> lots,
            String origin) {}

    /** The same taken back. */
    public ShipNotice canceled(LocalDateTime at) {
        return new ShipNotice(
                number, Purpose.CANCELLATION, at, shipDate, deliveryDate, carrier, service, from, to, packages, units);
    }

    public BigDecimal weight() {
        return packages.stream().map(Packed::weight).reduce(BigDecimal.ZERO, BigDecimal::add);
    }
}
