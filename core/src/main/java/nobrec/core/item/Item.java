package nobrec.core.item;

import java.util.Optional;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;

/**
 * A thing the shop makes, sells or services again and again.
 *
 * @param unitWeight of one piece
 * @param unitSize of one piece
 * @param shelf where it lies; empty text when not known
 * @param barcode on the piece itself; empty text for none
 */
public record Item(
        String number,
        String description,
        Optional<Weight> unitWeight,
        Optional<Size> unitSize,
        Handling handling,
        LineGoods goods,
        String shelf,
        String barcode) {

    public Item weighing(Weight weight) {
        return new Item(number, description, Optional.of(weight), unitSize, handling, goods, shelf, barcode);
    }
}
