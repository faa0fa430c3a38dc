package nobrec.server.attention;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nobrec.core.address.AddressCorrection;
import nobrec.core.layout.OrderField;
import nobrec.core.limit.Limits;
import nobrec.core.readiness.Attention;
import nobrec.core.readiness.AttentionKind;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.api.list.Part;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.place.PostalReference;
import nobrec.server.workorder.list.AttentionCount;
import nobrec.server.workorder.list.JobAttentions;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The jobs that cannot go, and why. */
@RestController
@Tag(name = "needs attention")
class AttentionController {

    /** @param next the cursor of the rows after these */
    record AttentionList(List<AttentionJob> rows, Optional<String> next, List<KindCount> counts) {}

    record KindCount(AttentionKind kind, String words, int jobs) {}

    /**
     * A job and one thing that keeps it from going.
     *
     * @param field in which it is put right; left out where no field does it
     * @param line of the job that the field is of; zero for the job itself
     * @param now what stands in the field
     * @param proposed what was probably meant, of an address
     */
    record AttentionJob(
            String job,
            String customer,
            String shipTo,
            String address,
            Optional<LocalDate> promiseDate,
            WorkOrderStatus status,
            AttentionKind kind,
            String reason,
            String remedy,
            Optional<FieldToCorrect> field,
            Optional<ProposedAddress> proposed) {}

    record FieldToCorrect(OrderField field, String label, int line, String now) {}

    record ProposedAddress(String city, String state, String postalCode, String reason) {}

    private final AttentionLists lists;
    private final JobAttentions attentions;
    private final PostalReference postal;

    AttentionController(AttentionLists lists, JobAttentions attentions, PostalReference postal) {
        this.lists = lists;
        this.attentions = attentions;
        this.postal = postal;
    }

    /** Those promised first come first. */
    @GetMapping("/api/v1/attention")
    @ForEveryone
    AttentionList list(
            @RequestParam(required = false) AttentionKind kind,
            @RequestParam(defaultValue = "") @Size(max = Limits.TEXT) String cursor,
            @RequestParam(defaultValue = "100") @Min(1) @Max(Part.MAXIMUM) int limit) {
        AttentionLists.Page page = lists.page(Optional.ofNullable(kind), AttentionCursor.read(cursor), limit);
        return new AttentionList(
                page.rows().stream()
                        .flatMap(row -> row.attention().stream().map(each -> view(row.job(), each)))
                        .toList(),
                page.next().map(AttentionCursor::write),
                counts());
    }

    private List<KindCount> counts() {
        Map<AttentionKind, Integer> jobs =
                attentions.counts().stream().collect(Collectors.toMap(AttentionCount::kind, AttentionCount::jobs));
        return Arrays.stream(AttentionKind.values())
                .filter(jobs::containsKey)
                .map(kind -> new KindCount(kind, kind.words(), jobs.getOrDefault(kind, 0)))
                .toList();
    }

    private AttentionJob view(WorkOrder job, Attention attention) {
        return new AttentionJob(
                job.number(),
                job.customer(),
                job.shipTo().name(),
                Stream.of(job.shipTo().street(), job.shipTo().cityLine())
                        .filter(each -> !each.isEmpty())
                        .collect(Collectors.joining(", ")),
                job.promiseDate(),
                job.status(),
                attention.kind(),
                attention.reason(),
                attention.remedy(),
                attention
                        .field()
                        .map(field -> new FieldToCorrect(field, field.label(), attention.line(), attention.now())),
                attention.kind() == AttentionKind.ADDRESS
                        ? postal.correction(job.shipTo()).map(AttentionController::proposed)
                        : Optional.empty());
    }

    private static ProposedAddress proposed(AddressCorrection correction) {
        return new ProposedAddress(
                correction.proposed().city(),
                correction.proposed().state(),
                correction.proposed().postalCode(),
                correction.reason());
    }
}
