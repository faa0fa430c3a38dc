package nobrec.core.rating;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nobrec.core.calendar.Pickup;
import nobrec.core.calendar.WorkingDays;
import org.joda.money.CurrencyUnit;

/** Prices a shipment in a service. */
public final class Rating {

    private static final int LINES_EXPECTED = 12;

    private Rating() {}

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
     * @param ours the currency in which offers are compared
     */
    public static Offer offer(
            ShipmentToRate shipment, Service service, Prices prices, Pickup pickup, CurrencyUnit ours) {
        List<Objection> objections = Allowance.objections(shipment, service);
        LocalDate departure = pickup.departureFor(shipment.readyAt());
        List<ChargeLine> lines = price(shipment, prices, departure, ours, objections);
        long total = 0;
        for (int index = 0; index < lines.size(); index++) {
            total += lines.get(index).cents();
        }
        int transit = service.transitDaysTo(shipment.destination());
        LocalDate delivery = shipment.extras().contains(Extra.SATURDAY_DELIVERY)
                        && service.extras().contains(Extra.SATURDAY_DELIVERY)
                ? WorkingDays.afterWithSaturdayDelivery(departure, transit)
                : WorkingDays.after(departure, transit);
        int late = shipment.promiseDate().isEmpty()
                ? 0
                : WorkingDays.between(shipment.promiseDate().get(), delivery);
        return new Offer(
                service, ours, lines, total, objections.isEmpty() ? List.of() : objections, departure, delivery, late);
    }

    private static List<ChargeLine> price(
            ShipmentToRate shipment,
            Prices prices,
            LocalDate departure,
            CurrencyUnit ours,
            List<Objection> objections) {
        if (prices.tariff().isEmpty()) {
            objections.add(new Objection.NoRateSheet());
            return List.of();
        }
        Tariff tariff = prices.tariff().get();
        if (!tariff.currency().equals(ours)) {
            objections.add(new Objection.OtherCurrency(tariff.currency().getCode(), ours.getCode()));
            return List.of();
        }
        int zone = tariff.zoning().columnOf(shipment.destination());
        if (zone == Zoning.NONE) {
            objections.add(
                    shipment.destination().isAbroad()
                            ? new Objection.CountryNotServed(
                                    shipment.destination().country())
                            : new Objection.ZoneNotServed(shipment.destination().postalCode()));
            return List.of();
        }
        Bill bill = new Bill(shipment, tariff, new ArrayList<>(LINES_EXPECTED));
        boolean priced = tariff instanceof RateSheet sheet
                ? ParcelRating.base(shipment, sheet, zone, bill, objections)
                : FreightRating.base(shipment, (FreightSheet) tariff, zone, bill, objections);
        if (!priced) {
            return List.of();
        }
        bill.surcharges();
        prices.fuel().ifPresent(index -> bill.fuel(index, departure));
        return bill.lines();
    }
}
