package nobrec.core.partner;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;

/** Whether the jobs of a shipment meet what its partner demands. */
public final class PartnerCheck {

    /**
     * Letters of an order's number, of a job's and a lot's, and of an item's in an X12 notice (elements 324, 127 and 234 of version 004010,
     * from memory).
     */
    private static final int LONGEST_PO = 22;

    private static final int LONGEST_REFERENCE = 30;
    private static final int LONGEST_ITEM = 48;

    private PartnerCheck() {}

    /** @param numbersLeft package numbers that the shop can still give */
    public static List<PartnerProblem> of(
            PartnerProfile profile, ShopNumbers shop, long numbersLeft, Shipment shipment, Jobs jobs) {
        List<PartnerProblem> problems = new ArrayList<>();
        numbers(profile, shop, numbersLeft, shipment).ifPresent(problems::add);
        for (WorkOrder job : jobs.all()) {
            order(profile, job).ifPresent(problems::add);
        }
        if (profile.form() == NoticeForm.X12) {
            addressInX12(profile, jobs.leading()).ifPresent(problems::add);
            shipment.lines().stream()
                    .map(line -> jobs.line(line.workOrderLineId()))
                    .flatMap(line -> lineInX12(profile, line).stream())
                    .forEach(problems::add);
        }
        return problems;
    }

    /** What would only be found out once it has left. */
    private static Optional<PartnerProblem> numbers(
            PartnerProfile profile, ShopNumbers shop, long numbersLeft, Shipment shipment) {
        if (profile.needsPackageNumbers() && numbersLeft < shipment.packages().size()) {
            return problem(
                    "Only " + numbersLeft + " package numbers are left for " + profile.name() + ".",
                    "Have another extension digit written under Partners.");
        }
        boolean noRoom = profile.label()
                && profile.elements().contains(LabelElement.SHIPMENT)
                && shop.companyPrefix()
                        .filter(prefix -> !prefix.holdsShipment(shipment.id()))
                        .isPresent();
        return noRoom
                ? problem(
                        "The company prefix leaves no room for the shipment’s number on " + profile.name()
                                + "’s label.",
                        "Have that number taken off the label, under Partners.")
                : Optional.empty();
    }

    private static Optional<PartnerProblem> order(PartnerProfile profile, WorkOrder job) {
        String po = job.customerPo();
        boolean bars = profile.label() && profile.elements().contains(LabelElement.CUSTOMER_PO);
        if (po.isEmpty() && (profile.form() != NoticeForm.NONE || bars)) {
            return problem(
                    profile.name() + " finds its order by its number, and job " + job.number() + " has none.",
                    "Write the customer’s PO on the job.");
        }
        if (bars && (po.length() > LabelElement.LONGEST || !ElementString.canHold(po))) {
            return problem(
                    "PO “" + po + "” cannot stand in the bars of " + profile.name() + "’s label.",
                    "Write it with at most " + LabelElement.LONGEST + " letters, figures and signs, without blanks.");
        }
        if (profile.form() != NoticeForm.X12) {
            return Optional.empty();
        }
        return numberInX12(profile, "PO", po, LONGEST_PO)
                .or(() -> numberInX12(profile, "Job number", job.number(), LONGEST_REFERENCE));
    }

    /** A number is not cut: it would be another one. */
    private static Optional<PartnerProblem> numberInX12(PartnerProfile profile, String what, String number, int most) {
        return number.length() <= most && X12Letters.canHold(number)
                ? Optional.empty()
                : problem(
                        what + " “" + number + "” cannot stand in an X12 notice to " + profile.name() + ".",
                        "Write it with at most " + most + " Latin letters, figures and signs.");
    }

    private static Optional<PartnerProblem> addressInX12(PartnerProfile profile, WorkOrder job) {
        boolean holds = Stream.of(
                        job.shipToOnPapers().name(),
                        job.shipToOnPapers().street(),
                        job.shipToOnPapers().city())
                .allMatch(X12Letters::canHold);
        return holds
                ? Optional.empty()
                : problem(
                        "The ship-to has letters that an X12 notice to " + profile.name() + " cannot say.",
                        "Write it in Latin letters.");
    }

    private static Optional<PartnerProblem> lineInX12(PartnerProfile profile, WorkOrder.Line line) {
        Optional<PartnerProblem> number = Stream.concat(
                        Stream.of(numberInX12(profile, "Item", line.item(), LONGEST_ITEM)),
                        line.lots().stream().map(lot -> numberInX12(profile, "Lot", lot.lot(), LONGEST_REFERENCE)))
                .flatMap(Optional::stream)
                .findFirst();
        if (number.isPresent()) {
            return number;
        }
        return X12Letters.canHold(line.description())
                ? Optional.empty()
                : problem(
                        "“" + line.description() + "” has letters that an X12 notice cannot say.",
                        "Describe line " + line.position() + " in Latin letters.");
    }

    private static Optional<PartnerProblem> problem(String reason, String remedy) {
        return Optional.of(new PartnerProblem(reason, remedy));
    }
}
