package nobrec.server.platform.mapping;

import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import org.apache.ibatis.type.MappedTypes;

/** A weight as exact grams: twelve places hold an eighth of a nanogram. */
@MappedTypes(Weight.class)
public class WeightHandler extends DecimalHandler<Weight> {

    public WeightHandler() {
        super(weight -> weight.in(WeightUnit.GRAM, 12), grams -> Weight.of(grams, WeightUnit.GRAM));
    }
}
