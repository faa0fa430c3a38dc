package nobrec.core.packing;

import java.util.Optional;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;

/**
 * Equal pieces to be packed.
 *
 * @param key what the caller knows the line by
 */
public record PackItem(
        long key, String description, int quantity, Optional<Weight> unitWeight, Optional<Size> unitSize) {

    public PackItem {
        if (quantity < 1) {
            throw new IllegalArgumentException("Nothing to pack of " + description);
        }
    }
}
