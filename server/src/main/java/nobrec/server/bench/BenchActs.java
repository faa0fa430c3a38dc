package nobrec.server.bench;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import nobrec.core.address.Countries;
import nobrec.core.address.PhoneNumber;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import nobrec.core.charging.AccountNumber;
import nobrec.core.limit.Limits;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.notation.MeasureText;
import nobrec.core.notation.Reading;
import nobrec.core.packing.WeightPlausibility;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.Accessorial;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.audit.AuditLog;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.device.Desk;
import nobrec.server.device.DeskDevices;
import nobrec.server.device.PackageForScale;
import nobrec.server.packing.BenchUndo;
import nobrec.server.packing.PackingActs;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.shipment.ShipmentStore;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrders;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** What a person does to a shipment before it goes. Each act is refused once it is on its way. */
@Service
public class BenchActs {

    private final Shipments shipments;
    private final ShipmentStore store;
    private final WorkOrders workOrders;
    private final ServiceCatalog catalog;
    private final Sites sites;
    private final PackingActs packing;
    private final BenchUndo undo;
    private final DeskDevices devices;
    private final AuditLog auditLog;
    private final NobrecSettings settings;
    private final ApplicationEventPublisher events;
    private final TransactionOperations transactions;

    BenchActs(
            Shipments shipments,
            ShipmentStore store,
            WorkOrders workOrders,
            ServiceCatalog catalog,
            Sites sites,
            PackingActs packing,
            BenchUndo undo,
            DeskDevices devices,
            AuditLog auditLog,
            NobrecSettings settings,
            ApplicationEventPublisher events,
            TransactionOperations transactions) {
        this.shipments = shipments;
        this.store = store;
        this.workOrders = workOrders;
        this.catalog = catalog;
        this.sites = sites;
        this.packing = packing;
        this.undo = undo;
        this.devices = devices;
        this.auditLog = auditLog;
        this.settings = settings;
        this.events = events;
        this.transactions = transactions;
    }

    /** @param sure whether the person confirmed a weight that is far from what is expected */
    public void typeWeight(long shipmentId, int packageNumber, String text, boolean sure, String signIn) {
        Weight weight = readOrRefuse(
                MeasureText.readWeight(text, settings.units(), settings.decimals()),
                "Weight of package " + packageNumber);
        Optional<Weight> expected =
                shipments.byId(shipmentId).packageNumbered(packageNumber).expectedWeight();
        if (!sure
                && expected.filter(each -> WeightPlausibility.isFar(each, weight))
                        .isPresent()) {
            throw Refusal.conflict(
                    "Weight of package " + packageNumber,
                    MeasureText.show(weight, settings.units()) + " is far from the "
                            + MeasureText.show(expected.get(), settings.units())
                            + " that contents and carton should weigh.",
                    "Press Alt+Enter if it is right, or type it again.");
        }
        undoable(
                shipmentId,
                "typed the weight of package " + packageNumber,
                signIn,
                shipment -> keepWeight(shipment, packageNumber, weight, Shipment.WeightSource.TYPED, signIn));
    }

    /** The shipment as it would be with that weight; nothing is kept. */
    Shipment withWeight(long shipmentId, int packageNumber, String text) {
        Weight weight = readOrRefuse(
                MeasureText.readWeight(text, settings.units(), settings.decimals()),
                "Weight of package " + packageNumber);
        Shipment shipment = shipments.byId(shipmentId);
        shipment.requireOpen();
        return shipment.weighing(packageNumber, weight);
    }

    /** The scale, and the frame where the desk has one, are read outside any transaction: they may take two seconds each. */
    void readScale(long shipmentId, int packageNumber, Desk desk, String signIn) {
        Shipment shipment = shipments.byId(shipmentId);
        shipment.requireOpen();
        Shipment.Package packed = shipment.packageNumbered(packageNumber);
        events.publishEvent(new PackageForScale(packed.expectedWeight(), packed.size()));
        Weight weight = devices.weigh(desk);
        // A frame that measures nothing does not lose the weight.
        undoable(
                shipmentId,
                "weighed package " + packageNumber,
                signIn,
                now -> keepWeight(now, packageNumber, weight, Shipment.WeightSource.SCALE, signIn));
        devices.measure(desk)
                .ifPresent(size -> undoable(
                        shipmentId,
                        "measured package " + packageNumber,
                        signIn,
                        now -> keepSize(now, packageNumber, size, "measured", signIn)));
    }

    private void keepWeight(
            Shipment shipment, int packageNumber, Weight weight, Shipment.WeightSource source, String signIn) {
        store.weigh(shipment.packageNumbered(packageNumber).id(), weight, source);
        auditLog.write(
                signIn,
                source == Shipment.WeightSource.SCALE ? "weighed" : "typed a weight",
                thing(shipment),
                "package " + packageNumber + ": " + MeasureText.show(weight, settings.units()));
    }

    private void keepSize(Shipment shipment, int packageNumber, Size size, String act, String signIn) {
        store.measure(shipment.packageNumbered(packageNumber).id(), size);
        auditLog.write(
                signIn,
                act,
                thing(shipment),
                "package " + packageNumber + ": " + MeasureText.show(size, settings.units()));
    }

    /** Packages that nobody has weighed weigh what their contents and carton should, by the records. */
    public void weighByRecords(long shipmentId, String signIn) {
        undoable(shipmentId, "took the weights of the records", signIn, shipment -> {
            for (Shipment.Package each : shipment.packages()) {
                if (each.weight().isEmpty()) {
                    Weight expected = each.expectedWeight()
                            .orElseThrow(() -> Refusal.unusable(
                                    "Package " + each.number(),
                                    "What it should weigh is not known: an item has no weight.",
                                    "Weigh it, or type its weight."));
                    store.weigh(each.id(), expected, Shipment.WeightSource.RECORDS);
                }
            }
            auditLog.write(signIn, "took the weights of the records", thing(shipment), "");
        });
    }

    void typeSize(long shipmentId, int packageNumber, String text, String signIn) {
        Size size = readOrRefuse(
                MeasureText.readSize(text, settings.units(), settings.decimals()), "Size of package " + packageNumber);
        undoable(
                shipmentId,
                "typed the size of package " + packageNumber,
                signIn,
                shipment -> keepSize(shipment, packageNumber, size, "typed a size", signIn));
    }

    public void chooseService(long shipmentId, String serviceCode, String signIn) {
        String known = catalog.service(serviceCode).code();
        undoable(shipmentId, "chose a service", signIn, shipment -> {
            store.chooseService(shipmentId, known);
            auditLog.write(signIn, "chose a service", thing(shipment), known);
            packing.replanIfUntouched(shipment);
        });
    }

    /** What is requested beyond plain carriage; the whole set. */
    public void chooseAccessorials(long shipmentId, Set<Accessorial> accessorials, String signIn) {
        undoable(shipmentId, "chose options", signIn, shipment -> {
            String words = accessorials.stream().map(Accessorial::name).sorted().collect(Collectors.joining(","));
            store.chooseAccessorials(shipmentId, accessorials);
            auditLog.write(signIn, "chose accessorials", thing(shipment), words);
        });
    }

    /** Ships on a later day; a day that is past means at once. */
    public void shipOn(long shipmentId, LocalDate day, String signIn) {
        undoable(shipmentId, "chose the ship day", signIn, shipment -> {
            LocalDate today = sites.timeAt(sites.byId(shipment.siteId())).toLocalDate();
            if (day.isAfter(today.plusDays(Limits.DAYS_PUT_OFF)) || !Limits.holdsDay(day)) {
                throw Refusal.unusable(
                        "The ship day",
                        day + " is more than a year away.",
                        "Choose a day up to " + today.plusDays(Limits.DAYS_PUT_OFF) + ".");
            }
            store.shipOn(shipmentId, day);
            auditLog.write(signIn, "chose the ship day", thing(shipment), day.toString());
        });
    }

    /** From another of our sites. */
    public void leaveFrom(long shipmentId, String siteCode, String signIn) {
        undoable(shipmentId, "chose the site", signIn, shipment -> {
            Site site = sites.byCode(siteCode);
            store.leaveFrom(shipmentId, site.id());
            auditLog.write(signIn, "chose the site", thing(shipment), site.code());
        });
    }

    void correctAccount(long shipmentId, String text, String signIn) {
        String account = readOrRefuse(AccountNumber.read(text), "The account number");
        change(shipmentId, shipment -> {
            workOrders.correctCarrierAccount(shipment.workOrderId(), account);
            auditLog.write(signIn, "corrected an account number", thing(shipment), account);
        });
    }

    void correctPhone(long shipmentId, String text, String signIn) {
        change(shipmentId, shipment -> {
            WorkOrder job = workOrders.byId(shipment.workOrderId());
            String phone = text.isBlank()
                    ? ""
                    : readOrRefuse(
                                    PhoneNumber.read(text, job.shipTo().country()),
                                    "Phone number of job " + job.number())
                            .e164();
            workOrders.correctPhone(job.id(), phone);
            auditLog.write(signIn, "corrected a phone number", "Job " + job.number(), phone);
        });
    }

    /** @param placeKind what stands there, as a person says it */
    void correctShipTo(long shipmentId, PostalAddress shipTo, Optional<PlaceKind> placeKind, String signIn) {
        String country = Countries.codeOf(
                shipTo.country(),
                sites.byId(shipments.byId(shipmentId).siteId()).country());
        change(shipmentId, shipment -> {
            WorkOrder job = workOrders.byId(shipment.workOrderId());
            PostalAddress corrected = shipTo.in(country).inStandardSpelling();
            List<Long> elsewhere = linesElsewhere(shipment, job);
            if (elsewhere.isEmpty()) {
                workOrders.correctShipTo(job.id(), corrected);
                placeKind.ifPresent(kind -> workOrders.sayPlaceKind(job.id(), kind, signIn));
            } else {
                workOrders.correctShipToOfLines(job.id(), elsewhere, corrected);
                placeKind.ifPresent(kind -> workOrders.sayKindOf(corrected, kind, signIn));
            }
            auditLog.write(signIn, "corrected a ship-to", "Job " + job.number(), shipTo.cityLine());
        });
    }

    /** Lines of a shipment that do not go where their job goes. */
    private static List<Long> linesElsewhere(Shipment shipment, WorkOrder job) {
        return job.lines().stream()
                .filter(line -> line.shipTo().isPresent() && shipment.quantityOf(line.id()) > 0)
                .map(WorkOrder.Line::id)
                .toList();
    }

    private void undoable(long shipmentId, String words, String signIn, Consumer<Shipment> act) {
        change(shipmentId, shipment -> {
            undo.remember(shipment, words, signIn);
            act.accept(shipment);
        });
    }

    private void change(long shipmentId, Consumer<Shipment> act) {
        transactions.executeWithoutResult(status -> {
            Shipment shipment = shipments.locked(shipmentId);
            shipment.requireOpen();
            act.accept(shipment);
        });
    }

    private static String thing(Shipment shipment) {
        return "Shipment " + shipment.id();
    }

    private static <T> T readOrRefuse(Reading<T> reading, String thing) {
        if (reading instanceof Reading.Refused<T> refused) {
            throw Refusal.unusable(thing, refused.reason(), refused.remedy());
        }
        return reading.found().orElseThrow();
    }
}
