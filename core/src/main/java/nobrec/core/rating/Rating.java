package nobrec.core.rating;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.calendar.Pickup;
import nobrec.core.calendar.WorkingDays;
import nobrec.core.rating.ShipmentToRate.PackageToRate;
import org.joda.money.CurrencyUnit;

/**
 * Prices a shipment in services, one after the other; what they all look at is worked out once. Used by one thread.
 */
public final class Rating {

    private final ShipmentToRate shipment;
    private final RatedShipment rated;
    private final Bill bill;
    private final CurrencyUnit ours;

    /** @param ours the currency in which offers are compared */
    public Rating(ShipmentToRate shipment, CurrencyUnit ours) {
        this(shipment, shipment.packages(), ours);
    }

    /** @param packages in place of those named in the shipment */
    Rating(ShipmentToRate shipment, List<PackageToRate> packages, CurrencyUnit ours) {
        this.shipment = shipment;
        this.ours = ours;
        this.rated = new RatedShipment(shipment, packages);
        this.bill = new Bill(rated);
    }

    /**
     * What a service asks for on a day.
     *
     * @param tariff the sheet in force; empty when there is none
     * @param fuel the index the sheet names; empty when it names none
     */
    public record Prices(Optional<Tariff> tariff, Optional<FuelIndex> fuel) {

        public static final Prices NONE = new Prices(Optional.empty(), Optional.empty());
    }

    /**
     * @param prices of the day
     * @param pickup when the service's carrier comes to the site
     */
    public Offer offer(Service service, Prices prices, Pickup pickup) {
        List<Objection> objections = Allowance.objections(rated, service);
        LocalDate departure = rated.departureWith(pickup);
        boolean priced = price(prices, departure, objections);
        int transit = service.transitDaysTo(shipment.destination());
        LocalDate delivery = shipment.extras().contains(Extra.SATURDAY_DELIVERY)
                        && service.extras().contains(Extra.SATURDAY_DELIVERY)
                ? WorkingDays.afterWithSaturdayDelivery(departure, transit)
                : WorkingDays.after(departure, transit);
        int late = shipment.promiseDate().isEmpty()
                ? 0
                : WorkingDays.between(shipment.promiseDate().get(), delivery);
        return new Offer(
                service,
                ours,
                priced ? bill.lines() : List.of(),
                priced ? bill.total() : 0,
                List.copyOf(objections),
                departure,
                delivery,
                late);
    }

    /** @return whether the bill has its price; if not the objections say why */
    private boolean price(Prices prices, LocalDate departure, List<Objection> objections) {
        if (prices.tariff().isEmpty()) {
            objections.add(new Objection.NoRateSheet());
            return false;
        }
        Tariff tariff = prices.tariff().get();
        if (!tariff.currency().equals(ours)) {
            objections.add(new Objection.OtherCurrency(tariff.currency().getCode(), ours.getCode()));
            return false;
        }
        int zone = tariff.zoning().columnOf(shipment.destination());
        if (zone == Zoning.NONE) {
            objections.add(
                    shipment.destination().isAbroad()
                            ? new Objection.CountryNotServed(
                                    shipment.destination().country())
                            : new Objection.ZoneNotServed(shipment.destination().postalCode()));
            return false;
        }
        bill.clear();
        boolean priced = tariff instanceof RateSheet sheet
                ? ParcelRating.base(sheet, zone, bill, objections)
                : FreightRating.base((FreightSheet) tariff, zone, bill, objections);
        if (!priced) {
            return false;
        }
        bill.add(tariff.surcharges());
        if (prices.fuel().isPresent()) {
            bill.add(prices.fuel().get(), departure);
        }
        return true;
    }
}
