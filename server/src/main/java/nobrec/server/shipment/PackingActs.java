package nobrec.server.shipment;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nobrec.core.limit.Limits;
import nobrec.core.packing.CartonType;
import nobrec.core.packing.LotShare;
import nobrec.server.actlog.ActLog;
import nobrec.server.carton.CartonTypes;
import nobrec.server.platform.problem.Refusal;
import nobrec.server.workorder.WorkOrder;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Packing by hand. What a person moves stays where she put it; each package she touches is laid out anew in its carton and
 * has to be weighed again.
 */
@Service
@Transactional
class PackingActs {

    private final Shipments shipments;
    private final ShipmentMapper mapper;
    private final ShipmentPacker packer;
    private final CartonTypes cartonTypes;
    private final WorkOrders workOrders;
    private final ActLog actLog;

    PackingActs(
            Shipments shipments,
            ShipmentMapper mapper,
            ShipmentPacker packer,
            CartonTypes cartonTypes,
            WorkOrders workOrders,
            ActLog actLog) {
        this.shipments = shipments;
        this.mapper = mapper;
        this.packer = packer;
        this.cartonTypes = cartonTypes;
        this.workOrders = workOrders;
        this.actLog = actLog;
    }

    /** Another carton for a package. */
    void changeCarton(long shipmentId, int number, String cartonCode, String signIn) {
        Shipment shipment = open(shipmentId);
        Shipment.Package packed = shipment.packageNumbered(number);
        if (packed.cartonCode().equals(cartonCode)) {
            return;
        }
        CartonType carton = cartonTypes.byCode(cartonCode);
        packer.fill(packed.id(), carton, packed.contents(), shipments.jobs(shipment));
        log(signIn, "changed a carton", shipment, "package " + number + ": " + cartonCode);
    }

    /**
     * Moves pieces of a line.
     *
     * @param from package number; zero takes pieces that are in no package
     * @param to package number; zero leaves the pieces in none
     */
    void move(long shipmentId, long lineId, int quantity, int from, int to, String signIn) {
        Shipment shipment = open(shipmentId);
        Jobs jobs = shipments.jobs(shipment);
        requireLine(shipment, lineId);
        if (from == to) {
            return;
        }
        int there = from == 0
                ? shipment.quantityOf(lineId) - shipment.placed().getOrDefault(lineId, 0)
                : shipment.packageNumbered(from).piecesOf(lineId);
        String item = jobs.line(lineId).item();
        if (quantity < 1 || quantity > there) {
            throw Refusal.unusable(
                    quantity + " of " + item,
                    (from == 0 ? "No package has not yet got " : "Package " + from + " holds ") + there + " of them.",
                    "Move " + (there == 0 ? "another item" : "1 to " + there) + ".");
        }
        List<LotShare> lots = from == 0 ? freeLots(shipment, jobs, lineId, quantity) : List.of();
        if (from != 0) {
            Shipment.Package giver = shipment.packageNumbered(from);
            lots = LotShare.take(lotsOf(giver, lineId), Math.max(0, lotsCount(giver, lineId) - quantity), quantity);
            fill(giver, changed(giver.contents(), lineId, -quantity, List.of()), jobs);
        }
        if (to != 0) {
            Shipment.Package taker = shipment.packageNumbered(to);
            List<Shipment.Content> contents = changed(taker.contents(), lineId, quantity, lots);
            if (taker.contents().isEmpty()) {
                packer.fill(taker.id(), cartonFor(taker, contents, shipment, jobs), contents, jobs);
            } else {
                fill(taker, contents, jobs);
            }
        }
        dropEmptied(shipmentId, from);
        log(signIn, "moved pieces", shipment, quantity + " × " + item + ", package " + from + " to " + to);
    }

    /** What is split off goes into the cheapest carton that holds it, not into one like that it came from. */
    private CartonType cartonFor(
            Shipment.Package taker, List<Shipment.Content> contents, Shipment shipment, Jobs jobs) {
        return packer.cheapestFor(contents, shipment, jobs).orElseGet(() -> cartonTypes.byCode(taker.cartonCode()));
    }

    /** A new empty package. */
    void add(long shipmentId, String cartonCode, String signIn) {
        Shipment shipment = open(shipmentId);
        packer.add(shipment, cartonTypes.byCode(cartonCode));
        log(signIn, "added a package", shipment, cartonCode);
    }

    /**
     * The same again: a package in the same carton with the same contents, of the pieces that are in no package and in those
     * that nobody placed by hand.
     */
    void repeat(long shipmentId, int number, String signIn) {
        Shipment shipment = open(shipmentId);
        Jobs jobs = shipments.jobs(shipment);
        Shipment.Package model = shipment.packageNumbered(number);
        if (model.contents().isEmpty()) {
            throw Refusal.unusable("Package " + number, "It is empty.", "Repeat one that holds something.");
        }
        if (!model.placedByHand()) {
            fill(model, model.contents(), jobs);
        }
        long fresh = packer.add(shipment, cartonTypes.byCode(model.cartonCode()));
        List<Shipment.Content> same = new ArrayList<>();
        for (Shipment.Content content : model.contents()) {
            take(shipment, jobs, content, number, same);
        }
        packer.fill(fresh, cartonTypes.byCode(model.cartonCode()), same, jobs);
        dropAllEmptied(shipmentId);
        packer.pack(shipments.byId(shipmentId), jobs);
        log(signIn, "repeated a package", shipment, "package " + number);
    }

    private void take(Shipment shipment, Jobs jobs, Shipment.Content wanted, int model, List<Shipment.Content> same) {
        long lineId = wanted.workOrderLineId();
        int inHand = shipment.packages().stream()
                .filter(each -> each.placedByHand() || each.number() == model)
                .mapToInt(each -> each.piecesOf(lineId))
                .sum();
        int free = shipment.quantityOf(lineId) - inHand;
        if (free < wanted.quantity()) {
            throw Refusal.unusable(
                    "Package " + model,
                    "Only " + free + " of " + jobs.line(lineId).item() + " are left for the same again, not "
                            + wanted.quantity() + ".",
                    "Add a package and move what is there.");
        }
        same.add(new Shipment.Content(lineId, wanted.quantity(), List.of()));
    }

    /** Everything of one package into another. */
    void merge(long shipmentId, int from, int into, String signIn) {
        Shipment shipment = open(shipmentId);
        if (from == into) {
            return;
        }
        Jobs jobs = shipments.jobs(shipment);
        Shipment.Package giver = shipment.packageNumbered(from);
        Shipment.Package taker = shipment.packageNumbered(into);
        List<Shipment.Content> contents = taker.contents();
        for (Shipment.Content content : giver.contents()) {
            contents = changed(contents, content.workOrderLineId(), content.quantity(), content.lots());
        }
        fill(taker, contents, jobs);
        packer.remove(giver);
        packer.renumber(shipments.byId(shipmentId).packages());
        log(signIn, "merged packages", shipment, from + " into " + into);
    }

    /** @param all whether also what was placed by hand is given up */
    void planAnew(long shipmentId, boolean all, String signIn) {
        Shipment shipment = open(shipmentId);
        if (all) {
            shipment.packages().forEach(packer::remove);
        }
        packer.pack(shipments.byId(shipmentId), shipments.jobs(shipment));
        log(signIn, "planned the packages anew", shipment, all ? "all of them" : "those not placed by hand");
    }

    /**
     * Another work order to the same place goes along. Locks are taken in one order everywhere: shipments by their ids, then
     * work orders; so the other job's own shipment is looked up first, and again once everything is locked.
     */
    void addJob(long shipmentId, String number, String signIn) {
        long otherId = workOrders.idOf(number);
        Optional<Long> own = shipments.openOf(otherId).filter(id -> id != shipmentId);
        Stream.concat(Stream.of(shipmentId), own.stream()).sorted().forEach(shipments::locked);
        WorkOrder other = workOrders.locked(otherId);
        Shipment shipment = open(shipmentId);
        Jobs jobs = shipments.jobs(shipment);
        if (jobs.all().size() >= Limits.JOBS_OF_SHIPMENT) {
            throw Refusal.unusable(
                    "This shipment",
                    "It takes " + Limits.JOBS_OF_SHIPMENT + " jobs, which is the most.",
                    "Ship job " + number + " for itself.");
        }
        requireMayGoAlong(other, jobs);
        if (!shipments.openOf(otherId).filter(id -> id != shipmentId).equals(own)) {
            throw Refusal.conflict(
                    "Job " + number, "Somebody opened it at the same moment.", "Look at it, then add it again.");
        }
        own.ifPresent(id -> giveUp(shipments.byId(id), other));
        WorkOrder now = workOrders.byId(otherId);
        if (!now.hasPiecesToTake()) {
            throw Refusal.conflict("Job " + number, "All of it has left.", "Choose another job.");
        }
        shipments.putIn(shipmentId, now);
        Shipment wider = shipments.byId(shipmentId);
        packer.pack(wider, shipments.jobs(wider));
        log(signIn, "put a job into a shipment", shipment, number);
    }

    /** A job that was put in goes for itself again. */
    void takeOutJob(long shipmentId, String number, String signIn) {
        Shipment shipment = open(shipmentId);
        Jobs jobs = shipments.jobs(shipment);
        WorkOrder out = jobs.all().stream()
                .skip(1)
                .filter(job -> job.number().equals(number))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("Job " + number, "It is none of those that were added here."));
        Set<Long> lines = out.lines().stream().map(WorkOrder.Line::id).collect(Collectors.toSet());
        for (Shipment.Package each : shipment.packages()) {
            List<Shipment.Content> kept = each.contents().stream()
                    .filter(content -> !lines.contains(content.workOrderLineId()))
                    .toList();
            if (each.placedByHand() && kept.size() < each.contents().size()) {
                fill(each, kept, jobs);
            } else if (!each.placedByHand()) {
                packer.remove(each);
            }
        }
        shipment.lines().stream()
                .filter(line -> lines.contains(line.workOrderLineId()))
                .forEach(line -> mapper.deleteLine(shipmentId, line.workOrderLineId()));
        dropAllEmptied(shipmentId);
        workOrders.takeOffBench(out.id());
        packer.pack(shipments.byId(shipmentId), jobs);
        log(signIn, "took a job out of a shipment", shipment, number);
    }

    /** Pieces that stayed here go after all. */
    void takeAlong(long shipmentId, long lineId, int quantity, String signIn) {
        Shipment shipment = open(shipmentId);
        Jobs jobs = shipments.jobs(shipment);
        WorkOrder owner = jobs.all().stream()
                .filter(each -> each.lines().stream().anyMatch(line -> line.id() == lineId))
                .findFirst()
                .orElseThrow(PackingActs::noSuchLine);
        WorkOrder job = workOrders.locked(owner.id());
        WorkOrder.Line line = job.lines().stream()
                .filter(each -> each.id() == lineId)
                .findFirst()
                .orElseThrow();
        if (quantity > line.quantityToTake()) {
            throw Refusal.unusable(
                    quantity + " of " + line.item(),
                    line.quantityToTake() + " of them are in no shipment.",
                    line.quantityToTake() == 0 ? "Choose another line." : "Take 1 to " + line.quantityToTake() + ".");
        }
        int before = shipment.quantityOf(lineId);
        if (before == 0) {
            mapper.insertLines(shipmentId, List.of(new Shipment.Line(lineId, quantity)));
            workOrders.putOnBench(job.id());
        } else {
            mapper.updateLine(shipmentId, lineId, before + quantity);
        }
        Shipment wider = shipments.byId(shipmentId);
        packer.pack(wider, shipments.jobs(wider));
        log(signIn, "took pieces back into the shipment", shipment, quantity + " × " + line.item());
    }

    private static void requireMayGoAlong(WorkOrder other, Jobs jobs) {
        if (jobs.all().stream().anyMatch(job -> job.id() == other.id())) {
            throw Refusal.conflict(
                    "Job " + other.number(), "It goes in this shipment already.", "Nothing is left to do.");
        }
        if (!other.shipTo().equals(jobs.leading().shipTo())
                || other.terms() != jobs.leading().terms()) {
            throw Refusal.unusable(
                    "Job " + other.number(),
                    other.shipTo().equals(jobs.leading().shipTo())
                            ? "Its freight terms are “" + other.terms().words() + "”."
                            : "It goes to " + other.shipTo().name() + ", "
                                    + other.shipTo().townLine() + ".",
                    "Only jobs to the same place on the same terms go in one shipment.");
        }
    }

    /** The other job's own shipment, of nothing but that job and not yet on its way. */
    private void giveUp(Shipment own, WorkOrder other) {
        boolean alone = shipments.jobs(own).all().size() == 1 && own.workOrderId() == other.id();
        if (own.state() != ShipmentState.OPEN || !alone) {
            throw Refusal.conflict(
                    "Job " + other.number(),
                    alone ? "It is being shipped just now." : "It goes together with another job already.",
                    "Take it out there first.");
        }
        own.packages().forEach(packer::remove);
        own.lines().forEach(line -> mapper.deleteLine(own.id(), line.workOrderLineId()));
        mapper.deleteShipment(own.id());
    }

    /** Pieces stay here for another shipment; those in no package first, then those of the last packages. */
    void leaveBehind(long shipmentId, long lineId, int quantity, String signIn) {
        Shipment shipment = open(shipmentId);
        Jobs jobs = shipments.jobs(shipment);
        requireLine(shipment, lineId);
        int going = shipment.quantityOf(lineId);
        if (quantity < 1 || quantity > going) {
            throw Refusal.unusable(
                    quantity + " of " + jobs.line(lineId).item(),
                    "In this shipment go " + going + ".",
                    "Leave behind 1 to " + going + ".");
        }
        if (quantity == shipment.pieces()) {
            throw Refusal.unusable(
                    "This shipment", "Nothing would be left to ship.", "Leave at least one piece in it.");
        }
        int fromPackages = quantity - (going - shipment.placed().getOrDefault(lineId, 0));
        for (int index = shipment.packages().size() - 1; index >= 0 && fromPackages > 0; index--) {
            Shipment.Package each = shipment.packages().get(index);
            int here = Math.min(fromPackages, each.piecesOf(lineId));
            if (here > 0) {
                fill(each, changed(each.contents(), lineId, -here, List.of()), jobs);
                fromPackages -= here;
            }
        }
        if (quantity == going) {
            mapper.deleteLine(shipmentId, lineId);
        } else {
            mapper.updateLine(shipmentId, lineId, going - quantity);
        }
        dropAllEmptied(shipmentId);
        WorkOrder job = jobs.orderOf(lineId);
        if (shipments.byId(shipmentId).lines().stream()
                .noneMatch(line -> job.lines().stream().anyMatch(own -> own.id() == line.workOrderLineId()))) {
            workOrders.takeOffBench(job.id());
        }
        log(
                signIn,
                "left pieces for another shipment",
                shipment,
                quantity + " × " + jobs.line(lineId).item());
    }

    private void fill(Shipment.Package packed, List<Shipment.Content> contents, Jobs jobs) {
        packer.fill(packed.id(), cartonTypes.byCode(packed.cartonCode()), contents, jobs);
    }

    /** A package that was emptied by moving its last piece away is gone. */
    private void dropEmptied(long shipmentId, int number) {
        Shipment now = shipments.byId(shipmentId);
        now.packages().stream()
                .filter(each -> each.number() == number && each.contents().isEmpty())
                .forEach(packer::remove);
        packer.renumber(shipments.byId(shipmentId).packages());
    }

    private void dropAllEmptied(long shipmentId) {
        shipments.byId(shipmentId).packages().stream()
                .filter(each -> each.contents().isEmpty())
                .forEach(packer::remove);
        packer.renumber(shipments.byId(shipmentId).packages());
    }

    /** Contents with so many pieces of a line more, or less. */
    private static List<Shipment.Content> changed(
            List<Shipment.Content> contents, long lineId, int more, List<LotShare> moreLots) {
        Map<Long, Shipment.Content> byLine = new TreeMap<>();
        contents.forEach(content -> byLine.put(content.workOrderLineId(), content));
        Shipment.Content before = byLine.getOrDefault(lineId, new Shipment.Content(lineId, 0, List.of()));
        int quantity = before.quantity() + more;
        if (quantity == 0) {
            byLine.remove(lineId);
        } else {
            byLine.put(lineId, new Shipment.Content(lineId, quantity, lots(before, more, quantity, moreLots)));
        }
        return List.copyOf(byLine.values());
    }

    private static List<LotShare> lots(Shipment.Content before, int more, int quantity, List<LotShare> moreLots) {
        if (more < 0) {
            return LotShare.take(before.lots(), 0, quantity);
        }
        Map<String, Integer> sum = new TreeMap<>();
        before.lots().forEach(lot -> sum.merge(lot.lot(), lot.quantity(), Integer::sum));
        moreLots.forEach(lot -> sum.merge(lot.lot(), lot.quantity(), Integer::sum));
        return sum.entrySet().stream()
                .map(each -> new LotShare(each.getKey(), each.getValue()))
                .toList();
    }

    private static List<LotShare> lotsOf(Shipment.Package packed, long lineId) {
        return packed.contents().stream()
                .filter(content -> content.workOrderLineId() == lineId)
                .flatMap(content -> content.lots().stream())
                .toList();
    }

    private static int lotsCount(Shipment.Package packed, long lineId) {
        return lotsOf(packed, lineId).stream().mapToInt(LotShare::quantity).sum();
    }

    /** Lots of a line that no package has yet. */
    private static List<LotShare> freeLots(Shipment shipment, Jobs jobs, long lineId, int quantity) {
        WorkOrder.Line line = jobs.line(lineId);
        Map<String, Integer> left = new TreeMap<>();
        LotShare.take(line.lots(), line.quantityShipped(), shipment.quantityOf(lineId))
                .forEach(lot -> left.merge(lot.lot(), lot.quantity(), Integer::sum));
        shipment.packages()
                .forEach(each ->
                        lotsOf(each, lineId).forEach(lot -> left.merge(lot.lot(), -lot.quantity(), Integer::sum)));
        List<LotShare> free = left.entrySet().stream()
                .filter(each -> each.getValue() > 0)
                .map(each -> new LotShare(each.getKey(), each.getValue()))
                .toList();
        return LotShare.take(free, 0, quantity);
    }

    private Shipment open(long shipmentId) {
        Shipment shipment = shipments.locked(shipmentId);
        BenchActs.requireOpen(shipment);
        return shipment;
    }

    private static void requireLine(Shipment shipment, long lineId) {
        if (shipment.quantityOf(lineId) == 0) {
            throw noSuchLine();
        }
    }

    private static Refusal noSuchLine() {
        return Refusal.notFound("This line", "It is none of those in this shipment.");
    }

    private void log(String signIn, String act, Shipment shipment, String detail) {
        actLog.write(signIn, act, "Shipment " + shipment.id(), detail);
    }
}
