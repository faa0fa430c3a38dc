package nobrec.core.rating;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.calendar.Pickup;
import nobrec.core.calendar.WorkCalendar;
import nobrec.core.ratesheet.FreightSheet;
import nobrec.core.ratesheet.FuelIndex;
import nobrec.core.ratesheet.RateSheet;
import nobrec.core.ratesheet.Tariff;
import nobrec.core.ratesheet.Zoning;
import nobrec.core.service.Accessorial;
import nobrec.core.service.Eligibility;
import nobrec.core.service.Objection;
import nobrec.core.service.RatedShipment;
import nobrec.core.service.Service;
import nobrec.core.service.ShipmentToRate;
import nobrec.core.service.ShipmentToRate.PackageToRate;
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
     * @param fuel the index the sheet names; empty when it names none, or one that is not known
     * @param fault why there is a sheet that cannot be used; empty text when that is not so
     */
    public record Prices(Optional<Tariff> tariff, Optional<FuelIndex> fuel, String fault) {

        public static final Prices NONE = new Prices(Optional.empty(), Optional.empty());

        public Prices(Optional<Tariff> tariff, Optional<FuelIndex> fuel) {
            this(tariff, fuel, "");
        }

        public static Prices unusable(String fault) {
            return new Prices(Optional.empty(), Optional.empty(), fault);
        }
    }

    /** A service whose carrier does not come to the site: it has no price, and says why. */
    public Offer offerWithoutPickup(Service service, WorkCalendar calendar) {
        List<Objection> objections = Eligibility.objections(rated, service);
        objections.add(new Objection.NoPickup(service.carrier().name()));
        LocalDate ready = calendar.openOrNext(shipment.readyAt().toLocalDate());
        LocalDate delivery = calendar.after(ready, service.transitDaysTo(shipment.destination()));
        int late = late(delivery, calendar);
        return new Offer(service, ours, List.of(), 0, List.copyOf(objections), ready, delivery, late);
    }

    /**
     * @param prices of the day of departure
     * @param pickup when the service's carrier comes to the site
     */
    public Offer offer(Service service, Prices prices, Pickup pickup) {
        List<Objection> objections = Eligibility.objections(rated, service);
        WorkCalendar calendar = pickup.calendar();
        LocalDate departure = rated.departureWith(pickup);
        int transit = service.transitDaysTo(shipment.destination());
        LocalDate delivery = shipment.accessorials().contains(Accessorial.SATURDAY_DELIVERY)
                        && service.accessorials().contains(Accessorial.SATURDAY_DELIVERY)
                ? calendar.afterWithSaturdayDelivery(departure, transit)
                : calendar.after(departure, transit);
        boolean priced = price(prices, departure, delivery, objections);
        return new Offer(
                service,
                ours,
                priced ? bill.lines() : List.of(),
                priced ? bill.total() : 0,
                List.copyOf(objections),
                departure,
                delivery,
                late(delivery, calendar));
    }

    private int late(LocalDate delivery, WorkCalendar calendar) {
        return shipment.promiseDate().isEmpty()
                ? 0
                : calendar.between(shipment.promiseDate().get(), delivery);
    }

    /** @return whether the bill has its price; if not the objections say why */
    private boolean price(Prices prices, LocalDate departure, LocalDate delivery, List<Objection> objections) {
        if (prices.tariff().isEmpty()) {
            objections.add(
                    prices.fault().isEmpty()
                            ? new Objection.NoRateSheet()
                            : new Objection.RateSheetUnusable(prices.fault()));
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
        if (!tariff.fuelIndex().isEmpty()
                && (prices.fuel().isEmpty() || !prices.fuel().get().isKnownOn(departure))) {
            objections.add(new Objection.FuelUnknown(tariff.fuelIndex(), departure));
            return false;
        }
        try {
            return priced(tariff, prices, zone, departure, delivery, objections);
        } catch (ArithmeticException tooGreat) {
            objections.add(new Objection.NotComputed());
            return false;
        }
    }

    private boolean priced(
            Tariff tariff,
            Prices prices,
            int zone,
            LocalDate departure,
            LocalDate delivery,
            List<Objection> objections) {
        bill.clear();
        boolean priced = tariff instanceof RateSheet sheet
                ? ParcelRating.base(sheet, zone, bill, objections)
                : FreightRating.base((FreightSheet) tariff, zone, bill, objections);
        if (!priced) {
            return false;
        }
        bill.add(tariff.surcharges(), delivery.getDayOfWeek() == DayOfWeek.SATURDAY);
        if (prices.fuel().isPresent()) {
            bill.add(prices.fuel().get(), departure);
        }
        return true;
    }
}
