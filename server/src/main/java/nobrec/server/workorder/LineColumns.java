package nobrec.server.workorder;

import java.math.BigDecimal;
import java.util.stream.Collectors;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.item.FreightClass;
import nobrec.core.item.Handling;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.WeightUnit;
import nobrec.server.platform.LotText;
import nobrec.server.platform.mapping.RowsAsJson;

/** Lines of work orders on their way into the table. */
final class LineColumns {

    record NewLine(long orderId, int position, WorkOrderDraft.Line line) {}

    private static final int CENTS = 2;
    private static final int GRAM_PLACES = 12;
    private static final int MILLIMETER_PLACES = 6;

    private LineColumns() {}

    static void write(RowsAsJson.Columns columns, NewLine row) {
        WorkOrderDraft.Line line = row.line();
        Handling handling = line.handling();
        columns.with("order", row.orderId())
                .with("position", row.position())
                .with("item", line.item())
                .with("description", line.description())
                .with("quantity", line.quantity())
                .with("ready", line.quantityReady().orElse(null))
                .with("custom", RecordTexts.write(line.custom()))
                .with(
                        "unitWeight",
                        line.unitWeight()
                                .map(weight -> weight.in(WeightUnit.GRAM, GRAM_PLACES))
                                .orElse(null))
                .with(
                        "unitLength",
                        line.unitSize().map(size -> millimeters(size.length())).orElse(null))
                .with(
                        "unitWidth",
                        line.unitSize().map(size -> millimeters(size.width())).orElse(null))
                .with(
                        "unitHeight",
                        line.unitSize().map(size -> millimeters(size.height())).orElse(null))
                .with(
                        "unitValue",
                        line.goods().unitValueCents().map(LineColumns::amount).orElse(null))
                .with("hsCode", line.goods().hsCode())
                .with("origin", line.goods().origin())
                .with("goodsClass", line.goods().goodsClass().map(Enum::name).orElse(null))
                .with(
                        "freightClass",
                        line.goods().freightClass().map(FreightClass::toString).orElse(null))
                .with("thisSideUp", handling.thisSideUp() ? 1 : null)
                .with("nothingOnTop", handling.nothingOnTop() ? 1 : null)
                .with("alone", handling.alone() ? 1 : null)
                .with("lots", LotText.write(line.lots()))
                .with(
                        "fromItem",
                        line.fromItem().stream().sorted().map(Enum::name).collect(Collectors.joining(",")));
    }

    private static BigDecimal millimeters(Length length) {
        return length.in(LengthUnit.MILLIMETER, MILLIMETER_PLACES);
    }

    private static BigDecimal amount(long cents) {
        return BigDecimal.valueOf(cents, CENTS);
    }
}
