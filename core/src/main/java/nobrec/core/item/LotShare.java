package nobrec.core.item;

import java.util.ArrayList;
import java.util.List;

/** A number of pieces that bear the same lot or serial number. */
public record LotShare(String lot, int quantity) {

    public LotShare {
        if (quantity < 1) {
            throw new IllegalArgumentException("A lot without a piece: " + lot);
        }
    }

    /** The lots of {@code count} pieces after {@code skipped} others were taken, in the given order. */
    public static List<LotShare> take(List<LotShare> lots, int skipped, int count) {
        List<LotShare> taken = new ArrayList<>();
        int before = skipped;
        int requested = count;
        for (LotShare each : lots) {
            int from = Math.min(before, each.quantity());
            before -= from;
            int here = Math.min(requested, each.quantity() - from);
            if (here > 0) {
                taken.add(new LotShare(each.lot(), here));
                requested -= here;
            }
        }
        return taken;
    }
}
