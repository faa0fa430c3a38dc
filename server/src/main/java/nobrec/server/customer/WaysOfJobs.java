package nobrec.server.customer;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import nobrec.core.charging.CustomerCharge;
import nobrec.core.customer.CustomerWay;
import nobrec.core.customer.CustomerWays;
import nobrec.core.rating.Offer;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.workorder.RuleAct;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.audit.AuditLog;
import nobrec.server.bench.Trials;
import nobrec.server.pricing.Assessment;
import nobrec.server.pricing.Assessor;
import nobrec.server.shipment.Shipments;
import org.joda.money.Money;
import org.springframework.stereotype.Component;

/** The ways a job's customer may choose between, as they stand: computed like the Bench's offers, and nothing of it is kept. */
@Component
class WaysOfJobs {

    private static final CustomerWays NONE = CustomerWays.of(List.of(), new HashSet<>());

    /**
     * @param whyNot why nothing may be chosen, as the customer reads it; empty text where it may
     * @param ended whether that is because it is on its way
     */
    record Found(CustomerWays ways, String whyNot, boolean ended) {

        private static Found none(String whyNot) {
            return new Found(NONE, whyNot, false);
        }
    }

    private final Trials trials;
    private final Shipments shipments;
    private final Assessor assessor;
    private final CustomerSettings settings;

    WaysOfJobs(Trials trials, Shipments shipments, Assessor assessor, CustomerSettings settings) {
        this.trials = trials;
        this.shipments = shipments;
        this.assessor = assessor;
        this.settings = settings;
    }

    Found of(WorkOrder job) {
        return trials.rolledBack(() -> {
            try {
                return of(trials.opened(job.number(), AuditLog.BY_CUSTOMER));
            } catch (Refusal notYet) {
                return Found.none("The price is not known yet. We will tell you.");
            }
        });
    }

    private Found of(Shipment shipment) {
        if (shipment.state() != ShipmentState.OPEN) {
            return new Found(NONE, "It is on its way: nothing can be chosen any more.", true);
        }
        Jobs jobs = shipments.jobs(shipment);
        WorkOrder job = jobs.leading();
        if (jobs.all().size() > 1) {
            return Found.none("It goes together with another order of yours. Write to us to change how it goes.");
        }
        if (!job.terms().isBilled()) {
            return Found.none("Freight is not billed to you, so we choose how it goes.");
        }
        if (job.ruling().the(RuleAct.Kind.SERVICE).filter(RuleAct::instead).isPresent()) {
            return Found.none("How it goes is agreed with you. Write to us to change it.");
        }
        CustomerWays ways = ways(shipment, jobs);
        return ways.all().isEmpty()
                ? Found.none("The price is not known yet. We will tell you.")
                : new Found(ways, "", false);
    }

    private CustomerWays ways(Shipment shipment, Jobs jobs) {
        Assessment assessment = assessor.assess(shipment, jobs);
        return CustomerWays.of(
                assessment.offers().stream()
                        .filter(Offer::isAllowed)
                        .map(offer -> way(shipment, jobs, assessment, offer))
                        .toList(),
                new HashSet<>(settings.now().services()));
    }

    /** What it goes by as it stands costs what was quoted, where that is held to; every other way what it costs now. */
    private CustomerWay way(Shipment shipment, Jobs jobs, Assessment assessment, Offer offer) {
        boolean chosen =
                assessment.choice().chosen().equals(Optional.of(offer.service().code()));
        CustomerCharge charge = (chosen ? assessment.charge() : Optional.<CustomerCharge>empty())
                .orElseGet(() -> assessor.chargeUnquoted(shipment, jobs, offer));
        return new CustomerWay(
                offer.service().code(),
                offer.service().name(),
                offer.service().carrier().name(),
                offer.delivery(),
                charge.total(),
                charge.margin(),
                offer.daysLate(),
                chosen);
    }

    /**
     * What the customer would pay by the service it goes by, were nothing quoted.
     *
     * @param first what is done before, and taken back with all else
     * @throws Refusal where that is refused
     */
    Optional<Money> priceAfter(WorkOrder job, Runnable first) {
        return trials.rolledBack(() -> {
            first.run();
            Shipment shipment = trials.opened(job.number(), AuditLog.BY_CUSTOMER);
            Jobs jobs = shipments.jobs(shipment);
            return assessor.assess(shipment, jobs)
                    .chosenOffer()
                    .filter(Offer::isAllowed)
                    .map(offer -> assessor.chargeUnquoted(shipment, jobs, offer).total());
        });
    }
}
