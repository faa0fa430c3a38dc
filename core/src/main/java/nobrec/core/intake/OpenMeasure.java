package nobrec.core.intake;

import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.regex.Pattern;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DecimalMark;
import nobrec.core.notation.MeasureText;
import nobrec.core.notation.Reading;
import nobrec.core.wordbook.SourceWords;
import nobrec.core.wordbook.WordKind;

/** A measure whose unit nobody had translated when it came in, kept as it is written, with a point before its decimals. */
public final class OpenMeasure {

    private OpenMeasure() {}

    /** How a measure is kept until its unit is known. */
    static String kept(String text, DecimalMark mark) {
        return mark == DecimalMark.COMMA ? text.replace(".", "").replace(',', '.') : text;
    }

    /** The weight, now that its unit is known; empty when it is no weight all the same. */
    public static Optional<Weight> weight(String kept, SourceWords words) {
        return read(kept, words, (text, mark) -> MeasureText.readWeight(text, WeightUnit.POUND, mark));
    }

    /** The same for length x width x height. */
    public static Optional<Size> size(String kept, SourceWords words) {
        return read(kept, words, (text, mark) -> MeasureText.readSize(text, LengthUnit.INCH, mark));
    }

    /**
     * A measure with those of its units in our words that the wordbook knows.
     *
     * @param unknown the first unit that neither we nor the wordbook know
     */
    record Translated(String text, Optional<String> unknown) {}

    static Translated translated(String text, SourceWords words, DecimalMark mark) {
        String ours = text;
        Optional<String> unknown = MeasureText.unknownUnitIn(ours, mark);
        while (unknown.isPresent()) {
            Optional<String> unit = words.meaning(WordKind.UNIT, unknown.get());
            if (unit.isEmpty()) {
                return new Translated(ours, unknown);
            }
            ours = withUnit(ours, unknown.get(), unit.get());
            unknown = MeasureText.unknownUnitIn(ours, mark);
        }
        return new Translated(ours, unknown);
    }

    private static <T> Optional<T> read(
            String kept, SourceWords words, BiFunction<String, DecimalMark, Reading<T>> reader) {
        Translated ours = translated(kept.toLowerCase(Locale.ROOT), words, DecimalMark.POINT);
        return ours.unknown().isPresent()
                ? Optional.empty()
                : reader.apply(ours.text(), DecimalMark.POINT).found();
    }

    private static String withUnit(String text, String word, String unit) {
        return text.toLowerCase(Locale.ROOT).replaceAll("(?<![a-z])" + Pattern.quote(word) + "(?![a-z])", unit);
    }
}
