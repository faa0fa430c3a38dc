package nobrec.core.rating;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import nobrec.core.address.PlaceKind;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;

/**
 * What rating needs to know of a shipment.
 *
 * @param readyAt when it can be handed over, in the site's own time
 */
public record ShipmentToRate(
        List<PackageToRate> packages,
        Zone zone,
        PlaceKind placeKind,
        LocalDateTime readyAt,
        Optional<LocalDate> promiseDate) {

    /**
     * @param weight as weighed, or as expected where it was not weighed; empty when neither is known
     * @param weighed false when the weight is only what the records say
     */
    public record PackageToRate(int number, Optional<Weight> weight, boolean weighed, Size size) {}
}
