package nobrec.server.booking;

import java.time.Clock;
import java.util.List;
import nobrec.core.charging.CustomerCharge;
import nobrec.core.rating.Offer;
import nobrec.core.readiness.ReadyCheck;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.account.Accounts;
import nobrec.server.audit.AuditLog;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.Consignment;
import nobrec.server.customs.Customs;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.platform.outbox.NewEntry;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.pricing.Assessment;
import nobrec.server.pricing.Assessor;
import nobrec.server.pricing.KeptCharges;
import nobrec.server.shipment.ShipmentStore;
import nobrec.server.shipment.Shipments;
import nobrec.server.shipment.ShopTime;
import nobrec.server.site.Sites;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * First half of shipping: in one transaction the shipment is claimed, what it will cost is written down, and the intent to
 * book it is stored with a key of its own. Two people at the same moment: the row lock lets one of them through.
 */
@Component
class ShippingIntents {

    private static final int NUMBERS_SHOWN = 3;

    private final Shipments shipments;
    private final ShipmentStore store;
    private final Outbox outbox;
    private final Assessor assessor;
    private final Sites sites;
    private final CarrierGateway gateway;
    private final Accounts accounts;
    private final AuditLog auditLog;
    private final KeptCharges kept;
    private final Customs customs;
    private final Clock clock;

    ShippingIntents(
            Shipments shipments,
            ShipmentStore store,
            Outbox outbox,
            Assessor assessor,
            Sites sites,
            CarrierGateway gateway,
            Accounts accounts,
            AuditLog auditLog,
            KeptCharges kept,
            Customs customs,
            Clock clock) {
        this.shipments = shipments;
        this.store = store;
        this.outbox = outbox;
        this.assessor = assessor;
        this.sites = sites;
        this.gateway = gateway;
        this.accounts = accounts;
        this.auditLog = auditLog;
        this.kept = kept;
        this.customs = customs;
        this.clock = clock;
    }

    /**
     * @param seen the service and total the person saw when she decided
     * @throws Refusal when it was begun before, is not ready, or costs something else by now
     */
    @Transactional
    public OutboxEntry begin(long shipmentId, Shipping.Seen seen, String signIn) {
        Shipment shipment = shipments.locked(shipmentId);
        Jobs jobs = shipments.jobs(shipment);
        WorkOrder job = jobs.leading();
        requireOpen(shipment, job);
        Assessment assessment = assessor.assess(shipment, jobs);
        requirePiecesStillHere(shipment, jobs);
        requireReady(job, assessment);
        Offer offer = assessment.chosenOffer().orElseThrow();
        requireUnchanged(job, offer, seen);
        gateway.requireConnected(offer.service().carrier());
        CustomerCharge charge = assessment.charge().orElseThrow();
        store.beginShipping(shipmentId, signIn, kept.terms(offer, charge), kept.rows(offer, charge));
        OutboxEntry booking = outbox.addTaken(List.of(intent(
                        shipment,
                        jobs,
                        offer,
                        assessment.quoteNumber(offer.service().code()))))
                .get(0);
        auditLog.write(
                signIn, "asked to ship", "Job " + job.number(), offer.service().name() + ", " + seen.total());
        return booking;
    }

    private void requireOpen(Shipment shipment, WorkOrder job) {
        if (shipment.state() == ShipmentState.OPEN) {
            return;
        }
        String who = accounts.displayName(shipment.startedBy().orElse(AuditLog.BY_ITSELF));
        if (shipment.outcome().isEmpty()) {
            throw Refusal.conflict(
                    "Job " + job.number(),
                    who + " is shipping it just now; the carrier has not answered yet.",
                    "Wait a moment: it goes on by itself.");
        }
        List<String> numbers = shipment.packages().stream()
                .flatMap(each -> each.trackingNumber().stream())
                .toList();
        String shown = String.join(", ", numbers.subList(0, Math.min(numbers.size(), NUMBERS_SHOWN)));
        throw Refusal.conflict(
                "Job " + job.number(),
                "It was shipped already, by " + who + " on "
                        + ShopTime.show(shipment.outcome().get().shippedAt(), sites.byId(shipment.siteId()))
                        + " with " + shown + ".",
                "Print its papers again, if that is what you need.");
    }

    /** What has left in another shipment cannot leave in this one. */
    private static void requirePiecesStillHere(Shipment shipment, Jobs jobs) {
        for (Shipment.Line going : shipment.lines()) {
            WorkOrder.Line line = jobs.line(going.workOrderLineId());
            if (going.quantity() > line.quantityOpen()) {
                throw Refusal.conflict(
                        "Job " + jobs.orderOf(line.id()).number(),
                        "Of " + line.item() + " " + going.quantity() + " pieces would go, and only "
                                + line.quantityOpen() + " are still here.",
                        "Look at the job's shipments: the others have left already.");
            }
        }
    }

    private static void requireReady(WorkOrder job, Assessment assessment) {
        if (assessment.allowsShipping()) {
            return;
        }
        ReadyCheck stop = assessment.checks().stream()
                .filter(check -> check.verdict() == ReadyCheck.Verdict.STOP)
                .findFirst()
                .orElseThrow();
        throw Refusal.unusable("Job " + job.number(), stop.reason(), stop.remedy());
    }

    private static void requireUnchanged(WorkOrder job, Offer offer, Shipping.Seen seen) {
        String total = ShopMoney.show(offer.total().orElseThrow());
        if (!offer.service().code().equals(seen.service()) || !total.equals(seen.total())) {
            throw Refusal.changedSince(
                    "Job " + job.number(),
                    "It would go by " + offer.service().name() + " at " + total + " now, not at " + seen.total()
                            + " as you saw it.",
                    "Look at the offer again, then ship.");
        }
    }

    private NewEntry intent(Shipment shipment, Jobs jobs, Offer offer, String quote) {
        return new NewEntry(
                OutboxKind.BOOKING,
                Subject.shipment(shipment.id(), jobs.leading().number()),
                offer.service().carrier().code(),
                offer.service().name() + ", " + ShopMoney.show(offer.total().orElseThrow()),
                gateway.write(Consignment.of(
                                shipment,
                                jobs,
                                sites.byId(shipment.siteId()),
                                offer.service().code(),
                                offer.departure(),
                                quote,
                                customs.declared(shipment, jobs))
                        .expectedOn(offer.delivery())));
    }
}
