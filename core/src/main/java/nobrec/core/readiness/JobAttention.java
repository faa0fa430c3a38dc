package nobrec.core.readiness;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.address.AddressCheck;
import nobrec.core.address.AddressPart;
import nobrec.core.address.AddressText;
import nobrec.core.address.PostalAddress;
import nobrec.core.customs.CustomsFact;
import nobrec.core.customs.CustomsProblem;
import nobrec.core.customs.GoodsCheck;
import nobrec.core.layout.OrderField;
import nobrec.core.readiness.ReadyCheck.Verdict;
import nobrec.core.workorder.RuleAct;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;

/** Looks at everything in a job's record that keeps it from going, each with the field in which it is put right. */
public final class JobAttention {

    /**
     * @param job as it counts: its record and the house rules
     * @param addressFindings what is wrong with its ship-to
     * @param lineFindings the same of its lines that go somewhere else, by their positions
     * @param phoneNeededBy the carrier it goes by where that cannot do without a phone number; empty text for nobody
     * @param from country of the site it leaves
     */
    public record JobToCheck(
            WorkOrder job,
            List<AddressCheck.Finding> addressFindings,
            Map<Integer, List<AddressCheck.Finding>> lineFindings,
            String phoneNeededBy,
            String from) {}

    private JobAttention() {}

    /** Nothing of what has left, and of what was only asked about. */
    public static List<Attention> of(JobToCheck look) {
        WorkOrder job = look.job();
        List<Attention> found = new ArrayList<>();
        if (job.status() == WorkOrderStatus.SHIPPED || job.status() == WorkOrderStatus.REQUEST) {
            return found;
        }
        RecordChecks.hold(job.particulars().hold())
                .map(check -> Attention.of(
                        AttentionKind.HOLD,
                        check,
                        OrderField.HOLD,
                        job.particulars().hold()))
                .ifPresent(found::add);
        RecordChecks.payment(job.ruling(), job.particulars().clearance().invoice())
                .map(check -> Attention.of(AttentionKind.PAYMENT, check))
                .ifPresent(found::add);
        RecordChecks.words(job.unknownWords())
                .map(check -> Attention.of(AttentionKind.WORD, check))
                .ifPresent(found::add);
        address(look).ifPresent(found::add);
        job.lines().stream()
                .filter(line -> line.quantityOpen() > 0)
                .flatMap(line -> addressOf(line, look).stream())
                .forEach(found::add);
        RecordChecks.company(RecordChecks.ruleThat(job.ruling(), RuleAct.Kind.DEMAND_COMPANY), job.shipTo())
                .map(check -> Attention.of(
                        AttentionKind.COMPANY,
                        check,
                        OrderField.COMPANY,
                        job.shipTo().company()))
                .ifPresent(found::add);
        phone(look).ifPresent(found::add);
        boolean goesShort =
                job.shipsWhatIsReady() && job.lines().stream().anyMatch(line -> line.quantityReadyToGo() > 0);
        for (WorkOrder.Line line : job.lines()) {
            if (line.quantityOpen() > 0) {
                String country = job.shipToOf(line).country();
                line(line, !country.isEmpty() && !country.equals(look.from()), found);
            }
            if (line.isShort() && !goesShort) {
                found.add(missing(job, line));
            }
        }
        return found;
    }

    private static Optional<Attention> address(JobToCheck look) {
        ReadyCheck check =
                RecordChecks.address(look.addressFindings(), look.job().placeKind());
        if (check.verdict() != Verdict.STOP) {
            return Optional.empty();
        }
        AddressPart part = AddressCheck.worst(look.addressFindings())
                .map(AddressCheck.Finding::part)
                .orElse(AddressPart.POSTAL_CODE);
        PostalAddress shipTo = look.job().shipTo();
        return Optional.of(Attention.of(AttentionKind.ADDRESS, check, field(part), text(part, shipTo)));
    }

    private static Optional<Attention> addressOf(WorkOrder.Line line, JobToCheck look) {
        return AddressCheck.worst(look.lineFindings().getOrDefault(line.position(), List.of()))
                .filter(AddressCheck.Finding::stops)
                .map(finding -> Attention.ofLine(
                        AttentionKind.ADDRESS,
                        line.name() + " goes elsewhere. " + finding.reason(),
                        finding.remedy(),
                        OrderField.LINE_SHIP_TO,
                        line.position(),
                        line.shipTo().map(AddressText::write).orElse("")));
    }

    private static OrderField field(AddressPart part) {
        return switch (part) {
            case NAME -> OrderField.COMPANY;
            case STREET -> OrderField.STREET;
            case CITY -> OrderField.CITY;
            case STATE -> OrderField.STATE;
            case POSTAL_CODE -> OrderField.POSTAL_CODE;
            case COUNTRY -> OrderField.COUNTRY;
        };
    }

    private static String text(AddressPart part, PostalAddress shipTo) {
        return switch (part) {
            case NAME -> shipTo.company();
            case STREET -> shipTo.street();
            case CITY -> shipTo.city();
            case STATE -> shipTo.state();
            case POSTAL_CODE -> shipTo.postalCode();
            case COUNTRY -> shipTo.country();
        };
    }

    private static Optional<Attention> phone(JobToCheck look) {
        WorkOrder job = look.job();
        String demandedBy = look.phoneNeededBy().isEmpty()
                ? RecordChecks.ruleThat(job.ruling(), RuleAct.Kind.DEMAND_PHONE)
                : look.phoneNeededBy();
        ReadyCheck check = RecordChecks.phone(new RecordChecks.PhoneToCheck(
                job.number(), job.phone(), job.shipTo().country(), look.from(), demandedBy));
        return check.verdict() == Verdict.STOP
                ? Optional.of(Attention.of(AttentionKind.PHONE, check, OrderField.PHONE, job.phone()))
                : Optional.empty();
    }

    private static void line(WorkOrder.Line line, boolean abroad, List<Attention> found) {
        String name = line.name();
        if (line.unitWeight().isEmpty()) {
            found.add(Attention.ofLine(
                    AttentionKind.WEIGHT,
                    "Nothing says what one piece of " + name + " weighs.",
                    "Write it here, in Items for all jobs, or weigh the package.",
                    OrderField.UNIT_WEIGHT,
                    line.position(),
                    ""));
        }
        if (abroad) {
            GoodsCheck.of(name, line.description(), line.goods(), line.unitWeight()).stream()
                    .filter(problem -> problem.stops() && problem.fact() != CustomsFact.NET_WEIGHT)
                    .map(problem -> customs(problem, line))
                    .forEach(found::add);
        }
    }

    private static Attention missing(WorkOrder job, WorkOrder.Line line) {
        String ready = "Ready: " + line.readyOfOrdered() + ".";
        String reason = job.waitsForTheRest() ? "It waits for the rest. " + ready : ready;
        String said = line.quantityShipped() > 0 && line.quantityReadyToGo() == 0
                ? line.quantityShipped() + " have left, and the rest keeps its place. " + ready
                : reason;
        return Attention.ofLine(
                AttentionKind.SHORT,
                said,
                job.waitsForTheRest()
                        ? "Write how many there are by now, or ship what is ready all the same."
                        : "Write how many there are by now, ship what is ready, or let it wait.",
                OrderField.QUANTITY_READY,
                line.position(),
                line.quantityReady().map(String::valueOf).orElse(""));
    }

    /** What one piece weighs is asked for at home as well. */
    private static Attention customs(CustomsProblem problem, WorkOrder.Line line) {
        OrderField field = switch (problem.fact()) {
            case HS_CODE -> OrderField.HS_CODE;
            case ORIGIN -> OrderField.ORIGIN;
            case VALUE -> OrderField.UNIT_VALUE;
            default -> OrderField.CUSTOMS_DESCRIPTION;
        };
        String now = switch (field) {
            case HS_CODE -> line.goods().hsCode();
            case ORIGIN -> line.goods().origin();
            default -> "";
        };
        return Attention.ofLine(AttentionKind.CUSTOMS, problem.reason(), problem.remedy(), field, line.position(), now);
    }
}
