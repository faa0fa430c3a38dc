package nobrec.server.shipment;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nobrec.core.carton.Placement;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.service.Accessorial;
import nobrec.core.shipment.ContentsCount;
import nobrec.core.shipment.PackageSplit;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.server.platform.LotText;
import org.joda.money.Money;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what becomes of a shipment, in the transaction of whoever decided it. */
@Component
@Transactional(propagation = Propagation.MANDATORY)
public class ShipmentStore {

    private static final int ROWS_AT_ONCE = 1_000;

    /** What it goes by and what that comes to, kept as of the moment at which it was decided. */
    public record Terms(
            String serviceCode,
            LocalDate shipDate,
            LocalDate deliveryDate,
            Money freightCost,
            Money customerCharge,
            Money margin) {}

    private final ShipmentMapper mapper;
    private final Clock clock;

    ShipmentStore(ShipmentMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** @return the id of a new one, without lines and packages */
    public long insert(long siteId, long workOrderId) {
        NewShipment fresh = new NewShipment(siteId, workOrderId, clock.instant());
        mapper.insert(fresh);
        return fresh.getId();
    }

    /** An open one that is given up, with all that is in it. */
    public void delete(Shipment shipment) {
        keep(shipment, shipment.holding(List.of()).going(List.of()));
        mapper.deleteShipment(shipment.id());
    }

    /** Keeps lines and packages as they are now; what did not change is not written. */
    public void keep(Shipment before, Shipment now) {
        Map<Long, Shipment.Package> kept = new HashMap<>();
        now.packages().forEach(each -> kept.put(each.id(), each));
        before.packages().stream().filter(each -> !kept.containsKey(each.id())).forEach(this::remove);
        keepLines(before, now);
        keepPackages(before, now);
    }

    private void remove(Shipment.Package packed) {
        mapper.deleteInside(packed.id());
        mapper.deletePackage(packed.id());
    }

    private void keepLines(Shipment before, Shipment now) {
        Map<Long, Integer> quantities = before.lines().stream()
                .collect(Collectors.toMap(Shipment.Line::workOrderLineId, Shipment.Line::quantity));
        List<Shipment.Line> added = new ArrayList<>();
        for (Shipment.Line line : now.lines()) {
            Integer was = quantities.remove(line.workOrderLineId());
            if (was == null) {
                added.add(line);
            } else if (was != line.quantity()) {
                mapper.updateLine(now.id(), line.workOrderLineId(), line.quantity());
            }
        }
        quantities.keySet().forEach(lineId -> mapper.deleteLine(now.id(), lineId));
        if (!added.isEmpty()) {
            mapper.insertLines(now.id(), added);
        }
    }

    /** Numbers of packages that stay only ever fall, so that none is taken twice on the way. */
    private void keepPackages(Shipment before, Shipment now) {
        Map<Long, Shipment.Package> were =
                before.packages().stream().collect(Collectors.toMap(Shipment.Package::id, Function.identity()));
        List<ContentRow> contents = new ArrayList<>();
        List<PlacementRow> placements = new ArrayList<>();
        for (Shipment.Package each : now.packages()) {
            Shipment.Package was = were.get(each.id());
            if (was != null && was.number() != each.number()) {
                mapper.updateNumber(each.id(), each.number());
            }
            if (was == null || !was.numbered(each.number()).equals(each)) {
                long id = was == null ? insertPackage(now.id(), each) : rewrite(each);
                each.contents()
                        .forEach(content -> contents.add(new ContentRow(
                                id, content.workOrderLineId(), content.quantity(), LotText.write(content.lots()))));
                placements.addAll(rows(id, each.placements()));
            }
        }
        inPortions(contents, mapper::insertContents);
        inPortions(placements, mapper::insertPlacements);
    }

    private long rewrite(Shipment.Package each) {
        mapper.deleteInside(each.id());
        mapper.updateCarton(
                each.id(),
                each.cartonCode(),
                each.cartonReason(),
                each.size(),
                each.expectedWeight().orElse(null),
                each.placedByHand());
        return each.id();
    }

    private long insertPackage(long shipmentId, Shipment.Package each) {
        NewPackage row = new NewPackage(
                shipmentId,
                each.number(),
                each.cartonCode(),
                each.cartonReason(),
                each.size(),
                each.expectedWeight().orElse(null),
                each.placedByHand());
        mapper.insertPackage(row);
        return row.getId();
    }

    private static List<PlacementRow> rows(long packageId, List<Placement> placements) {
        List<PlacementRow> rows = new ArrayList<>();
        for (Placement placement : placements) {
            rows.add(PlacementRow.of(packageId, rows.size() + 1, placement));
        }
        return rows;
    }

    private static <T> void inPortions(List<T> rows, Consumer<List<T>> insert) {
        for (int from = 0; from < rows.size(); from += ROWS_AT_ONCE) {
            insert.accept(rows.subList(from, Math.min(rows.size(), from + ROWS_AT_ONCE)));
        }
    }

    /** An open one as it was before, with the same lines: packages, weights, and what was chosen. What was scanned stays scanned. */
    public void putBack(Shipment now, Shipment before, String signIn) {
        if (sameButMeasures(now, before)) {
            for (Shipment.Package was : before.packages()) {
                putMeasuresBack(was.id(), was);
            }
        } else {
            List<ContentsCount.Scanned> scans = mapper.scannedOf(now.id());
            Map<Long, Integer> numbers =
                    now.packages().stream().collect(Collectors.toMap(Shipment.Package::id, Shipment.Package::number));
            keep(now, now.holding(List.of()));
            keep(
                    now.holding(List.of()),
                    before.holding(before.packages().stream()
                            .map(Shipment.Package::asNew)
                            .toList()));
            Map<Integer, Long> ids =
                    mapper.packagesOf(now.id()).stream().collect(Collectors.toMap(PackageRow::number, PackageRow::id));
            before.packages().forEach(was -> putMeasuresBack(requireNonNull(ids.get(was.number())), was));
            for (ContentsCount.Scanned scan : scans) {
                Long id = ids.get(requireNonNull(numbers.get(scan.packageId())));
                if (id != null) {
                    mapper.addScan(
                            now.id(),
                            new ContentsCount.Scanned(id, scan.lineId(), scan.lot(), scan.pieces()),
                            signIn,
                            clock.instant());
                }
            }
        }
        mapper.updateChosenService(now.id(), before.chosenService().orElse(null));
        mapper.updateShipOn(now.id(), before.shipOn().orElse(null));
        chooseAccessorials(now.id(), before.accessorials());
        mapper.updateSite(now.id(), before.siteId());
    }

    private void putMeasuresBack(long packageId, Shipment.Package was) {
        mapper.updateWeight(
                packageId, was.weight().orElse(null), was.weightSource().orElse(null));
        mapper.updateSize(packageId, was.size());
    }

    private static boolean sameButMeasures(Shipment now, Shipment before) {
        return now.packages().size() == before.packages().size()
                && IntStream.range(0, now.packages().size())
                        .allMatch(index -> now.packages()
                                .get(index)
                                .isSameButMeasures(before.packages().get(index)));
    }

    public void weigh(long packageId, Weight weight, Shipment.WeightSource source) {
        mapper.updateWeight(packageId, weight, source);
    }

    public void measure(long packageId, Size size) {
        mapper.updateSize(packageId, size);
    }

    public void chooseService(long shipmentId, String serviceCode) {
        mapper.updateChosenService(shipmentId, serviceCode);
    }

    /** The whole set. */
    public void chooseAccessorials(long shipmentId, Set<Accessorial> accessorials) {
        mapper.updateAccessorials(
                shipmentId,
                accessorials.stream().map(Accessorial::name).sorted().collect(Collectors.joining(",")));
    }

    public void leaveFrom(long shipmentId, long siteId) {
        mapper.updateSite(shipmentId, siteId);
    }

    public void shipOn(long shipmentId, LocalDate day) {
        mapper.updateShipOn(shipmentId, day);
    }

    /** From open to shipping, with the charge lines as of now: they stay, whatever becomes of rates and rules. */
    public void beginShipping(long shipmentId, String startedBy, Terms terms, List<ChargeLineRow> chargeLines) {
        mapper.insertChargeLines(shipmentId, chargeLines);
        mapper.beginShipping(
                shipmentId,
                startedBy,
                terms.serviceCode(),
                terms.shipDate(),
                terms.deliveryDate(),
                terms.freightCost(),
                terms.customerCharge(),
                terms.margin());
    }

    /** Those of the numbers that packages have already. */
    public void keepScan(long shipmentId, ContentsCount.Scanned scan, String signIn) {
        mapper.addScan(shipmentId, scan, signIn, clock.instant());
    }

    /** @return whether there was one */
    public boolean takeBackScan(long shipmentId) {
        return mapper.takeBackScan(shipmentId) > 0;
    }

    public List<String> trackingNumbersInUse(Collection<String> numbers) {
        return mapper.trackingNumbersInUse(numbers);
    }

    /** From shipping to shipped, with a tracking number by package number. */
    public void markShipped(long shipmentId, Map<Integer, String> trackingNumbers) {
        mapper.updateTrackingNumbers(shipmentId, trackingNumbers);
        mapper.markShipped(shipmentId, clock.instant());
    }

    /**
     * From shipped back to open: its carrier has made it void. What it was stays in the tables of what is void.
     *
     * @return the id under which it stays there
     */
    public long reopenVoided(Shipment shipment, String voidedBy) {
        NewVoided voided = NewVoided.all(shipment, voidedBy, clock.instant());
        mapper.insertVoided(voided);
        mapper.insertVoidedPackages(voided.getId(), shipment.id());
        mapper.clearTrackingNumbers(shipment.id());
        mapper.updateState(shipment.id(), ShipmentState.SHIPPED, ShipmentState.OPEN, null);
        mapper.deleteChargeLines(shipment.id());
        return voided.getId();
    }

    /**
     * A package of one that has gone is void: it stands in an open shipment of its own, as it was packed.
     *
     * @param before the shipment with it
     * @param terms what the rest comes to, and of what
     * @return the id under which what is void stays
     */
    public long takeOutVoided(
            Shipment before, PackageSplit split, Terms terms, List<ChargeLineRow> chargeLines, String voidedBy) {
        long bench = insert(before.siteId(), split.leading());
        NewVoided voided = NewVoided.one(before, split.taken().number(), bench, voidedBy, clock.instant());
        mapper.insertVoided(voided);
        mapper.insertVoidedPackage(voided.getId(), split.taken().id());
        // First out of the one, then into the other: no piece is in two at any time.
        keepLines(before, split.rest());
        if (!split.lines().isEmpty()) {
            mapper.insertLines(bench, split.lines());
        }
        mapper.movePackage(split.taken().id(), bench);
        mapper.moveScans(split.taken().id(), bench);
        chooseService(bench, terms.serviceCode());
        chooseAccessorials(bench, before.accessorials());
        mapper.updateAmounts(before.id(), terms.freightCost(), terms.customerCharge(), terms.margin());
        mapper.deleteChargeLines(before.id());
        mapper.insertChargeLines(before.id(), chargeLines);
        return voided.getId();
    }

    /** From shipping back to open: the carrier refused. */
    public void reopen(long shipmentId) {
        mapper.updateState(shipmentId, ShipmentState.SHIPPING, ShipmentState.OPEN, null);
        mapper.deleteChargeLines(shipmentId);
    }
}
