package nobrec.core.rating;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import nobrec.core.address.PlaceKind;
import nobrec.core.identifier.TrackingForm;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/** A carrier, its service and its sheet, made for tests. */
final class Sheets {

    static final Carrier CARRIER = new Carrier("PLOVER", "Plover Parcel", false, TrackingForm.LETTERS_MODULO_10);

    private Sheets() {}

    static Weight pounds(String amount) {
        return Weight.of(amount, WeightUnit.POUND);
    }

    static Money dollars(String amount) {
        return Money.of(CurrencyUnit.USD, new BigDecimal(amount));
    }

    /** Up to 50 lb, by the pound: zone z costs 10.00 + 1.00 for each pound + 0.50 for each zone. */
    static RateSheet byThePound(String residential, String fuel, int divisor) {
        List<RateSheet.WeightBreak> breaks = IntStream.rangeClosed(1, 50)
                .mapToObj(pound -> new RateSheet.WeightBreak(
                        pounds("" + pound),
                        IntStream.rangeClosed(1, 8)
                                .mapToObj(zone -> dollars("10.00").plus(pound).plus(BigDecimal.valueOf(zone * 50L, 2)))
                                .toList()))
                .toList();
        return new RateSheet(
                "GROUND",
                LocalDate.of(2026, 1, 1),
                UnitSystem.POUND_INCH,
                pounds("1"),
                divisor,
                breaks,
                dollars(residential),
                new BigDecimal(fuel));
    }

    static Service service(String code, String name, boolean ground, PlaceKind... excluded) {
        return new Service(
                code,
                name,
                CARRIER,
                ground,
                new ServiceLimits(
                        pounds("40"),
                        Length.of("48", LengthUnit.INCH),
                        Length.of("108", LengthUnit.INCH),
                        Set.of(excluded)),
                List.of(1, 1, 2, 2, 3, 4, 4, 5));
    }
}
