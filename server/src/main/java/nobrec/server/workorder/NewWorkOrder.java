package nobrec.server.workorder;

import java.time.Instant;
import java.time.LocalDate;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.server.platform.Moneys;
import org.joda.money.Money;

/** A work order on its way into the table; the database gives it its id. */
final class NewWorkOrder {

    private final String source;
    private final long importRunId;
    private final WorkOrderDraft draft;
    private final Instant takenInAt;
    private long id;

    NewWorkOrder(String source, long importRunId, WorkOrderDraft draft, Instant takenInAt) {
        this.source = source;
        this.importRunId = importRunId;
        this.draft = draft;
        this.takenInAt = takenInAt;
    }

    public long getId() {
        return id;
    }

    public String getSource() {
        return source;
    }

    public long getImportRunId() {
        return importRunId;
    }

    public WorkOrderDraft getDraft() {
        return draft;
    }

    public LocalDate getPromiseDate() {
        return draft.promiseDate().orElse(null);
    }

    public Money getQuotedFreight() {
        return draft.quotedFreightCents().map(Moneys::ofCents).orElse(null);
    }

    public WorkOrderStatus getStatus() {
        return WorkOrderStatus.READY;
    }

    public Instant getTakenInAt() {
        return takenInAt;
    }
}
