package nobrec.core.notation;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import nobrec.core.limit.Limits;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.MeasureParts.Part;
import nobrec.core.notation.Reading.Read;
import org.jspecify.annotations.Nullable;

/**
 * Weights and sizes as people type them, and as they are shown.
 *
 * <p>A figure without a unit is in the shop's own unit. Which mark stands before the decimals is given.
 */
public final class MeasureText {

    private static final Map<String, WeightUnit> WEIGHT_WORDS = Map.ofEntries(
            Map.entry("lb", WeightUnit.POUND),
            Map.entry("lbs", WeightUnit.POUND),
            Map.entry("pound", WeightUnit.POUND),
            Map.entry("pounds", WeightUnit.POUND),
            Map.entry("#", WeightUnit.POUND),
            Map.entry("oz", WeightUnit.OUNCE),
            Map.entry("ozs", WeightUnit.OUNCE),
            Map.entry("ounce", WeightUnit.OUNCE),
            Map.entry("ounces", WeightUnit.OUNCE),
            Map.entry("kg", WeightUnit.KILOGRAM),
            Map.entry("kgs", WeightUnit.KILOGRAM),
            Map.entry("kilo", WeightUnit.KILOGRAM),
            Map.entry("kilos", WeightUnit.KILOGRAM),
            Map.entry("kilogram", WeightUnit.KILOGRAM),
            Map.entry("kilograms", WeightUnit.KILOGRAM),
            Map.entry("g", WeightUnit.GRAM),
            Map.entry("gr", WeightUnit.GRAM),
            Map.entry("gram", WeightUnit.GRAM),
            Map.entry("grams", WeightUnit.GRAM));

    private static final Map<String, LengthUnit> LENGTH_WORDS = Map.ofEntries(
            Map.entry("in", LengthUnit.INCH),
            Map.entry("ins", LengthUnit.INCH),
            Map.entry("inch", LengthUnit.INCH),
            Map.entry("inches", LengthUnit.INCH),
            Map.entry("\"", LengthUnit.INCH),
            Map.entry("ft", LengthUnit.FOOT),
            Map.entry("foot", LengthUnit.FOOT),
            Map.entry("feet", LengthUnit.FOOT),
            Map.entry("'", LengthUnit.FOOT),
            Map.entry("mm", LengthUnit.MILLIMETER),
            Map.entry("cm", LengthUnit.CENTIMETER),
            Map.entry("m", LengthUnit.METER));

    private static final String WEIGHT_REMEDY = "Write it like 4.2, 4 lb 3 oz or 1.9kg.";
    private static final String SIZE_REMEDY = "Write it like 18x12x6 or 45 x 30 x 15 cm.";
    private static final String WEIGHT_UNITS = "Use lb, oz, kg or g.";
    private static final String LENGTH_UNITS = "Use in, ft, cm, mm or m.";
    private static final int SIDES = 3;
    private static final String NOTHING = "";
    private static final String A_LENGTH = "a length";
    private static final String LENGTH_REMEDY = "Write it like 48 or 48 in.";

    /** An x between two sides; never one in a word. */
    private static final Pattern TIMES = Pattern.compile("x|\\bby\\b");

    private MeasureText() {}

    /** Reads {@code 4.2}, {@code 4 lb 3 oz}, {@code 1/2 lb}, {@code 1.9kg} and the like; never zero. */
    public static Reading<Weight> readWeight(String text, UnitSystem units, DecimalMark mark) {
        return readWeight(text, units.weightUnit(), mark);
    }

    /** @param bare unit of a figure without one */
    public static Reading<Weight> readWeight(String text, WeightUnit bare, DecimalMark mark) {
        String plain = MeasureParts.plain(text);
        if (plain.isEmpty()) {
            return Reading.refused("There is no weight.", WEIGHT_REMEDY);
        }
        Reading<List<Part>> parts = MeasureParts.read(plain, mark);
        if (!(parts instanceof Read<List<Part>> read)) {
            return unread(parts, text, "a weight", WEIGHT_REMEDY);
        }
        return inUnits(read.value(), bare, WEIGHT_WORDS, WeightUnit.POUND, WeightUnit.OUNCE)
                .map(amounts -> plausible(text, amounts))
                .orElseGet(
                        () -> unknownUnit(read.value(), WEIGHT_WORDS, text, "a weight", WEIGHT_UNITS, WEIGHT_REMEDY));
    }

    /** Reads {@code 18x12x6}, {@code 4'6" x 2' x 1'} and the like. */
    public static Reading<Size> readSize(String text, UnitSystem units, DecimalMark mark) {
        return readSize(text, units.lengthUnit(), mark);
    }

    /** @param bare unit of a figure without one */
    public static Reading<Size> readSize(String text, LengthUnit bare, DecimalMark mark) {
        String[] sides = TIMES.split(MeasureParts.plain(text), -1);
        if (sides.length != SIDES) {
            return Reading.refused(Quoted.of(text) + " does not read as length x width x height.", SIZE_REMEDY);
        }
        List<List<Part>> read = new ArrayList<>();
        for (String side : sides) {
            Reading<List<Part>> parts = MeasureParts.read(side.strip(), mark);
            if (!(parts instanceof Read<List<Part>> found) || found.value().isEmpty()) {
                return unread(parts, text, "length x width x height", SIZE_REMEDY);
            }
            read.add(found.value());
        }
        return size(text, read, bare);
    }

    /** Reads {@code 48}, {@code 48 in}, {@code 4'} and the like; never zero. */
    public static Reading<Length> readLength(String text, UnitSystem units, DecimalMark mark) {
        return readLength(text, units.lengthUnit(), mark);
    }

    /** @param bare unit of a figure without one */
    public static Reading<Length> readLength(String text, LengthUnit bare, DecimalMark mark) {
        Reading<List<Part>> parts = MeasureParts.read(MeasureParts.plain(text), mark);
        if (!(parts instanceof Read<List<Part>> read) || read.value().isEmpty()) {
            return unread(parts, text, A_LENGTH, LENGTH_REMEDY);
        }
        Optional<List<Amount<LengthUnit>>> amounts =
                inUnits(read.value(), bare, LENGTH_WORDS, LengthUnit.FOOT, LengthUnit.INCH);
        if (amounts.isEmpty()) {
            return unknownUnit(read.value(), LENGTH_WORDS, text, A_LENGTH, LENGTH_UNITS, LENGTH_REMEDY);
        }
        Optional<Length> length = length(amounts.get());
        if (length.isEmpty()) {
            return Reading.refused(Quoted.of(text) + " is longer than 20 m.", "Check the figure and its unit.");
        }
        return length.get().nanometers() == 0
                ? Reading.refused(Quoted.of(text) + " is zero.", LENGTH_REMEDY)
                : Reading.of(length.get());
    }

    /** A side without a unit is in that of the last side, or in the shop's. Where another side says otherwise it is refused. */
    private static Reading<Size> size(String text, List<List<Part>> sides, LengthUnit other) {
        String last = lastOf(sides.get(SIDES - 1)).unit();
        LengthUnit bare = last.isEmpty() ? other : LENGTH_WORDS.get(last);
        List<Length> lengths = new ArrayList<>();
        for (List<Part> side : sides) {
            Optional<List<Amount<LengthUnit>>> amounts = bare == null
                    ? Optional.empty()
                    : inUnits(side, bare, LENGTH_WORDS, LengthUnit.FOOT, LengthUnit.INCH);
            if (amounts.isEmpty()) {
                return unknownUnit(side, LENGTH_WORDS, text, "length x width x height", LENGTH_UNITS, SIZE_REMEDY);
            }
            Optional<Length> length = length(amounts.get());
            if (length.isEmpty()) {
                return Reading.refused(Quoted.of(text) + " is longer than 20 m.", "Check the figure and its unit.");
            }
            lengths.add(length.get());
        }
        if (lengths.stream().anyMatch(length -> length.nanometers() == 0)) {
            return Reading.refused("A side of " + Quoted.of(text) + " is zero.", SIZE_REMEDY);
        }
        return unitIsOpen(sides, bare)
                ? Reading.refused(
                        Quoted.of(text) + " has sides in more than one unit, and one with none.",
                        "Write the unit behind each side.")
                : Reading.of(new Size(lengths.get(0), lengths.get(1), lengths.get(2)));
    }

    private static boolean unitIsOpen(List<List<Part>> sides, @Nullable LengthUnit bare) {
        boolean one = sides.stream().anyMatch(side -> lastOf(side).unit().isEmpty() && side.size() == 1);
        boolean other = sides.stream()
                .map(side -> lastOf(side).unit())
                .anyMatch(unit -> !unit.isEmpty() && LENGTH_WORDS.get(unit) != bare);
        return one && other;
    }

    private static Part lastOf(List<Part> parts) {
        return parts.get(parts.size() - 1);
    }

    private record Amount<U>(BigDecimal figure, U unit) {}

    /**
     * One figure in any unit, or one in the greater of two units and one in the lesser: {@code 4 lb 3 oz}. Empty when it is
     * neither, or a unit is not known.
     */
    private static <U> Optional<List<Amount<U>>> inUnits(
            List<Part> parts, U bare, Map<String, U> words, U greater, U lesser) {
        if (parts.size() == 1) {
            U unit = parts.get(0).unit().isEmpty()
                    ? bare
                    : words.get(parts.get(0).unit());
            return unit == null
                    ? Optional.empty()
                    : Optional.of(List.of(new Amount<>(parts.get(0).figure(), unit)));
        }
        boolean both = parts.size() == 2
                && words.get(parts.get(0).unit()) == greater
                && (parts.get(1).unit().isEmpty() || words.get(parts.get(1).unit()) == lesser);
        return both
                ? Optional.of(List.of(
                        new Amount<>(parts.get(0).figure(), greater),
                        new Amount<>(parts.get(1).figure(), lesser)))
                : Optional.empty();
    }

    private static <T> Reading<T> unread(Reading<?> parts, String text, String what, String remedy) {
        return Reading.refusedLike(parts, Quoted.of(text) + " does not read as " + what + ".", remedy);
    }

    private static <T> Reading<T> unknownUnit(
            List<Part> parts, Map<String, ?> words, String text, String what, String units, String remedy) {
        String unknown = parts.stream()
                .map(Part::unit)
                .filter(unit -> !unit.isEmpty() && !words.containsKey(unit))
                .findFirst()
                .orElse(NOTHING);
        return unknown.isEmpty()
                ? Reading.refused(Quoted.of(text) + " does not read as " + what + ".", remedy)
                : Reading.refused(Quoted.of(unknown) + " is no unit known here.", units);
    }

    /** The first unit word in a text that is no unit of weight or length; empty where all are known, or it is no measure. */
    public static Optional<String> unknownUnitIn(String text, DecimalMark mark) {
        List<String> words = new ArrayList<>();
        for (String side : TIMES.split(MeasureParts.plain(text), -1)) {
            if (!(MeasureParts.read(side.strip(), mark) instanceof Read<List<Part>> parts)) {
                return Optional.empty();
            }
            parts.value().forEach(part -> words.add(part.unit()));
        }
        return words.stream().filter(unit -> !unit.isEmpty() && !isUnit(unit)).findFirst();
    }

    /** Whether a word is a unit of weight or length here. */
    public static boolean isUnit(String word) {
        return WEIGHT_WORDS.containsKey(word) || LENGTH_WORDS.containsKey(word);
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

    private static Reading<Weight> plausible(String text, List<Amount<WeightUnit>> amounts) {
        Weight sum = Weight.ZERO;
        for (Amount<WeightUnit> amount : amounts) {
            if (amount.figure().compareTo(Limits.WEIGHT.in(amount.unit(), 0)) > 0) {
                return tooHeavy(text);
            }
            sum = sum.plus(Weight.of(exact(amount), amount.unit()));
        }
        if (sum.isZero()) {
            return Reading.refused(Quoted.of(text) + " is no weight at all.", WEIGHT_REMEDY);
        }
        return sum.isAbove(Limits.WEIGHT) ? tooHeavy(text) : Reading.of(sum);
    }

    private static Reading<Weight> tooHeavy(String text) {
        return Reading.refused(Quoted.of(text) + " is more than 20,000 kg.", "Check the figure and its unit.");
    }

    /** Ounces are whole only to a thousandth in {@link Weight}; a scale shows a tenth. */
    private static BigDecimal exact(Amount<WeightUnit> amount) {
        BigDecimal figure = amount.figure();
        return amount.unit() == WeightUnit.OUNCE && figure.scale() > 3
                ? figure.setScale(3, RoundingMode.HALF_UP)
                : figure;
    }

    /** Empty when it is longer than anything. */
    private static Optional<Length> length(List<Amount<LengthUnit>> amounts) {
        Length sum = new Length(0);
        for (Amount<LengthUnit> amount : amounts) {
            if (amount.figure().compareTo(Limits.LENGTH.in(amount.unit(), 0)) > 0) {
                return Optional.empty();
            }
            sum = sum.plus(Length.of(amount.figure(), amount.unit()));
        }
        return sum.isAbove(Limits.LENGTH) ? Optional.empty() : Optional.of(sum);
    }

    private static String plainFigure(BigDecimal amount) {
        return amount.stripTrailingZeros().toPlainString();
    }
}
