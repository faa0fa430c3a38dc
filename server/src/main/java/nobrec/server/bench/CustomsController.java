package nobrec.server.bench;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.api.security.ForCoordinators;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.item.Items;
import nobrec.server.shipment.Shipments;
import nobrec.server.workorder.WorkOrders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is declared of a job that leaves the country. Its fields are changed where all fields of jobs are. */
@RestController
@RequestMapping("/api/v1/shipments/customs")
@Tag(name = "bench")
class CustomsController {

    /** @param line counted from one */
    record LineOfJob(
            @NotNull @Size(max = Limits.TEXT) String job,
            @Min(1) @Max(Limits.LINES_OF_ORDER) int line) {}

    private final Shipments shipments;
    private final WorkOrders workOrders;
    private final Trials trials;
    private final CustomsViews views;
    private final Items items;

    CustomsController(Shipments shipments, WorkOrders workOrders, Trials trials, CustomsViews views, Items items) {
        this.shipments = shipments;
        this.workOrders = workOrders;
        this.trials = trials;
        this.views = views;
        this.items = items;
    }

    /** Of its shipment, or of the one it would have: looking leaves no trace. */
    @GetMapping
    @ForEveryone
    CustomsView look(@RequestParam @Size(max = Limits.TEXT) String job, Principal who) {
        String number = job.strip();
        return shipments
                .there(workOrders.byNumber(number))
                .map(views::of)
                .orElseGet(() -> trials.rolledBack(() -> views.of(trials.opened(number, who.getName()))));
    }

    /** From now on the item is declared as this line is. */
    @PostMapping("/items")
    @ForCoordinators
    CustomsView teachItem(@Valid @RequestBody LineOfJob place, Principal who) {
        WorkOrder job = workOrders.byNumber(place.job().strip());
        WorkOrder.Line line = job.lines().stream()
                .filter(each -> each.position() == place.line())
                .findFirst()
                .orElseThrow(
                        () -> Refusal.notFound("Line " + place.line() + " of job " + job.number(), "Reload the page."));
        if (line.item().isEmpty()) {
            throw Refusal.unusable(
                    "Line " + place.line() + " of job " + job.number(), "It names no item.", "Give it an item number.");
        }
        items.learnCustoms(line.item(), line.description(), line.goods(), who.getName());
        return look(job.number(), who);
    }
}
