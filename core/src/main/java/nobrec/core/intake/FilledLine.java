package nobrec.core.intake;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import nobrec.core.item.Handling;
import nobrec.core.item.Item;
import nobrec.core.item.LineFact;
import nobrec.core.item.LineGoods;

/** Fills a line with what its record lacks and its item knows, and takes that out again. */
final class FilledLine {

    private final WorkOrderDraft.Line line;
    private final Set<LineFact> filled = EnumSet.noneOf(LineFact.class);

    private FilledLine(WorkOrderDraft.Line line) {
        this.line = line;
    }

    /** @param waiting facts that the record does say, in a unit nobody has translated yet */
    static WorkOrderDraft.Line of(WorkOrderDraft.Line line, Item item, Set<LineFact> waiting) {
        return new FilledLine(line).from(item, waiting);
    }

    private WorkOrderDraft.Line from(Item item, Set<LineFact> waiting) {
        LineGoods goods = line.goods();
        LineGoods known = item.goods();
        return new WorkOrderDraft.Line(
                line.item(),
                text(LineFact.DESCRIPTION, line.description(), item.description()),
                line.quantity(),
                line.quantityReady(),
                waiting.contains(LineFact.WEIGHT)
                        ? line.unitWeight()
                        : value(LineFact.WEIGHT, line.unitWeight(), item.unitWeight()),
                waiting.contains(LineFact.SIZE)
                        ? line.unitSize()
                        : value(LineFact.SIZE, line.unitSize(), item.unitSize()),
                handling(item.handling()),
                line.lots(),
                new LineGoods(
                        value(LineFact.VALUE, goods.unitValueCents(), known.unitValueCents()),
                        text(LineFact.HS_CODE, goods.hsCode(), known.hsCode()),
                        text(LineFact.ORIGIN, goods.origin(), known.origin()),
                        value(LineFact.GOODS, goods.goodsClass(), known.goodsClass()),
                        value(LineFact.FREIGHT_CLASS, goods.freightClass(), known.freightClass()),
                        text(LineFact.CUSTOMS_DESCRIPTION, goods.customsDescription(), known.customsDescription())),
                line.custom(),
                line.shipTo(),
                filled);
    }

    private Handling handling(Handling known) {
        if (!line.handling().equals(Handling.ANY) || known.equals(Handling.ANY)) {
            return line.handling();
        }
        filled.add(LineFact.HANDLING);
        return known;
    }

    private <T> Optional<T> value(LineFact fact, Optional<T> recorded, Optional<T> known) {
        if (recorded.isPresent() || known.isEmpty()) {
            return recorded;
        }
        filled.add(fact);
        return known;
    }

    private String text(LineFact fact, String recorded, String known) {
        if (!recorded.isEmpty() || known.isEmpty()) {
            return recorded;
        }
        filled.add(fact);
        return known;
    }

    /** The line as its record says it. */
    static WorkOrderDraft.Line emptied(WorkOrderDraft.Line line) {
        Set<LineFact> from = line.fromItem();
        LineGoods goods = line.goods();
        return new WorkOrderDraft.Line(
                line.item(),
                from.contains(LineFact.DESCRIPTION) ? "" : line.description(),
                line.quantity(),
                line.quantityReady(),
                line.unitWeight().filter(each -> !from.contains(LineFact.WEIGHT)),
                line.unitSize().filter(each -> !from.contains(LineFact.SIZE)),
                from.contains(LineFact.HANDLING) ? Handling.ANY : line.handling(),
                line.lots(),
                new LineGoods(
                        goods.unitValueCents().filter(each -> !from.contains(LineFact.VALUE)),
                        from.contains(LineFact.HS_CODE) ? "" : goods.hsCode(),
                        from.contains(LineFact.ORIGIN) ? "" : goods.origin(),
                        goods.goodsClass().filter(each -> !from.contains(LineFact.GOODS)),
                        goods.freightClass().filter(each -> !from.contains(LineFact.FREIGHT_CLASS)),
                        from.contains(LineFact.CUSTOMS_DESCRIPTION) ? "" : goods.customsDescription()),
                line.custom(),
                line.shipTo(),
                Set.of());
    }
}
