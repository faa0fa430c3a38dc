package nobrec.core.layout;

import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;

/**
 * How a file writes days and figures.
 *
 * @param days what comes first in a day written in figures
 * @param weightUnit of a weight without a unit
 * @param lengthUnit of a length without a unit
 * @param decimals how figures are written; {@link DecimalMark#UNKNOWN} when each file shows it
 * @param country of an address that names none, by its code (ISO 3166-1)
 */
public record LayoutNotation(
        DayText.Order days, WeightUnit weightUnit, LengthUnit lengthUnit, DecimalMark decimals, String country) {

    public LayoutNotation with(DecimalMark mark) {
        return new LayoutNotation(days, weightUnit, lengthUnit, mark, country);
    }
}
