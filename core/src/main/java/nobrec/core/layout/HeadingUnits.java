package nobrec.core.layout;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.WeightUnit;

/** The unit that a heading names: {@code Unit Wt lb}, {@code Weight (kg)}, {@code Length_mm}. */
final class HeadingUnits {

    private static final Map<String, WeightUnit> WEIGHTS = Map.of(
            "lb", WeightUnit.POUND,
            "lbs", WeightUnit.POUND,
            "pounds", WeightUnit.POUND,
            "oz", WeightUnit.OUNCE,
            "ounces", WeightUnit.OUNCE,
            "kg", WeightUnit.KILOGRAM,
            "kgs", WeightUnit.KILOGRAM,
            "g", WeightUnit.GRAM,
            "grams", WeightUnit.GRAM);

    private static final Map<String, LengthUnit> LENGTHS = Map.of(
            "in", LengthUnit.INCH,
            "inch", LengthUnit.INCH,
            "inches", LengthUnit.INCH,
            "ft", LengthUnit.FOOT,
            "cm", LengthUnit.CENTIMETER,
            "mm", LengthUnit.MILLIMETER);

    private HeadingUnits() {}

    static Optional<WeightUnit> weight(String heading) {
        return of(heading, WEIGHTS);
    }

    static Optional<LengthUnit> length(String heading) {
        return of(heading, LENGTHS);
    }

    private static <U> Optional<U> of(String heading, Map<String, U> units) {
        List<String> parts = Arrays.asList(heading.replaceAll("([a-z])([A-Z])", "$1 $2")
                .toLowerCase(Locale.ROOT)
                .split("[^a-z]+"));
        return parts.stream().filter(units::containsKey).findFirst().map(units::get);
    }
}
