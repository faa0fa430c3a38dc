package nobrec.core.rating;

import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nobrec.core.address.PlaceKind;
import nobrec.core.calendar.Pickup;
import nobrec.core.calendar.WorkingDays;
import nobrec.core.measure.Size;
import nobrec.core.rating.ShipmentToRate.PackageToRate;
import org.joda.money.Money;

/** Prices a shipment in a service. */
public final class Rating {

    private static final int HUNDRED = 100;

    private Rating() {}

    /**
     * @param sheet the sheet in force on the day; empty when there is none
     * @param pickup when the service's carrier comes to the site
     */
    public static Offer offer(ShipmentToRate shipment, Service service, Optional<RateSheet> sheet, Pickup pickup) {
        List<Objection> objections = new ArrayList<>(objectionsOfLimits(shipment, service.limits()));
        List<ChargeLine> lines = new ArrayList<>();
        if (sheet.isEmpty()) {
            objections.add(new Objection.NoRateSheet());
        } else {
            price(shipment, sheet.get(), lines, objections);
        }
        LocalDate departure = pickup.departureFor(shipment.readyAt());
        LocalDate delivery = WorkingDays.after(departure, service.transitDaysTo(shipment.zone()));
        int late = shipment.promiseDate()
                .map(promise -> WorkingDays.between(promise, delivery))
                .orElse(0);
        Optional<Money> total = lines.isEmpty() ? Optional.empty() : Optional.of(sum(lines));
        return new Offer(service, lines, total, objections, departure, delivery, late);
    }

    private static void price(
            ShipmentToRate shipment, RateSheet sheet, List<ChargeLine> lines, List<Objection> objections) {
        int before = objections.size();
        for (PackageToRate each : shipment.packages()) {
            base(each, shipment.zone(), sheet, lines, objections);
            if (shipment.placeKind() == PlaceKind.RESIDENCE
                    && sheet.residentialSurcharge().isPositive()) {
                lines.add(new ChargeLine(
                        Optional.of(each.number()),
                        sheet.residentialSurcharge(),
                        new ChargeBasis.ResidentialSurcharge()));
            }
        }
        if (objections.size() > before) {
            lines.clear();
        } else if (sheet.fuelPercent().signum() > 0) {
            lines.add(fuel(sheet, sum(lines)));
        }
    }

    private static void base(
            PackageToRate each, Zone zone, RateSheet sheet, List<ChargeLine> lines, List<Objection> objections) {
        if (each.weight().isEmpty()) {
            objections.add(new Objection.NoWeight(each.number()));
            return;
        }
        var actual = each.weight().get();
        BillableWeight billable = BillableWeight.of(actual, each.size(), sheet);
        Optional<Money> price = sheet.price(billable.billed(), zone);
        if (price.isEmpty()) {
            objections.add(new Objection.BeyondRateSheet(each.number(), billable.billed(), sheet.step()));
            return;
        }
        lines.add(new ChargeLine(
                Optional.of(each.number()),
                price.get(),
                new ChargeBasis.BaseRate(
                        zone,
                        billable,
                        actual,
                        each.weighed(),
                        each.size(),
                        sheet.dimensionalDivisor(),
                        sheet.units(),
                        sheet.step())));
    }

    /** Fuel is rounded half up to the cent, once for the shipment. */
    private static ChargeLine fuel(RateSheet sheet, Money base) {
        Money amount =
                base.multipliedBy(sheet.fuelPercent(), RoundingMode.HALF_UP).dividedBy(HUNDRED, RoundingMode.HALF_UP);
        return new ChargeLine(Optional.empty(), amount, new ChargeBasis.Fuel(sheet.fuelPercent(), base));
    }

    private static Money sum(List<ChargeLine> lines) {
        return Money.total(lines.stream().map(ChargeLine::amount).toList());
    }

    private static List<Objection> objectionsOfLimits(ShipmentToRate shipment, ServiceLimits limits) {
        List<Objection> objections = new ArrayList<>();
        if (limits.excludedPlaces().contains(shipment.placeKind())) {
            objections.add(new Objection.PlaceNotServed(shipment.placeKind()));
        }
        for (PackageToRate each : shipment.packages()) {
            Size size = each.size();
            each.weight()
                    .filter(weight -> weight.isAbove(limits.greatestWeight()))
                    .ifPresent(weight ->
                            objections.add(new Objection.TooHeavy(each.number(), weight, limits.greatestWeight())));
            if (size.longest().isAbove(limits.greatestLength())) {
                objections.add(new Objection.TooLong(each.number(), size.longest(), limits.greatestLength()));
            }
            if (size.lengthPlusGirth().isAbove(limits.greatestLengthPlusGirth())) {
                objections.add(new Objection.TooBulky(
                        each.number(), size.lengthPlusGirth(), limits.greatestLengthPlusGirth()));
            }
        }
        return objections;
    }
}
