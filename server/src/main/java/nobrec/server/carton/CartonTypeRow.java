package nobrec.server.carton;

import nobrec.core.measure.Length;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.packing.CartonType;
import org.joda.money.Money;

/** A row of table carton_type. */
record CartonTypeRow(
        String code,
        String name,
        Length innerLength,
        Length innerWidth,
        Length innerHeight,
        Length outerLength,
        Length outerWidth,
        Length outerHeight,
        Weight tare,
        Weight greatestContents,
        Weight bandFrom,
        Weight bandTo,
        Money cost,
        boolean standard) {

    static CartonTypeRow of(CartonType carton) {
        return new CartonTypeRow(
                carton.code(),
                carton.name(),
                carton.inner().length(),
                carton.inner().width(),
                carton.inner().height(),
                carton.outer().length(),
                carton.outer().width(),
                carton.outer().height(),
                carton.tare(),
                carton.greatestContents(),
                carton.bandFrom(),
                carton.bandTo(),
                carton.cost(),
                carton.standard());
    }

    CartonType cartonType() {
        return new CartonType(
                code,
                name,
                new Size(innerLength, innerWidth, innerHeight),
                new Size(outerLength, outerWidth, outerHeight),
                tare,
                greatestContents,
                bandFrom,
                bandTo,
                cost,
                standard);
    }
}
