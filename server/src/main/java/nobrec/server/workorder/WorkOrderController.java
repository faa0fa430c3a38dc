package nobrec.server.workorder;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.api.figure.WeightFigure;
import nobrec.server.api.list.Part;
import nobrec.server.api.security.ForCoordinators;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.platform.NobrecSettings;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The job list. */
@RestController
@Tag(name = "work orders")
class WorkOrderController {

    /**
     * @param next the cursor of the rows after these
     * @param total how many there are in all, where that is known without counting
     */
    record JobList(List<JobRow> rows, Optional<Long> next, Optional<Integer> total) {}

    /** @param weight what the records say, */
    record JobRow(
            String number,
            String customer,
            String shipTo,
            String city,
            Optional<LocalDate> promiseDate,
            String requestedService,
            WorkOrderStatus status,
            int lines,
            int pieces,
            Optional<WeightFigure> weight) {}

    private final WorkOrders workOrders;
    private final NobrecSettings settings;

    WorkOrderController(WorkOrders workOrders, NobrecSettings settings) {
        this.workOrders = workOrders;
        this.settings = settings;
    }

    /** @param text the beginning of a number, a purchase order or a city, or a part of a customer's name */
    @GetMapping("/api/v1/work-orders")
    @ForEveryone
    JobList list(
            @RequestParam(required = false) WorkOrderStatus status,
            @RequestParam(defaultValue = "") @Size(max = Limits.TEXT) String text,
            @ParameterObject @Valid Part part) {
        List<WorkOrderListRow> rows = workOrders.page(status, text.strip(), part.cursor(), part.limit());
        return new JobList(
                rows.stream().map(this::row).toList(), part.next(rows, WorkOrderListRow::id), part.total(rows));
    }

    /** A work order that is on hold may go. */
    @PostMapping("/api/v1/work-orders/{number}/released")
    @ForCoordinators
    void release(@PathVariable @Size(max = Limits.TEXT) String number, Principal who) {
        workOrders.release(number, who.getName());
    }

    private JobRow row(WorkOrderListRow row) {
        return new JobRow(
                row.number(),
                row.customer(),
                row.name(),
                row.city() + ", " + row.state(),
                Optional.ofNullable(row.promiseDate()),
                row.requestedService(),
                row.status(),
                row.lines(),
                row.pieces(),
                Optional.ofNullable(row.weight()).map(weight -> WeightFigure.of(weight, settings.units())));
    }
}
