package nobrec.server.packing;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.carton.CartonType;
import nobrec.core.item.Item;
import nobrec.core.item.LotShare;
import nobrec.core.shipment.ContentsCount;
import nobrec.core.shipment.ContentsScan;
import nobrec.core.shipment.HandPacking;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.server.audit.AuditLog;
import nobrec.server.carton.CartonTypes;
import nobrec.server.item.Items;
import nobrec.server.shipment.ShipmentStore;
import nobrec.server.shipment.Shipments;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pieces scanned as they go into their packages; what a scan means is decided by {@link ContentsScan}. */
@Service
@Transactional
public class ContentsScans {

    /** A carton's barcode on its shelf: this, then its code; or the code alone where no item is called that. */
    private static final String CARTON_PREFIX = "NOBREC-CARTON-";

    private final Shipments shipments;
    private final ShipmentStore store;
    private final Packers packers;
    private final Items items;
    private final CartonTypes cartonTypes;
    private final BenchUndo undo;
    private final AuditLog auditLog;

    ContentsScans(
            Shipments shipments,
            ShipmentStore store,
            Packers packers,
            Items items,
            CartonTypes cartonTypes,
            BenchUndo undo,
            AuditLog auditLog) {
        this.shipments = shipments;
        this.store = store;
        this.packers = packers;
        this.items = items;
        this.cartonTypes = cartonTypes;
        this.undo = undo;
        this.auditLog = auditLog;
    }

    /** @param focus number of the package that is filled */
    public ContentsScan scan(long shipmentId, int focus, String text, String signIn) {
        Shipment shipment = open(shipmentId);
        shipment.packageNumbered(focus);
        Jobs jobs = shipments.jobs(shipment);
        String plain = text.strip();
        ContentsScan scan =
                ContentsScan.of(plain, focus, shipment, jobs, shipments.contentsCount(shipment), meaning(plain));
        if (scan.verdict() == ContentsScan.Verdict.NEW_PACKAGE) {
            String carton = cartonOf(plain).orElseThrow();
            undo.remember(shipment, "added a package", signIn);
            store.keep(shipment, hands(shipment, jobs).add(shipment, carton));
            auditLog.write(signIn, "added a package", "Shipment " + shipmentId, carton);
        } else if (scan.verdict() == ContentsScan.Verdict.PLACED) {
            Shipment placed = hands(shipment, jobs).move(shipment, scan.lineId(), 1, HandPacking.NO_PACKAGE, focus);
            store.keep(shipment, placed);
        }
        if (scan.verdict().counts()) {
            keep(shipments.byId(shipmentId), focus, scan.lineId(), scan.lot(), 1, signIn);
        }
        return scan;
    }

    private Shipment open(long shipmentId) {
        Shipment shipment = shipments.locked(shipmentId);
        shipment.requireOpen();
        return shipment;
    }

    private HandPacking hands(Shipment shipment, Jobs jobs) {
        return new HandPacking(packers.of(shipment, jobs));
    }

    private void keep(Shipment shipment, int number, long lineId, String lot, int pieces, String signIn) {
        store.keepScan(
                shipment.id(),
                new ContentsCount.Scanned(shipment.packageNumbered(number).id(), lineId, lot, pieces),
                signIn);
    }

    private ContentsScan.Meaning meaning(String text) {
        List<Item> found = items.scanned(text);
        Set<String> numbers = new HashSet<>();
        numbers.add(ContentsScan.key(text));
        found.forEach(item -> numbers.add(ContentsScan.key(item.number())));
        return new ContentsScan.Meaning(numbers, !found.isEmpty(), cartonOf(text));
    }

    private Optional<String> cartonOf(String text) {
        String key = ContentsScan.key(text);
        String code = key.startsWith(CARTON_PREFIX) ? key.substring(CARTON_PREFIX.length()) : key;
        return cartonTypes.all().stream()
                .map(CartonType::code)
                .filter(each -> each.equalsIgnoreCase(code))
                .findFirst();
    }

    /** What is open of a line in a package was counted by eye: it bears no barcode. */
    public void countByEye(long shipmentId, int number, long lineId, String signIn) {
        Shipment shipment = open(shipmentId);
        Shipment.Package packed = shipment.packageNumbered(number);
        ContentsCount count = shipments.contentsCount(shipment);
        Shipment.Content content = packed.contents().stream()
                .filter(each -> each.workOrderLineId() == lineId)
                .findFirst()
                .orElseThrow(HandPacking::noSuchLine);
        int open = content.quantity() - count.of(packed, content);
        for (LotShare share : content.lots()) {
            int openOfLot = share.quantity() - count.ofLot(packed, content, share.lot());
            if (openOfLot > 0) {
                keep(shipment, number, lineId, share.lot(), openOfLot, signIn);
                open -= openOfLot;
            }
        }
        if (open > 0) {
            keep(shipment, number, lineId, "", open, signIn);
        }
        auditLog.write(
                signIn,
                "counted contents by eye",
                "Shipment " + shipmentId,
                content.quantity() + " of "
                        + shipments.jobs(shipment).line(lineId).item() + " in package " + number);
    }
}
