package nobrec.server.api.figure;

import java.math.BigDecimal;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.notation.MeasureText;

/**
 * Three sides, to the micrometer.
 *
 * @param text as the shop writes it, with its unit
 */
public record SizeFigure(
        BigDecimal lengthMillimeters, BigDecimal widthMillimeters, BigDecimal heightMillimeters, String text) {

    public static SizeFigure of(Size size, UnitSystem units) {
        return new SizeFigure(
                LengthFigure.millimeters(size.length()),
                LengthFigure.millimeters(size.width()),
                LengthFigure.millimeters(size.height()),
                MeasureText.show(size, units));
    }
}
