package nobrec.server.source;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.intake.OrderComparison;
import nobrec.core.intake.OrderComparison.Difference;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.Fingerprint;
import nobrec.server.workorder.SourceOrders;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What changed at the source of a work order since it was taken, and the taking over of it: only while nothing was shipped. */
@Component
class RecordChanges {

    /**
     * @param source as people call it
     * @param cancelled why it was cancelled there; empty text where it was not
     * @param shipped whether something of it has left, so that nothing is taken over any more
     * @param record fingerprint of the record as it is there now
     */
    record Changes(String source, String cancelled, boolean shipped, List<Difference> differences, String record) {}

    private final RecordMapper mapper;
    private final RecordSources sources;
    private final RecordReader reader;
    private final WorkOrders workOrders;
    private final SourceOrders orders;
    private final AuditLog auditLog;

    RecordChanges(
            RecordMapper mapper,
            RecordSources sources,
            RecordReader reader,
            WorkOrders workOrders,
            SourceOrders orders,
            AuditLog auditLog) {
        this.mapper = mapper;
        this.sources = sources;
        this.reader = reader;
        this.workOrders = workOrders;
        this.orders = orders;
        this.auditLog = auditLog;
    }

    /** Empty where its source says the same as before, or is none that is followed. */
    @Transactional(readOnly = true)
    public Optional<Changes> of(String number) {
        WorkOrder job = workOrders.recorded(workOrders.idOf(number));
        return mapper.ofWorkOrder(job.id())
                .filter(row -> row.state() == RecordState.CHANGED || row.state() == RecordState.CANCELLED)
                .map(row -> changes(job, row));
    }

    private Changes changes(WorkOrder job, KeptRecordRow row) {
        SourceSetUp source = sources.setUp(row.source());
        return new Changes(
                source.name(),
                row.cancelled(),
                hasLeft(job),
                differences(job, row, source),
                Fingerprint.of(row.document()));
    }

    private List<Difference> differences(WorkOrder job, KeptRecordRow row, SourceSetUp source) {
        Optional<WorkOrderDraft> now =
                reader.read(source, reader.record(row.document())).draft();
        Optional<WorkOrderDraft> before = Optional.ofNullable(row.takenDocument())
                .flatMap(
                        document -> reader.read(source, reader.record(document)).draft());
        if (now.isEmpty() || before.isEmpty()) {
            return List.of();
        }
        return OrderComparison.of(before.get(), now.get(), WorkOrderDraft.of(job));
    }

    private static boolean hasLeft(WorkOrder job) {
        return job.lines().stream().anyMatch(line -> line.quantityShipped() > 0);
    }

    /**
     * Takes over what was chosen, and keeps ours in the rest.
     *
     * @param record fingerprint of the record that was looked at
     * @param keys of the differences that are taken over; the others are seen and not said again
     */
    @Transactional
    public void takeOver(String number, String record, Set<String> keys, String signIn) {
        WorkOrder job = workOrders.recordedLocked(workOrders.idOf(number));
        KeptRecordRow row = mapper.ofWorkOrder(job.id())
                .flatMap(each -> mapper.lockedRecord(each.id()))
                .filter(each -> each.state() == RecordState.CHANGED || each.state() == RecordState.CANCELLED)
                .orElseThrow(() -> Refusal.conflict(
                        "Job " + number, "Nothing is otherwise at its source any more.", "Reload the page."));
        if (hasLeft(job) && !keys.isEmpty()) {
            throw Refusal.conflict(
                    "Job " + number, "Something of it has left already.", "Keep ours; tell whoever changed it there.");
        }
        SourceSetUp source = sources.setUp(row.source());
        Set<String> known =
                differences(job, row, source).stream().map(Difference::key).collect(Collectors.toSet());
        if (!known.containsAll(keys) || !record.equals(Fingerprint.of(row.document()))) {
            throw Refusal.changedSince(
                    "Job " + number, "Its record has changed again.", "Reload the page and choose again.");
        }
        if (!keys.isEmpty()) {
            WorkOrderDraft now =
                    reader.read(source, reader.record(row.document())).draft().orElseThrow();
            orders.change(
                    job,
                    OrderComparison.merge(WorkOrderDraft.of(job), now, keys),
                    keys.contains(OrderComparison.LINES));
        }
        RecordState state = row.cancelled().isEmpty() ? RecordState.HERE : RecordState.CANCELLED;
        mapper.setState(row.id(), state, row.document(), job.id());
        orders.saysOtherwise(job.id(), false);
        auditLog.write(
                signIn,
                "took over from a source",
                "Job " + number,
                keys.isEmpty() ? "nothing; ours stays" : String.join(", ", keys));
    }
}
