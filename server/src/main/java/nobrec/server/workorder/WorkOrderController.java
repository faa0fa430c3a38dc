package nobrec.server.workorder;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.core.notation.MeasureText;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.platform.NobrecSettings;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The job list. */
@RestController
@Tag(name = "work orders")
class WorkOrderController {

    private static final int PAGE = 100;

    /** @param next what to ask for to get the rows after these */
    record JobList(List<JobRow> rows, Optional<Long> next) {}

    /** @param weight what the records say, with its unit */
    record JobRow(
            String number,
            String customer,
            String shipTo,
            String city,
            Optional<LocalDate> promiseDate,
            String askedService,
            WorkOrderStatus status,
            int lines,
            int pieces,
            Optional<String> weight) {}

    private final WorkOrders workOrders;
    private final NobrecSettings settings;

    WorkOrderController(WorkOrders workOrders, NobrecSettings settings) {
        this.workOrders = workOrders;
        this.settings = settings;
    }

    /** @param text the beginning of a number, a purchase order or a city, or a part of a customer's name */
    @GetMapping("/api/work-orders")
    @ForEveryone
    JobList list(
            @RequestParam(required = false) WorkOrderStatus status,
            @RequestParam(defaultValue = "") @Size(max = Limits.TEXT) String text,
            @RequestParam(required = false) Long before) {
        List<WorkOrderListRow> rows = workOrders.page(status, text.strip(), before, PAGE);
        Optional<Long> next = rows.size() < PAGE
                ? Optional.empty()
                : Optional.of(rows.get(rows.size() - 1).id());
        return new JobList(rows.stream().map(this::row).toList(), next);
    }

    private JobRow row(WorkOrderListRow row) {
        return new JobRow(
                row.number(),
                row.customer(),
                row.name(),
                row.city() + ", " + row.state(),
                Optional.ofNullable(row.promiseDate()),
                row.askedService(),
                row.status(),
                row.lines(),
                row.pieces(),
                Optional.ofNullable(row.weight()).map(weight -> MeasureText.show(weight, settings.units())));
    }
}
