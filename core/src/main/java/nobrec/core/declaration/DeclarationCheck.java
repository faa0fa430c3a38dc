package nobrec.core.declaration;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nobrec.core.customs.CustomsFact;
import nobrec.core.customs.CustomsProblem;
import nobrec.core.customs.DeclaredTerms;
import nobrec.core.customs.ExportDetails;
import nobrec.core.customs.GoodsCheck;
import nobrec.core.measure.Weight;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;

/** What keeps a shipment from being declared. */
public final class DeclarationCheck {

    private DeclarationCheck() {}

    public static List<CustomsProblem> of(Shipment shipment, Jobs jobs, DeclaredTerms terms, LocalDate today) {
        List<CustomsProblem> problems = new ArrayList<>(goods(shipment, jobs));
        problems.addAll(terms.problems(today));
        disagreement(jobs).ifPresent(problems::add);
        for (Shipment.Package packed : shipment.packages()) {
            heavierThanItsPackage(packed, jobs).ifPresent(problems::add);
        }
        return problems;
    }

    /** Of the goods alone. */
    public static List<CustomsProblem> goods(Shipment shipment, Jobs jobs) {
        return shipment.lines().stream()
                .map(each -> jobs.line(each.workOrderLineId()))
                .flatMap(line ->
                        GoodsCheck.of(line.name(), line.description(), line.goods(), line.unitWeight()).stream())
                .distinct()
                .toList();
    }

    /** What goes together is declared on the same terms. */
    private static Optional<CustomsProblem> disagreement(Jobs jobs) {
        ExportDetails leading = terms(jobs.leading());
        return jobs.all().stream()
                .filter(job -> !terms(job).equals(leading))
                .findFirst()
                .map(job -> CustomsProblem.stop(
                        CustomsFact.TERMS,
                        "the same terms for all jobs in it",
                        "Jobs " + jobs.leading().number() + " and " + job.number()
                                + " go together and say different things of their way abroad.",
                        "Make them alike, or ship them apart."));
    }

    /** The ship-to is the leading job's in any case. */
    private static ExportDetails terms(WorkOrder job) {
        ExportDetails said = job.particulars().export();
        return new ExportDetails(said.incoterm(), said.reason(), said.dutyPayer(), said.currency(), Optional.empty());
    }

    private static Optional<CustomsProblem> heavierThanItsPackage(Shipment.Package packed, Jobs jobs) {
        Weight net = packed.contents().stream()
                .map(content -> jobs.line(content.workOrderLineId())
                        .unitWeight()
                        .orElse(Weight.ZERO)
                        .times(content.quantity()))
                .reduce(Weight.ZERO, Weight::plus);
        return packed.weight()
                .filter(net::isAbove)
                .map(gross -> CustomsProblem.stop(
                        CustomsFact.NET_WEIGHT,
                        "net weights within the weight of package " + packed.number(),
                        "What is in package " + packed.number() + " weighs more by its records than the package does.",
                        "Weigh it again, or correct the weight of one piece."));
    }
}
