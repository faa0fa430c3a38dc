package nobrec.server.run;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.measure.Weight;
import nobrec.core.rating.Offer;
import nobrec.core.readiness.ReadyCheck;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.bench.Trials;
import nobrec.server.carton.CartonTypes;
import nobrec.server.platform.Shortened;
import nobrec.server.pricing.Assessment;
import nobrec.server.pricing.Assessor;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What would happen to a job of a run: looked at as the bench does, leaving nothing behind. */
@Component
class RunLooks {

    private static final int CHOICES = 8;
    private static final int LONGEST = 500;
    private static final int LONGEST_NAME = 300;
    private static final int LONGEST_CARTON = 80;

    /** A service that a job could go by. */
    record Choice(String code, String name, String total, String arrives) {}

    private final Shipments shipments;
    private final Assessor assessor;
    private final CartonTypes cartonTypes;
    private final Sites sites;
    private final Trials trials;
    private final JsonMapper json;

    RunLooks(
            Shipments shipments,
            Assessor assessor,
            CartonTypes cartonTypes,
            Sites sites,
            Trials trials,
            JsonMapper json) {
        this.shipments = shipments;
        this.assessor = assessor;
        this.cartonTypes = cartonTypes;
        this.sites = sites;
        this.trials = trials;
        this.json = json;
    }

    /** The row as it is now. */
    RunJobRow look(RunJobRow row, String signIn) {
        return trials.rolledBack(() -> {
            try {
                return looked(row, trials.opened(row.job(), signIn));
            } catch (Refusal refused) {
                return stopped(row, refused.reason(), refused.remedy());
            }
        });
    }

    private RunJobRow looked(RunJobRow row, Shipment shipment) {
        if (shipment.state() != ShipmentState.OPEN) {
            return stopped(
                    row,
                    shipment.state() == ShipmentState.SHIPPED
                            ? "It was shipped already."
                            : "It is being shipped just now.",
                    "Take it out of the run.");
        }
        Jobs jobs = shipments.jobs(shipment);
        Assessment assessment = assessor.assess(shipment, jobs);
        Optional<Offer> chosen = assessment.chosenOffer();
        WorkOrder job = jobs.leading();
        Optional<ReadyCheck> stop = assessment.checks().stream()
                .filter(check -> check.verdict() == ReadyCheck.Verdict.STOP)
                .findFirst();
        boolean goes = assessment.allowsShipping();
        return new RunJobRow(
                row.runId(),
                row.position(),
                row.job(),
                goes ? RunJobState.READY : RunJobState.STOPPED,
                row.shipmentId(),
                sites.byId(shipment.siteId()).code(),
                Shortened.to(
                        LONGEST_NAME, job.shipTo().name() + ", " + job.shipTo().cityLine()),
                shipment.packages().size(),
                Shortened.to(LONGEST_CARTON, cartons(shipment)),
                weight(shipment).orElse(null),
                shipment.packages().stream().allMatch(each -> each.weight().isPresent()),
                chosen.map(offer -> offer.service().code()).orElse(""),
                chosen.flatMap(Offer::total).orElse(null),
                assessment.charge().map(charge -> charge.total()).orElse(null),
                chosen.map(Offer::departure).orElse(null),
                chosen.filter(Offer::isPriced).map(Offer::delivery).orElse(null),
                job.promiseDate().orElse(null),
                goes
                        ? ""
                        : Shortened.to(
                                LONGEST, stop.map(ReadyCheck::reason).orElse("No rate is chosen that can be taken.")),
                goes ? "" : Shortened.to(LONGEST, stop.map(ReadyCheck::remedy).orElse("Choose another service.")),
                json.writeValueAsString(choices(assessment)),
                "",
                null);
    }

    private static RunJobRow stopped(RunJobRow row, String reason, String remedy) {
        return row.not(RunJobState.STOPPED, Shortened.to(LONGEST, reason), Shortened.to(LONGEST, remedy));
    }

    private String cartons(Shipment shipment) {
        return shipment.packages().stream()
                .map(each -> cartonTypes.set().byCode(each.cartonCode()).name())
                .distinct()
                .collect(Collectors.joining(", "));
    }

    private static Optional<Weight> weight(Shipment shipment) {
        List<Optional<Weight>> weights = shipment.packages().stream()
                .map(each -> each.weight().or(each::expectedWeight))
                .toList();
        return weights.stream().allMatch(Optional::isPresent)
                ? Optional.of(weights.stream().flatMap(Optional::stream).reduce(Weight.ZERO, Weight::plus))
                : Optional.empty();
    }

    private static List<Choice> choices(Assessment assessment) {
        return assessment.offers().stream()
                .filter(offer -> offer.isPriced() && offer.isAllowedOnceCompleted())
                .limit(CHOICES)
                .map(offer -> new Choice(
                        offer.service().code(),
                        offer.service().name(),
                        offer.total().orElseThrow().getAmount().toPlainString(),
                        offer.delivery().toString()))
                .toList();
    }
}
