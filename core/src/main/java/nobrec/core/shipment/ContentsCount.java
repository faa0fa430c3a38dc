package nobrec.core.shipment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nobrec.core.item.LotShare;

/**
 * Which pieces were scanned into which package. What was scanned and is not in the package any more does not count.
 */
public final class ContentsCount {

    /** Pieces of a line that were scanned into a package, with their lot or serial; empty text for those without. */
    public record Scanned(long packageId, long lineId, String lot, int pieces) {}

    private record Key(long packageId, long lineId, String lot) {}

    private final Shipment shipment;
    private final Map<Key, Integer> scanned = new HashMap<>();

    public ContentsCount(Shipment shipment, List<Scanned> scans) {
        this.shipment = shipment;
        scans.forEach(each ->
                scanned.merge(new Key(each.packageId(), each.lineId(), each.lot()), each.pieces(), Integer::sum));
    }

    /** Of the pieces in a package, those that were scanned. */
    public int of(Shipment.Package packed, Shipment.Content content) {
        if (content.lots().isEmpty()) {
            return Math.min(content.quantity(), count(packed, content, ""));
        }
        int counted = 0;
        int inLots = 0;
        for (LotShare share : content.lots()) {
            counted += Math.min(share.quantity(), count(packed, content, share.lot()));
            inLots += share.quantity();
        }
        return counted + Math.min(content.quantity() - inLots, count(packed, content, ""));
    }

    public int ofLot(Shipment.Package packed, Shipment.Content content, String lot) {
        return count(packed, content, lot);
    }

    private int count(Shipment.Package packed, Shipment.Content content, String lot) {
        return scanned.getOrDefault(new Key(packed.id(), content.workOrderLineId(), lot), 0);
    }

    public int pieces() {
        return shipment.packages().stream().mapToInt(this::of).sum();
    }

    public int of(Shipment.Package packed) {
        return packed.contents().stream().mapToInt(each -> of(packed, each)).sum();
    }

    public boolean isBegun() {
        return pieces() > 0;
    }

    public boolean isComplete() {
        return pieces() == shipment.pieces();
    }

    public boolean isComplete(Shipment.Package packed) {
        return of(packed)
                == packed.contents().stream()
                        .mapToInt(Shipment.Content::quantity)
                        .sum();
    }

    /** What has not been scanned, in words: {@code 2 of SEAL-7 in package 1}. */
    public List<String> missing(Jobs jobs) {
        List<String> missing = new ArrayList<>();
        for (Shipment.Package packed : shipment.packages()) {
            for (Shipment.Content content : packed.contents()) {
                int open = content.quantity() - of(packed, content);
                if (open > 0) {
                    missing.add(open + " of "
                            + jobs.line(content.workOrderLineId()).item() + " in package " + packed.number());
                }
            }
        }
        return missing;
    }
}
