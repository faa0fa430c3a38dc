package nobrec.core.packing;

import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import org.joda.money.Money;

/**
 * A kind of package.
 *
 * @param code short code, also on its barcode
 * @param tare weight of the empty package
 * @param greatestContents greatest weight of what may be put in
 * @param bandFrom contents from this weight on go into this type when nothing else decides
 * @param bandTo up to and with this weight
 * @param cost what one of them costs us
 * @param standard the one taken when a record says nothing about weight
 */
public record CartonType(
        String code,
        String name,
        Size inner,
        Size outer,
        Weight tare,
        Weight greatestContents,
        Weight bandFrom,
        Weight bandTo,
        Money cost,
        boolean standard) {

    boolean bandCovers(Weight contents) {
        return !bandFrom.isAbove(contents) && !contents.isAbove(bandTo);
    }
}
