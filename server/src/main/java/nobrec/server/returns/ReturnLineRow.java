package nobrec.server.returns;

import nobrec.core.returns.Receipt;
import nobrec.core.returns.ReturnCondition;
import org.jspecify.annotations.Nullable;

/**
 * A row of table goods_return_line.
 *
 * @param quantity pieces that are to come
 * @param came null while nothing has come; the condition likewise
 */
record ReturnLineRow(
        long returnId,
        int position,
        long workOrderLineId,
        String item,
        int quantity,
        @Nullable Integer came,
        @Nullable ReturnCondition cameCondition) {

    Receipt.Expected expected() {
        return new Receipt.Expected(position, item, quantity);
    }
}
