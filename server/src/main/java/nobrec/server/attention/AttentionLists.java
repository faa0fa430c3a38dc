package nobrec.server.attention;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import nobrec.core.readiness.Attention;
import nobrec.core.readiness.AttentionKind;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.booking.WaitingShipments;
import nobrec.server.shipment.Shipments;
import nobrec.server.workorder.WorkOrders;
import nobrec.server.workorder.list.AttentionRow;
import nobrec.server.workorder.list.JobAttentions;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The jobs that need attention, each with what is said of it just now. */
@Service
class AttentionLists {

    /** @param attention each thing of that kind that keeps the job from going */
    record Row(WorkOrder job, AttentionKind kind, List<Attention> attention) {}

    record Page(List<Row> rows, Optional<AttentionRow> next) {}

    private final JobAttentions attentions;
    private final WorkOrders workOrders;
    private final Shipments shipments;
    private final WaitingShipments waiting;

    AttentionLists(JobAttentions attentions, WorkOrders workOrders, Shipments shipments, WaitingShipments waiting) {
        this.attentions = attentions;
        this.workOrders = workOrders;
        this.shipments = shipments;
        this.waiting = waiting;
    }

    @Transactional(readOnly = true)
    Page page(Optional<AttentionKind> kind, Optional<AttentionRow> after, int limit) {
        List<AttentionRow> kept = attentions.page(kind, after, limit);
        Map<Long, WorkOrder> jobs =
                workOrders
                        .byIds(kept.stream()
                                .map(AttentionRow::workOrderId)
                                .distinct()
                                .toList())
                        .stream()
                        .collect(Collectors.toMap(WorkOrder::id, Function.identity()));
        List<Row> rows = new ArrayList<>();
        for (AttentionRow each : kept) {
            WorkOrder job = jobs.get(each.workOrderId());
            if (job != null) {
                rows.add(new Row(job, each.kind(), said(job, each.kind())));
            }
        }
        return new Page(rows, kept.size() < limit ? Optional.empty() : Optional.of(kept.get(kept.size() - 1)));
    }

    /** Nothing where it is in order by now, and is not listed any more at the next change. */
    private List<Attention> said(WorkOrder job, AttentionKind kind) {
        return switch (kind) {
            case LABEL -> List.of(refused(job));
            case SOURCE ->
                List.of(Attention.ofMark(
                        kind,
                        "Its record says something else at its source than here.",
                        "Look at both, and take over what is right."));
            default ->
                attentions.of(job).stream().filter(each -> each.kind() == kind).toList();
        };
    }

    private Attention refused(WorkOrder job) {
        List<Shipment> all = shipments.of(job);
        Optional<String> asked = all.stream()
                .filter(each -> each.state() == ShipmentState.SHIPPING)
                .flatMap(each -> waiting.reasonOf(each).stream())
                .findFirst();
        if (asked.isPresent()) {
            return Attention.ofMark(AttentionKind.LABEL, asked.get(), "It goes on by itself.");
        }
        String reason = all.stream()
                .flatMap(each -> waiting.refusalOf(each).stream())
                .findFirst()
                .orElse("The carrier refused it.");
        return Attention.ofMark(
                AttentionKind.LABEL, reason, "Put right what the carrier says, and ship it again on the Bench.");
    }
}
