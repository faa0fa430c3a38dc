package nobrec.server.orderfile;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nobrec.core.address.PostalAddress;
import nobrec.core.intake.OrderReader;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.measure.UnitSystem;
import nobrec.core.notation.DayWords;
import nobrec.core.notation.MeasureText;
import nobrec.core.notation.MoneyText;
import nobrec.core.workorder.Particulars;
import nobrec.server.orderfile.ImportController.Fact;
import nobrec.server.orderfile.ImportController.PreviewView;
import nobrec.server.orderfile.ImportController.PreviewedLine;
import nobrec.server.orderfile.ImportController.PreviewedOrder;

/** What the first work orders of a file would say, in words. */
final class PreviewTexts {

    private static final int ORDERS = 5;
    private static final int LINES = 8;
    private static final int FAULTS = 20;

    private PreviewTexts() {}

    static PreviewView of(OrderReader.Result read, UnitSystem units) {
        return new PreviewView(
                read.orders().size(),
                read.faultyOrders().size(),
                read.orders().stream()
                        .limit(ORDERS)
                        .map(order -> order(order, units))
                        .toList(),
                read.faults().stream().limit(FAULTS).map(ImportController::view).toList(),
                read.orders().stream()
                        .flatMap(order -> order.openWords().stream())
                        .map(word -> word.kind().label() + " “" + word.word() + "”")
                        .distinct()
                        .limit(FAULTS)
                        .toList());
    }

    private static PreviewedOrder order(WorkOrderDraft order, UnitSystem units) {
        Particulars more = order.particulars();
        List<Fact> facts = new ArrayList<>();
        add(facts, "Customer", order.customer());
        add(facts, "Customer PO", order.customerPo());
        add(facts, "Ship to", address(order.shipTo()));
        add(facts, "Phone", order.phone());
        add(facts, "E-mail", order.mail());
        add(facts, "Promised", order.promiseDate().map(DayWords::withYear).orElse(""));
        add(facts, "Requested", order.requestedService());
        add(facts, "Freight", order.terms().words());
        add(facts, "Carrier account", order.carrierAccount());
        add(
                facts,
                "Quoted freight",
                order.quotedFreightCents().map(MoneyText::showCents).orElse(""));
        add(facts, "Package", more.carton());
        add(facts, "Site", more.site());
        add(facts, "Batch", more.batch());
        add(facts, "Bill to", address(more.billTo()));
        add(facts, "Papers", more.noPrices() ? "without prices" : "");
        add(facts, "Hold", more.hold());
        add(facts, "Notes", more.notes());
        add(facts, "Reference 1", more.references().get(0));
        add(facts, "Reference 2", more.references().get(1));
        add(facts, "Belongs to", (more.origin() + " " + more.originNumber()).strip());
        more.custom().forEach((name, text) -> add(facts, name, text));
        return new PreviewedOrder(
                order.number(),
                facts,
                order.lines().stream()
                        .limit(LINES)
                        .map(line -> line(line, units))
                        .toList());
    }

    private static String address(PostalAddress address) {
        return String.join(" · ", address.lines());
    }

    private static PreviewedLine line(WorkOrderDraft.Line line, UnitSystem units) {
        List<Fact> facts = new ArrayList<>();
        add(facts, "ready", line.quantityReady().map(String::valueOf).orElse(""));
        add(facts, "each", text(line.unitWeight().map(each -> MeasureText.showExactly(each, units))));
        add(facts, "size", text(line.unitSize().map(each -> MeasureText.show(each, units))));
        add(facts, "value", text(line.goods().unitValueCents().map(MoneyText::showCents)));
        add(facts, "HS", line.goods().hsCode());
        add(facts, "origin", line.goods().origin());
        add(facts, "handling", String.join(", ", line.handling().words()));
        line.custom().forEach((name, text) -> add(facts, name, text));
        return new PreviewedLine(line.quantity(), line.item(), line.description(), facts);
    }

    private static String text(Optional<String> text) {
        return text.orElse("");
    }

    private static void add(List<Fact> facts, String name, String text) {
        if (!text.isEmpty()) {
            facts.add(new Fact(name, text));
        }
    }
}
