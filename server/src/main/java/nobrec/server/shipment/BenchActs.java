package nobrec.server.shipment;

import java.util.function.Consumer;
import nobrec.core.address.PhoneNumber;
import nobrec.core.address.PostalAddress;
import nobrec.core.measure.MeasureText;
import nobrec.core.measure.Reading;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.packing.CartonType;
import nobrec.server.actlog.ActLog;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.carton.CartonTypes;
import nobrec.server.device.BenchScale;
import nobrec.server.device.PackageForScale;
import nobrec.server.device.ScaleReading;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.problem.Refusal;
import nobrec.server.workorder.WorkOrder;
import nobrec.server.workorder.WorkOrders;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** What a person does to a shipment before it goes. Each act is refused once it is on its way. */
@Service
class BenchActs {

    private final Shipments shipments;
    private final ShipmentMapper mapper;
    private final Assessor assessor;
    private final WorkOrders workOrders;
    private final CartonTypes cartonTypes;
    private final ServiceCatalog catalog;
    private final BenchScale scale;
    private final ActLog actLog;
    private final NobrecSettings settings;
    private final ApplicationEventPublisher events;
    private final TransactionOperations transactions;

    BenchActs(
            Shipments shipments,
            ShipmentMapper mapper,
            Assessor assessor,
            WorkOrders workOrders,
            CartonTypes cartonTypes,
            ServiceCatalog catalog,
            BenchScale scale,
            ActLog actLog,
            NobrecSettings settings,
            ApplicationEventPublisher events,
            TransactionOperations transactions) {
        this.shipments = shipments;
        this.mapper = mapper;
        this.assessor = assessor;
        this.workOrders = workOrders;
        this.cartonTypes = cartonTypes;
        this.catalog = catalog;
        this.scale = scale;
        this.actLog = actLog;
        this.settings = settings;
        this.events = events;
        this.transactions = transactions;
    }

    void typeWeight(long shipmentId, int packageNumber, String text, String signIn) {
        Weight weight =
                readOrRefuse(MeasureText.readWeight(text, settings.units()), "Weight of package " + packageNumber);
        setWeight(shipmentId, packageNumber, weight, Shipment.WeightSource.TYPED, signIn);
    }

    /** The shipment as it would be with that weight; nothing is kept. */
    Shipment withWeight(long shipmentId, int packageNumber, String text) {
        Weight weight =
                readOrRefuse(MeasureText.readWeight(text, settings.units()), "Weight of package " + packageNumber);
        Shipment shipment = shipments.byId(shipmentId);
        requireOpen(shipment);
        return shipment.weighing(packageNumber, weight);
    }

    /** The scale is read outside any transaction: it may take two seconds. */
    void readScale(long shipmentId, int packageNumber, String signIn) {
        Shipment shipment = shipments.byId(shipmentId);
        requireOpen(shipment);
        events.publishEvent(
                new PackageForScale(shipment.packageNumbered(packageNumber).expectedWeight()));
        ScaleReading reading = scale.read();
        if (reading instanceof ScaleReading.Refused refused) {
            throw Refusal.outside("Scale", refused.reason(), refused.cure());
        }
        setWeight(
                shipmentId,
                packageNumber,
                ((ScaleReading.Stable) reading).weight(),
                Shipment.WeightSource.SCALE,
                signIn);
    }

    private void setWeight(
            long shipmentId, int packageNumber, Weight weight, Shipment.WeightSource source, String signIn) {
        change(shipmentId, shipment -> {
            Shipment.Package packed = shipment.packageNumbered(packageNumber);
            mapper.updateWeight(packed.id(), weight, source);
            actLog.write(
                    signIn,
                    source == Shipment.WeightSource.SCALE ? "weighed" : "typed a weight",
                    thing(shipment),
                    "package " + packageNumber + ": " + MeasureText.show(weight, settings.units()));
        });
    }

    /** Another carton: its own size again, and weighed anew. */
    void changeCarton(long shipmentId, int packageNumber, String cartonCode, String signIn) {
        change(shipmentId, shipment -> {
            Shipment.Package packed = shipment.packageNumbered(packageNumber);
            if (packed.cartonCode().equals(cartonCode)) {
                return;
            }
            CartonType carton = cartonTypes.byCode(cartonCode);
            WorkOrder job = workOrders.byId(shipment.workOrderId());
            mapper.updateCarton(
                    packed.id(),
                    cartonCode,
                    "Chosen by hand.",
                    carton.outer(),
                    assessor.expectedWeight(packed, carton, job).orElse(null));
            actLog.write(signIn, "changed a carton", thing(shipment), "package " + packageNumber + ": " + cartonCode);
        });
    }

    void typeSize(long shipmentId, int packageNumber, String text, String signIn) {
        Size size = readOrRefuse(MeasureText.readSize(text, settings.units()), "Size of package " + packageNumber);
        change(shipmentId, shipment -> {
            mapper.updateSize(shipment.packageNumbered(packageNumber).id(), size);
            actLog.write(
                    signIn,
                    "typed a size",
                    thing(shipment),
                    "package " + packageNumber + ": " + MeasureText.show(size, settings.units()));
        });
    }

    void chooseService(long shipmentId, String serviceCode, String signIn) {
        String known = catalog.service(serviceCode).code();
        change(shipmentId, shipment -> {
            mapper.updateChosenService(shipmentId, known);
            actLog.write(signIn, "chose a service", thing(shipment), known);
        });
    }

    void mendPhone(long shipmentId, String text, String signIn) {
        change(shipmentId, shipment -> {
            WorkOrder job = workOrders.byId(shipment.workOrderId());
            PhoneNumber phone =
                    readOrRefuse(PhoneNumber.read(text, job.shipTo().country()), "Phone number of job " + job.number());
            workOrders.correctPhone(job.id(), phone.e164());
            actLog.write(signIn, "mended a phone number", "Job " + job.number(), phone.e164());
        });
    }

    void mendShipTo(long shipmentId, PostalAddress shipTo, String signIn) {
        change(shipmentId, shipment -> {
            WorkOrder job = workOrders.byId(shipment.workOrderId());
            workOrders.correctShipTo(job.id(), shipTo);
            actLog.write(signIn, "mended a ship-to", "Job " + job.number(), shipTo.townLine());
        });
    }

    private void change(long shipmentId, Consumer<Shipment> act) {
        transactions.executeWithoutResult(status -> {
            Shipment shipment = shipments.locked(shipmentId);
            requireOpen(shipment);
            act.accept(shipment);
        });
    }

    private static void requireOpen(Shipment shipment) {
        if (shipment.state() != ShipmentState.OPEN) {
            throw Refusal.conflict(
                    "This shipment",
                    shipment.state() == ShipmentState.SHIPPED ? "It has gone." : "It is being shipped just now.",
                    "Nothing on it can be changed.");
        }
    }

    private static String thing(Shipment shipment) {
        return "Shipment " + shipment.id();
    }

    private static <T> T readOrRefuse(Reading<T> reading, String thing) {
        if (reading instanceof Reading.Refused<T> refused) {
            throw Refusal.unusable(thing, refused.reason(), refused.cure());
        }
        return reading.found().orElseThrow();
    }
}
