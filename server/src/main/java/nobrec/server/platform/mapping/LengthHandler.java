package nobrec.server.platform.mapping;

import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import org.apache.ibatis.type.MappedTypes;

/** A length as exact millimeters: six places hold a nanometer. */
@MappedTypes(Length.class)
public class LengthHandler extends DecimalHandler<Length> {

    public LengthHandler() {
        super(
                length -> length.in(LengthUnit.MILLIMETER, 6),
                millimeters -> Length.of(millimeters, LengthUnit.MILLIMETER));
    }
}
