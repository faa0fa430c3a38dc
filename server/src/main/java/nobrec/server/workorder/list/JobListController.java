package nobrec.server.workorder.list;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.charging.FreightTerms;
import nobrec.core.joblist.JobFilter;
import nobrec.core.limit.Limits;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.api.figure.Amount;
import nobrec.server.api.figure.WeightFigure;
import nobrec.server.api.list.Part;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.platform.NobrecSettings;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.WebRequest;

/** The job list. */
@RestController
@Tag(name = "work orders")
class JobListController {

    /**
     * @param next the cursor of the rows after these
     * @param count how many there are in all
     * @param more whether there are more than these, which are as many as are counted
     * @param leftOut what was asked and cannot be, in sentences
     */
    record JobList(List<JobRow> rows, Optional<String> next, int count, boolean more, List<String> leftOut) {}

    /**
     * @param weight of all pieces, as the records say it; left out where one line does not
     * @param value of all pieces, likewise
     * @param jobStatus that the shop itself gave it; empty text where it has none
     * @param goingThereToo other jobs that have not left and go to the same place
     */
    record JobRow(
            long id,
            String number,
            String customer,
            String shipTo,
            String city,
            Optional<LocalDate> promiseDate,
            String requestedService,
            FreightTerms terms,
            WorkOrderStatus status,
            String jobStatus,
            boolean held,
            int lines,
            int pieces,
            Optional<WeightFigure> weight,
            Optional<Amount> value,
            String source,
            String batch,
            String site,
            Instant cameIn,
            Optional<LocalDate> shipped,
            int goingThereToo) {}

    /** @param more whether there are more than are counted */
    record JobCount(int count, boolean more) {}

    record ChosenJobs(
            @NotNull @NotEmpty @Size(max = Limits.JOBS_AT_ONCE)
            List<@NotNull @Size(max = Limits.TEXT) String> jobs) {}

    /**
     * @param weight of those of which it is known
     * @param unknown of how many it is not
     */
    record JobSum(int jobs, Optional<WeightFigure> weight, int unknown) {}

    /** @param names of the shop's own fields that jobs have */
    record FieldNames(List<String> names) {}

    private final JobLists lists;
    private final JobFilters filters;
    private final JobStatusTexts statuses;
    private final NobrecSettings settings;

    JobListController(JobLists lists, JobFilters filters, JobStatusTexts statuses, NobrecSettings settings) {
        this.lists = lists;
        this.filters = filters;
        this.statuses = statuses;
        this.settings = settings;
    }

    /** @param text words, each of which is in the number, the purchase order, a name, the city or an item */
    @GetMapping("/api/v1/work-orders")
    @Narrowed
    @ForEveryone
    JobList list(
            @RequestParam(defaultValue = "") @Size(max = Limits.TEXT) String text,
            @RequestParam(defaultValue = "") @Size(max = Limits.CELL) String cursor,
            @RequestParam(defaultValue = "100") @Min(1) @Max(Part.MAXIMUM) int limit,
            WebRequest asked) {
        JobFilter filter = filters.read(asked.getParameterMap());
        JobLists.Page page = lists.page(filter, JobCursor.read(cursor), limit);
        Map<Long, String> given =
                statuses.of(page.rows().stream().map(JobListRow::id).toList());
        return new JobList(
                page.rows().stream()
                        .map(row -> row(row, given.getOrDefault(row.id(), "")))
                        .toList(),
                page.next().map(JobCursor::text),
                page.count(),
                page.more(),
                filter.leftOut());
    }

    /** How many jobs a list has. */
    @GetMapping("/api/v1/work-orders/count")
    @Narrowed
    @ForEveryone
    JobCount count(@RequestParam(defaultValue = "") @Size(max = Limits.TEXT) String text, WebRequest asked) {
        int count = lists.count(filters.read(asked.getParameterMap()));
        return new JobCount(Math.min(count, JobLists.COUNTED), count > JobLists.COUNTED);
    }

    /** What a list can be narrowed by besides the usual. */
    @GetMapping("/api/v1/work-orders/fields")
    @ForEveryone
    FieldNames fields() {
        return new FieldNames(lists.fieldNames());
    }

    /** What the jobs come to that somebody has chosen. */
    @PostMapping("/api/v1/work-orders/sum")
    @ForEveryone
    JobSum sum(@Valid @RequestBody ChosenJobs chosen) {
        ChosenSum sum = lists.sum(chosen.jobs());
        return new JobSum(
                sum.jobs(),
                Optional.ofNullable(sum.weight()).map(weight -> WeightFigure.of(weight, settings.units())),
                sum.unknown());
    }

    private JobRow row(JobListRow row, String jobStatus) {
        return new JobRow(
                row.id(),
                row.number(),
                row.customer(),
                row.name(),
                row.state().isEmpty() ? row.city() : row.city() + ", " + row.state(),
                Optional.ofNullable(row.promiseDate()),
                row.service(),
                row.terms(),
                row.status(),
                jobStatus,
                row.held(),
                row.lines(),
                row.pieces(),
                Optional.ofNullable(row.weight()).map(weight -> WeightFigure.of(weight, settings.units())),
                Optional.ofNullable(row.value()).map(Amount::of),
                row.source(),
                row.batch(),
                row.site(),
                row.takenInAt(),
                Optional.ofNullable(row.shippedOn()),
                row.goingThereToo());
    }
}
