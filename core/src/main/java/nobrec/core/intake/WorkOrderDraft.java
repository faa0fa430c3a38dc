package nobrec.core.intake;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.stream.Stream;
import nobrec.core.address.PostalAddress;
import nobrec.core.charging.FreightTerms;
import nobrec.core.item.Handling;
import nobrec.core.item.Item;
import nobrec.core.item.LineFact;
import nobrec.core.item.LineGoods;
import nobrec.core.item.LotShare;
import nobrec.core.layout.OrderField;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.workorder.Particulars;
import nobrec.core.workorder.Ruling;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;

/**
 * A work order as read from a source, not yet kept.
 *
 * @param carrierAccount of the receiver or third party that pays the carrier
 * @param quotedFreightCents what the customer was told the freight would be
 * @param openWords words in it that nobody has translated yet
 */
public record WorkOrderDraft(
        String number,
        String customer,
        String customerPo,
        PostalAddress shipTo,
        String phone,
        String mail,
        Optional<LocalDate> promiseDate,
        String requestedService,
        FreightTerms terms,
        String carrierAccount,
        Optional<Long> quotedFreightCents,
        Particulars particulars,
        List<Line> lines,
        List<OpenWord> openWords) {

    /** A work order as it stands here, as if it were read. */
    public static WorkOrderDraft of(WorkOrder order) {
        WorkOrderDraft whole = whole(order);
        return whole.with(whole.lines().stream().map(FilledLine::emptied).toList(), List.of());
    }

    /** The same with what items say and records do not. */
    public static WorkOrderDraft whole(WorkOrder order) {
        return new WorkOrderDraft(
                order.number(),
                order.customer(),
                order.customerPo(),
                order.shipTo(),
                order.phone(),
                order.mail(),
                order.promiseDate(),
                order.requestedService(),
                order.terms(),
                order.carrierAccount(),
                order.quotedFreightCents(),
                order.particulars(),
                order.lines().stream()
                        .map(line -> new Line(
                                line.item(),
                                line.description(),
                                line.quantityOrdered(),
                                line.quantityReady(),
                                line.unitWeight(),
                                line.unitSize(),
                                line.handling(),
                                line.lots(),
                                line.goods(),
                                line.custom(),
                                line.shipTo(),
                                line.fromItem()))
                        .toList(),
                List.of());
    }

    /** All places it goes to. */
    public Stream<PostalAddress> shipTos() {
        return Stream.concat(Stream.of(shipTo), lines.stream().flatMap(line -> line.shipTo().stream()));
    }

    /** With what its records lack of its lines, as far as their items say it. */
    public WorkOrderDraft filledFrom(Function<String, Optional<Item>> items) {
        List<Line> filled = new ArrayList<>();
        for (Line line : lines) {
            Set<LineFact> waiting = waiting(filled.size() + 1);
            filled.add(items.apply(line.item())
                    .map(item -> FilledLine.of(line, item, waiting))
                    .orElse(line));
        }
        return with(filled, openWords);
    }

    /** What a line's record does say, in a unit nobody has translated yet. */
    private Set<LineFact> waiting(int line) {
        Set<LineFact> waiting = EnumSet.noneOf(LineFact.class);
        for (OpenWord word : openWords) {
            if (word.line() == line) {
                waiting.add(word.field() == OrderField.UNIT_WEIGHT ? LineFact.WEIGHT : LineFact.SIZE);
            }
        }
        return waiting;
    }

    /** As a work order that is not kept yet. */
    public WorkOrder unkept(String source) {
        AtomicInteger position = new AtomicInteger();
        return new WorkOrder(
                0,
                source,
                number,
                customer,
                customerPo,
                shipTo,
                Optional.empty(),
                phone,
                mail,
                promiseDate,
                requestedService,
                terms,
                carrierAccount,
                quotedFreightCents,
                WorkOrderStatus.READY,
                particulars,
                List.of(),
                Ruling.NONE,
                lines.stream()
                        .map(line -> line.unkept(position.incrementAndGet()))
                        .toList());
    }

    /** The same, waiting for words that nobody has translated yet. */
    public WorkOrderDraft waitingFor(List<OpenWord> words) {
        return with(lines, words);
    }

    WorkOrderDraft with(List<Line> all, List<OpenWord> words) {
        return new WorkOrderDraft(
                number,
                customer,
                customerPo,
                shipTo,
                phone,
                mail,
                promiseDate,
                requestedService,
                terms,
                carrierAccount,
                quotedFreightCents,
                particulars,
                List.copyOf(all),
                List.copyOf(words));
    }

    /**
     * One thing made or serviced.
     *
     * @param quantityReady when not all of them are there yet
     * @param custom the shop's own fields, by name
     * @param shipTo where it goes, if not where the job goes
     * @param fromItem what the record lacks and its item says
     */
    public record Line(
            String item,
            String description,
            int quantity,
            Optional<Integer> quantityReady,
            Optional<Weight> unitWeight,
            Optional<Size> unitSize,
            Handling handling,
            List<LotShare> lots,
            LineGoods goods,
            Map<String, String> custom,
            Optional<PostalAddress> shipTo,
            Set<LineFact> fromItem) {

        public Line {
            fromItem = Set.copyOf(fromItem);
        }

        /** As a record says it that goes where the job goes. */
        public Line(
                String item,
                String description,
                int quantity,
                Optional<Integer> quantityReady,
                Optional<Weight> unitWeight,
                Optional<Size> unitSize,
                Handling handling,
                List<LotShare> lots,
                LineGoods goods,
                Map<String, String> custom) {
            this(
                    item,
                    description,
                    quantity,
                    quantityReady,
                    unitWeight,
                    unitSize,
                    handling,
                    lots,
                    goods,
                    custom,
                    Optional.empty(),
                    Set.of());
        }

        private WorkOrder.Line unkept(int position) {
            return new WorkOrder.Line(
                    0,
                    position,
                    item,
                    description,
                    quantity,
                    quantityReady,
                    0,
                    0,
                    unitWeight,
                    unitSize,
                    handling,
                    lots,
                    goods,
                    custom,
                    shipTo,
                    fromItem);
        }

        /** The same to another place. */
        Line to(Optional<PostalAddress> place) {
            return new Line(
                    item,
                    description,
                    quantity,
                    quantityReady,
                    unitWeight,
                    unitSize,
                    handling,
                    lots,
                    goods,
                    custom,
                    place,
                    fromItem);
        }
    }
}
