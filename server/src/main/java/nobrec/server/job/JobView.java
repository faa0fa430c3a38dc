package nobrec.server.job;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.layout.OrderField;
import nobrec.core.readiness.AttentionKind;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.api.figure.Amount;
import nobrec.server.api.figure.WeightFigure;

/**
 * Everything about one job.
 *
 * @param shopStatus the shop's own word for where it stands, as rules on events set it; empty text for none
 * @param hold why it must not go; empty text when it may
 * @param mayEdit whether whoever looks may change it now
 * @param placeKind what stands at its ship-to, in words, and who or what says so
 * @param weightUnit in which weights stand in the fields
 * @param weight of all pieces; left out where one line does not say it
 */
public record JobView(
        String number,
        String source,
        String customer,
        WorkOrderStatus status,
        String shopStatus,
        String hold,
        Instant cameIn,
        Optional<LocalDate> promiseDate,
        boolean mayEdit,
        String placeKind,
        String weightUnit,
        Optional<WeightFigure> weight,
        Optional<Amount> value,
        List<AttentionView> attention,
        List<FieldView> fields,
        List<LineView> lines,
        List<ShipmentView> shipments,
        List<RuleView> rules,
        List<NoteView> notes,
        List<HistoryView> history,
        Optional<ReplacementView> replaces,
        List<ReplacementView> replacements) {

    /**
     * @param job number of the job that replaces
     * @param replaces number of the job of which it replaces pieces
     */
    record ReplacementView(String job, String replaces, String reason) {}

    /** Which part of the page a field stands in. */
    enum FieldGroup {
        SHIP_TO,
        WAY,
        BILL_TO,
        TEXTS
    }

    /**
     * @param text as it is typed
     * @param byRule what house rules make of it; empty text where the record counts
     */
    record FieldView(
            OrderField field, String label, FieldGroup group, OrderField.Form form, String text, String byRule) {}

    /** @param field in which it is put right; left out where no field does it */
    record AttentionView(
            AttentionKind kind, String reason, String remedy, Optional<OrderField> field, int line, String now) {}

    /**
     * @param ready pieces that are there
     * @param inShipments pieces in shipments that have not left
     * @param fields what may be changed of it
     */
    record LineView(
            int position,
            String item,
            int ordered,
            int ready,
            int inShipments,
            int shipped,
            List<LineFieldView> fields) {}

    /** @param byItem what the item list says where the record says nothing; empty text where the record counts */
    record LineFieldView(OrderField field, String label, String text, String byItem) {}

    /**
     * @param service empty text until it has left
     * @param with other jobs that go in it
     * @param waitingFor why it is not through yet
     * @param freight what the carrier charges; left out until it has left and for whoever may not see it
     */
    record ShipmentView(
            long id,
            ShipmentState state,
            int packages,
            int pieces,
            String service,
            List<String> trackingNumbers,
            List<String> with,
            Optional<Instant> shippedAt,
            String by,
            Optional<Amount> freight,
            Optional<Amount> customerPays,
            Optional<String> waitingFor,
            List<PaperView> papers) {}

    record PaperView(long id, String title, String address) {}

    record RuleView(String name, String why, String does) {}

    /** @param mine whether whoever looks wrote it */
    record NoteView(long id, Instant at, String by, boolean mine, String text) {}

    record HistoryView(Instant at, String by, String act, String thing, String detail) {}
}
