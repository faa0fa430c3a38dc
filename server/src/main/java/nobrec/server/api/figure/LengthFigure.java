package nobrec.server.api.figure;

import java.math.BigDecimal;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.UnitSystem;
import nobrec.core.notation.MeasureText;

/**
 * A length.
 *
 * @param millimeters to the micrometer
 * @param text as the shop writes it, with its unit
 */
public record LengthFigure(BigDecimal millimeters, String text) {

    private static final int MICROMETER = 3;

    public static LengthFigure of(Length length, UnitSystem units) {
        return new LengthFigure(millimeters(length), MeasureText.show(length, units));
    }

    static BigDecimal millimeters(Length length) {
        return length.in(LengthUnit.MILLIMETER, MICROMETER);
    }
}
