package nobrec.server.api.figure;

import java.math.BigDecimal;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.MeasureText;

/**
 * A weight.
 *
 * @param grams to the milligram
 * @param text as the shop writes it, with its unit
 */
public record WeightFigure(BigDecimal grams, String text) {

    private static final int MILLIGRAM = 3;

    public static WeightFigure of(Weight weight, UnitSystem units) {
        return new WeightFigure(weight.in(WeightUnit.GRAM, MILLIGRAM), MeasureText.show(weight, units));
    }
}
