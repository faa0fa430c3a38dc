package nobrec.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Weights and sizes as people type them, and as they are shown.
 *
 * <p>A figure without a unit is in the shop's own unit. Either the point or the comma is the decimal mark.
 */
public final class MeasureText {

    /** Heavier or longer than this is a slip of the finger, not a package. */
    private static final Weight GREATEST_WEIGHT = Weight.of("20000", WeightUnit.KILOGRAM);

    private static final Length GREATEST_LENGTH = Length.of("20000", LengthUnit.MILLIMETRE);

    private static final String FIGURE = "(\\d{1,7}(?:[.,]\\d{1,4})?|[.,]\\d{1,4})";
    private static final Pattern WEIGHT = Pattern.compile(FIGURE + "\\s*([a-z]*)");
    private static final Pattern POUNDS_AND_OUNCES =
            Pattern.compile(FIGURE + "\\s*(?:lb|lbs|pounds?|#)\\s*" + FIGURE + "\\s*(?:oz|ozs|ounces?)?");
    private static final Pattern SIZE =
            Pattern.compile(FIGURE + "\\s*[x×*]\\s*" + FIGURE + "\\s*[x×*]\\s*" + FIGURE + "\\s*([a-z\"]*)");

    private static final Map<String, WeightUnit> WEIGHT_WORDS = Map.ofEntries(
            Map.entry("lb", WeightUnit.POUND),
            Map.entry("lbs", WeightUnit.POUND),
            Map.entry("pound", WeightUnit.POUND),
            Map.entry("pounds", WeightUnit.POUND),
            Map.entry("oz", WeightUnit.OUNCE),
            Map.entry("ounce", WeightUnit.OUNCE),
            Map.entry("ounces", WeightUnit.OUNCE),
            Map.entry("kg", WeightUnit.KILOGRAM),
            Map.entry("kgs", WeightUnit.KILOGRAM),
            Map.entry("g", WeightUnit.GRAM),
            Map.entry("gr", WeightUnit.GRAM));

    private static final Map<String, LengthUnit> LENGTH_WORDS = Map.of(
            "in", LengthUnit.INCH,
            "inch", LengthUnit.INCH,
            "\"", LengthUnit.INCH,
            "cm", LengthUnit.CENTIMETRE,
            "mm", LengthUnit.MILLIMETRE);

    private static final String WEIGHT_CURE = "Write it like 4.2, 4 lb 3 oz or 1.9kg.";
    private static final String SIZE_CURE = "Write it like 18x12x6 or 45 x 30 x 15 cm.";

    private MeasureText() {}

    /** Reads {@code 4.2}, {@code 4 lb 3 oz}, {@code 1.9kg} and the like; never zero. */
    public static Reading<Weight> readWeight(String text, UnitSystem units) {
        String plain = plain(text);
        if (plain.isEmpty()) {
            return Reading.refused("There is no weight.", WEIGHT_CURE);
        }
        Matcher both = POUNDS_AND_OUNCES.matcher(plain);
        if (both.matches()) {
            return plausible(
                    text,
                    Weight.of(figure(both.group(1)), WeightUnit.POUND)
                            .plus(Weight.of(thousandths(both.group(2)), WeightUnit.OUNCE)));
        }
        Matcher single = WEIGHT.matcher(plain);
        if (!single.matches()) {
            return Reading.refused("“" + text.strip() + "” does not read as a weight.", WEIGHT_CURE);
        }
        String word = single.group(2);
        WeightUnit unit = word.isEmpty() ? units.weightUnit() : WEIGHT_WORDS.get(word);
        if (unit == null) {
            return Reading.refused("“" + word + "” is not a unit of weight known here.", "Use lb, oz, kg or g.");
        }
        BigDecimal amount = unit == WeightUnit.OUNCE ? thousandths(single.group(1)) : figure(single.group(1));
        return plausible(text, Weight.of(amount, unit));
    }

    /** Reads {@code 18x12x6} and the like. */
    public static Reading<Size> readSize(String text, UnitSystem units) {
        Matcher matcher = SIZE.matcher(plain(text));
        if (!matcher.matches()) {
            return Reading.refused("“" + text.strip() + "” does not read as length x width x height.", SIZE_CURE);
        }
        String word = matcher.group(4);
        LengthUnit unit = word.isEmpty() ? units.lengthUnit() : LENGTH_WORDS.get(word);
        if (unit == null) {
            return Reading.refused("“" + word + "” is not a unit of length known here.", "Use in, cm or mm.");
        }
        Size size = new Size(
                Length.of(figure(matcher.group(1)), unit),
                Length.of(figure(matcher.group(2)), unit),
                Length.of(figure(matcher.group(3)), unit));
        if (size.length().nanometres() == 0
                || size.width().nanometres() == 0
                || size.height().nanometres() == 0) {
            return Reading.refused("A side of “" + text.strip() + "” is zero.", SIZE_CURE);
        }
        if (size.longest().isAbove(GREATEST_LENGTH)) {
            return Reading.refused("“" + text.strip() + "” is longer than 20 m.", "Check the figure and its unit.");
        }
        return Reading.of(size);
    }

    /** A weight with its unit, to two places: {@code 4.20 lb}. */
    public static String show(Weight weight, UnitSystem units) {
        return weight.in(units.weightUnit(), 2) + " " + units.weightUnit().symbol();
    }

    /** A whole number of steps without needless zeros: {@code 7 lb}. */
    public static String showPlain(Weight weight, UnitSystem units) {
        return plainFigure(weight.in(units.weightUnit(), 2)) + " "
                + units.weightUnit().symbol();
    }

    /** A whole number of steps in a unit that shows it without rounding: {@code 13 oz} where the step is an ounce. */
    public static String showSteps(Weight weight, Weight step, UnitSystem units) {
        return Stream.of(units.weightUnit(), WeightUnit.OUNCE, WeightUnit.KILOGRAM, WeightUnit.GRAM)
                .filter(unit -> Weight.of(step.in(unit, 2), unit).equals(step))
                .findFirst()
                .map(unit -> plainFigure(weight.in(unit, 2)) + " " + unit.symbol())
                .orElseGet(() -> showPlain(weight, units));
    }

    /** A weight in the first unit that shows it without rounding: {@code 1 oz}, {@code 2.5 kg}. */
    public static String showExactly(Weight weight, UnitSystem units) {
        return showSteps(weight, weight, units);
    }

    /** A size with its unit: {@code 18 × 12 × 6 in}. */
    public static String show(Size size, UnitSystem units) {
        LengthUnit unit = units.lengthUnit();
        return plainFigure(size.length().in(unit, 1)) + " × "
                + plainFigure(size.width().in(unit, 1)) + " × "
                + plainFigure(size.height().in(unit, 1)) + " "
                + unit.symbol();
    }

    /** A length with its unit: {@code 48 in}. */
    public static String show(Length length, UnitSystem units) {
        return plainFigure(length.in(units.lengthUnit(), 1)) + " "
                + units.lengthUnit().symbol();
    }

    private static Reading<Weight> plausible(String text, Weight weight) {
        if (weight.isZero()) {
            return Reading.refused("“" + text.strip() + "” is no weight at all.", WEIGHT_CURE);
        }
        if (weight.isAbove(GREATEST_WEIGHT)) {
            return Reading.refused("“" + text.strip() + "” is more than 20,000 kg.", "Check the figure and its unit.");
        }
        return Reading.of(weight);
    }

    private static String plain(String text) {
        return text == null ? "" : text.strip().toLowerCase(Locale.ROOT);
    }

    private static BigDecimal figure(String digits) {
        return new BigDecimal(digits.replace(',', '.'));
    }

    /** Ounces are whole only to a thousandth in {@link Weight}; a scale shows a tenth. */
    private static BigDecimal thousandths(String digits) {
        BigDecimal amount = figure(digits);
        return amount.scale() > 3 ? amount.setScale(3, RoundingMode.HALF_UP) : amount;
    }

    private static String plainFigure(BigDecimal amount) {
        return amount.stripTrailingZeros().toPlainString();
    }
}
