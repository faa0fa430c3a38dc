package nobrec.core.item;

import java.util.List;
import java.util.Optional;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;

/**
 * Equal pieces to be packed.
 *
 * @param key what the caller knows the line by
 * @param lots in the order in which they are to be used up; may cover fewer pieces than there are
 */
public record PackItem(
        long key,
        String description,
        int quantity,
        Optional<Weight> unitWeight,
        Optional<Size> unitSize,
        Handling handling,
        List<LotShare> lots) {

    public PackItem {
        if (quantity < 1) {
            throw new IllegalArgumentException("Nothing to pack of " + description);
        }
        lots = List.copyOf(lots);
    }

    public PackItem ofQuantity(int pieces) {
        return new PackItem(key, description, pieces, unitWeight, unitSize, handling, lots);
    }

    public PackItem ofLots(List<LotShare> others) {
        return new PackItem(key, description, quantity, unitWeight, unitSize, handling, others);
    }
}
