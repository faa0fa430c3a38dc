package nobrec.server.bench;

import java.util.List;
import java.util.Optional;
import nobrec.core.identifier.TrackingText;
import nobrec.core.rating.Offer;
import nobrec.core.readiness.ReadyCheck;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.booking.Shipping;
import nobrec.server.device.Desk;
import nobrec.server.packing.Opening;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.pricing.Assessment;
import nobrec.server.pricing.Assessor;
import nobrec.server.shipment.Shipments;
import nobrec.server.telling.GoneShipment;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;

/**
 * Ships a job by the scan of its slip, where nothing is amiss: every check is fine, and the weight is there or stable on the scale.
 * Anything else is left to a person, who is told what.
 */
@Service
class ScanToShip {

    /** How a scan ends. */
    enum Outcome {
        SHIPPED,
        /** Its carrier was asked and has not answered for certain; it goes on by itself. */
        ASKED,
        /** A person must look at it. */
        LOOK,
        /** It was shipped before. */
        ALREADY,
        /** Nothing here is called that. */
        UNKNOWN
    }

    /**
     * What came of a scan.
     *
     * @param job number of the job; empty text where none was found
     * @param said what it is, with its reason
     * @param remedy what to do; empty text where nothing has to be done
     */
    record Result(Outcome outcome, String job, String said, String remedy, List<String> trackingNumbers) {

        static Result look(String job, String said, String remedy) {
            return new Result(Outcome.LOOK, job, said, remedy, List.of());
        }
    }

    private final WorkOrders workOrders;
    private final Shipments shipments;
    private final Opening opening;
    private final BenchActs acts;
    private final Assessor assessor;
    private final Shipping shipping;

    ScanToShip(
            WorkOrders workOrders,
            Shipments shipments,
            Opening opening,
            BenchActs acts,
            Assessor assessor,
            Shipping shipping) {
        this.workOrders = workOrders;
        this.shipments = shipments;
        this.opening = opening;
        this.acts = acts;
        this.assessor = assessor;
        this.shipping = shipping;
    }

    Result scan(String text, Desk desk, String signIn) {
        String plain = text.strip();
        Optional<WorkOrder> job = workOrders.find(plain);
        if (job.isEmpty()) {
            return notAJob(plain);
        }
        try {
            return ship(job.get().number(), desk, signIn);
        } catch (Refusal refused) {
            return Result.look(job.get().number(), refused.reason(), refused.remedy());
        }
    }

    private Result notAJob(String text) {
        String number = TrackingText.plain(text);
        Optional<Long> labeled = shipments.workOrderOfTrackingNumber(number);
        if (labeled.isPresent()) {
            String job = workOrders.byId(labeled.get()).number();
            return new Result(
                    Outcome.ALREADY, job, "That is the label of job " + job + ".", "Scan slips here.", List.of(number));
        }
        return new Result(
                Outcome.UNKNOWN,
                "",
                "No job has the number “" + text + "”.",
                "Scan the slip's barcode again.",
                List.of());
    }

    private Result ship(String job, Desk desk, String signIn) {
        Shipment shipment = opening.open(job, signIn);
        if (shipment.state() != ShipmentState.OPEN) {
            return new Result(
                    Outcome.ALREADY,
                    job,
                    shipment.state() == ShipmentState.SHIPPED
                            ? "It was shipped before."
                            : "It is being shipped just now.",
                    "Print its label again, if that is what you need.",
                    numbers(shipment));
        }
        Shipment weighed = weighed(shipment, desk, signIn);
        Jobs jobs = shipments.jobs(weighed);
        Assessment assessment = assessor.assess(weighed, jobs);
        Optional<ReadyCheck> doubt = assessment.checks().stream()
                .filter(check -> check.verdict() != ReadyCheck.Verdict.FINE)
                .max((one, other) -> one.verdict().compareTo(other.verdict()));
        if (doubt.isPresent()) {
            return Result.look(job, doubt.get().reason(), doubt.get().remedy());
        }
        if (!assessment.allowsShipping()) {
            return Result.look(job, "No rate is chosen that can be taken.", "Choose one on the Bench.");
        }
        Offer offer = assessment.chosenOffer().orElseThrow();
        Optional<GoneShipment> gone = shipping.ship(
                weighed.id(),
                new Shipping.Seen(
                        offer.service().code(), ShopMoney.show(offer.total().orElseThrow())),
                signIn);
        return gone.map(each ->
                        new Result(Outcome.SHIPPED, job, offer.service().name() + ".", "", numbers(each.shipment())))
                .orElseGet(() -> new Result(
                        Outcome.ASKED,
                        job,
                        "Its carrier has not answered.",
                        "It goes on by itself, and is shipped once.",
                        List.of()));
    }

    /** One package that nobody has weighed is taken to be the one that stands on the scale. */
    private Shipment weighed(Shipment shipment, Desk desk, String signIn) {
        List<Shipment.Package> open = shipment.packages().stream()
                .filter(each -> each.weight().isEmpty())
                .toList();
        if (open.size() == 1 && shipment.packages().size() == 1) {
            acts.readScale(shipment.id(), open.get(0).number(), desk, signIn);
            return shipments.byId(shipment.id());
        }
        return shipment;
    }

    private static List<String> numbers(Shipment shipment) {
        return shipment.packages().stream()
                .flatMap(each -> each.trackingNumber().stream())
                .toList();
    }
}
