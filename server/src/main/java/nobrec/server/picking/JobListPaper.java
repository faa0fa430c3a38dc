package nobrec.server.picking;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.notation.DayWords;
import nobrec.core.notation.MeasureText;
import nobrec.core.notation.MoneyText;
import nobrec.core.paper.JobListField;
import nobrec.core.paper.SheetSize;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.document.JobListPrinter;
import nobrec.server.document.JobListText;
import nobrec.server.document.PickSlipText;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;

/** A list of jobs on paper, in the order asked for. */
@Service
class JobListPaper {

    private final WorkOrders workOrders;
    private final JobListPrinter printer;
    private final NobrecSettings settings;

    JobListPaper(WorkOrders workOrders, JobListPrinter printer, NobrecSettings settings) {
        this.workOrders = workOrders;
        this.printer = printer;
        this.settings = settings;
    }

    /** @param each whether each begins a page */
    byte[] print(List<String> numbers, Set<JobListField> fields, SheetSize sheet, boolean each) {
        List<JobListText> texts = new LinkedHashSet<>(numbers)
                .stream()
                        .map(number -> text(workOrders.byNumber(number.strip()), fields))
                        .toList();
        return printer.print(texts, sheet, each);
    }

    private JobListText text(WorkOrder job, Set<JobListField> fields) {
        List<PickSlipText.Fact> facts = new ArrayList<>();
        for (JobListField field : JobListField.values()) {
            if (fields.contains(field)) {
                facts.addAll(facts(field, job));
            }
        }
        facts.removeIf(fact -> fact.value().isBlank());
        return new JobListText(
                job.number(),
                fields.contains(JobListField.BARCODE),
                facts,
                fields.contains(JobListField.LINES)
                        ? job.lines().stream().map(this::line).toList()
                        : List.of());
    }

    private List<PickSlipText.Fact> facts(JobListField field, WorkOrder job) {
        if (field == JobListField.OWN_FIELDS) {
            return job.particulars().custom().entrySet().stream()
                    .map(each -> new PickSlipText.Fact(each.getKey(), each.getValue()))
                    .toList();
        }
        return List.of(new PickSlipText.Fact(field.words(), value(field, job)));
    }

    private String value(JobListField field, WorkOrder job) {
        return switch (field) {
            case CUSTOMER -> job.customer();
            case CUSTOMER_PO -> job.customerPo();
            case STATUS -> job.status().words();
            case PROMISE -> job.promiseDate().map(DayWords::withYear).orElse("");
            case SERVICE -> job.requestedService();
            case SHIP_TO -> String.join(", ", job.shipTo().lines());
            case PHONE -> job.phone();
            case BATCH -> job.particulars().batch();
            case PIECES ->
                String.valueOf(job.lines().stream()
                        .mapToLong(WorkOrder.Line::quantityOrdered)
                        .sum());
            case WEIGHT ->
                job.weight()
                        .map(weight -> MeasureText.show(weight, settings.units()))
                        .orElse("not known of every line");
            case VALUE ->
                job.valueCents()
                        .map(cents -> MoneyText.showCents(cents) + " "
                                + settings.currency().getCode())
                        .orElse("not known of every line");
            case REFERENCES -> joined(job.particulars().references().toArray(String[]::new));
            case HOLD -> job.particulars().hold();
            case NOTES -> job.particulars().notes();
            case BARCODE, OWN_FIELDS, LINES -> "";
        };
    }

    private static String joined(String... parts) {
        return List.of(parts).stream().filter(part -> !part.isBlank()).collect(Collectors.joining(", "));
    }

    private JobListText.Line line(WorkOrder.Line line) {
        return new JobListText.Line(
                line.item(),
                line.description(),
                line.quantityOrdered(),
                line.quantityOpen(),
                line.unitWeight()
                        .map(weight -> MeasureText.show(weight, settings.units()))
                        .orElse(""));
    }
}
