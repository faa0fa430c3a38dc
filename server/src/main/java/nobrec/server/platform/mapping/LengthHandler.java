package nobrec.server.platform.mapping;

import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import org.apache.ibatis.type.MappedTypes;

/** A length as exact millimetres: six places hold a nanometre. */
@MappedTypes(Length.class)
public class LengthHandler extends DecimalHandler<Length> {

    public LengthHandler() {
        super(
                length -> length.in(LengthUnit.MILLIMETRE, 6),
                millimetres -> Length.of(millimetres, LengthUnit.MILLIMETRE));
    }
}
