package nobrec.core.service;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.address.PlaceKind;
import nobrec.core.calendar.Pickup;
import nobrec.core.carton.CartonKind;
import nobrec.core.carton.CartonType.Supply;
import nobrec.core.item.FreightClass;
import nobrec.core.item.GoodsClass;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;

/**
 * What rating needs to know of a shipment.
 *
 * @param goods classes of goods in it that not every service takes
 * @param receiver what is known of who receives it
 * @param readyAt when it can be handed over, in the site's own time
 */
public record ShipmentToRate(
        List<PackageToRate> packages,
        Destination destination,
        Set<Accessorial> accessorials,
        Set<GoodsClass> goods,
        Receiver receiver,
        LocalDateTime readyAt,
        Optional<LocalDate> promiseDate) {

    public ShipmentToRate {
        packages = List.copyOf(packages);
        accessorials = Set.copyOf(accessorials);
        goods = Set.copyOf(goods);
    }

    /** The same to a place of another kind. */
    public ShipmentToRate toKind(PlaceKind kind) {
        Destination there = new Destination(
                destination.from(), destination.country(), destination.postalCode(), kind, destination.distance());
        return new ShipmentToRate(packages, there, accessorials, goods, receiver, readyAt, promiseDate);
    }

    /** The same, ready at another time. */
    public ShipmentToRate readyOn(LocalDateTime when) {
        return new ShipmentToRate(packages, destination, accessorials, goods, receiver, when, promiseDate);
    }

    /** The day it leaves with a pickup. Prices and fuel are those of this day. */
    public LocalDate departureWith(Pickup pickup) {
        return pickup.departureFor(readyAt);
    }

    /**
     * @param weight as weighed, or as expected where it was not weighed; empty when neither is known
     * @param weighed false when the weight is only what the records say
     * @param declaredCents value declared for it; zero for none
     * @param goodsByClass what is known of the goods in it by the class their lines give; nothing to go by density
     */
    public record PackageToRate(
            int number,
            Optional<Weight> weight,
            boolean weighed,
            Size size,
            CartonKind kind,
            Supply supply,
            long declaredCents,
            List<GoodsOfClass> goodsByClass) {
        public PackageToRate {
            goodsByClass = List.copyOf(goodsByClass);
        }
    }

    /**
     * Goods in a package that have a class in common.
     *
     * @param freightClass as given in the records; empty where it is to be found by the density of the package
     * @param weight as the records have it; the weight of the package is shared out in this proportion
     */
    public record GoodsOfClass(Optional<FreightClass> freightClass, Weight weight) {}

    /** @param customsGaps what a customs declaration lacks, each in words; empty when nothing */
    public record Receiver(boolean hasPhone, boolean hasCompany, List<String> customsGaps) {
        public Receiver {
            customsGaps = List.copyOf(customsGaps);
        }
    }
}
