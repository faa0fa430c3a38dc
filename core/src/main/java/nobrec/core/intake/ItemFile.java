package nobrec.core.intake;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import nobrec.core.charging.FreightTerms;
import nobrec.core.item.Item;
import nobrec.core.layout.FieldTarget;
import nobrec.core.layout.LayoutNotation;
import nobrec.core.layout.OrderField;
import nobrec.core.layout.OrderLayout;
import nobrec.core.layout.RowShape;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;
import nobrec.core.workorder.Particulars;

/** The item list as a file: what it writes reads back as it was. */
public final class ItemFile {

    /** Names of the columns that only items have. */
    static final String SHELF = "Shelf";

    static final String BARCODE = "Barcode";

    /** The column that tells the rows apart where they are read like work orders; no file has it. */
    static final String ROW = "row of the file";

    static final Map<FieldTarget, String> FIXED = Map.of(FieldTarget.of(OrderField.QUANTITY), "1");

    static final OrderLayout LAYOUT = new OrderLayout(
            "Item list",
            RowShape.LINE_A_ROW,
            columns(),
            FIXED,
            new LayoutNotation(DayText.Order.MONTH_FIRST, WeightUnit.POUND, LengthUnit.INCH, DecimalMark.POINT, "US"));

    private static final OrderWriter WRITER = new OrderWriter(LAYOUT);

    private ItemFile() {}

    private static Map<FieldTarget, String> columns() {
        Map<FieldTarget, String> columns = new HashMap<>();
        columns.put(FieldTarget.of(OrderField.ORDER_NUMBER), ROW);
        columns.put(FieldTarget.of(OrderField.ITEM), "Item");
        columns.put(FieldTarget.of(OrderField.DESCRIPTION), "Description");
        columns.put(FieldTarget.of(OrderField.UNIT_WEIGHT), "Unit Wt lb");
        columns.put(FieldTarget.of(OrderField.UNIT_SIZE), "Unit Size in");
        columns.put(FieldTarget.of(OrderField.UNIT_VALUE), "Unit Value");
        columns.put(FieldTarget.of(OrderField.HANDLING), "Handling");
        columns.put(FieldTarget.of(OrderField.HS_CODE), "HS Code");
        columns.put(FieldTarget.of(OrderField.ORIGIN), "Origin");
        columns.put(FieldTarget.of(OrderField.CUSTOMS_DESCRIPTION), "Customs Description");
        columns.put(FieldTarget.of(OrderField.GOODS), "Goods");
        columns.put(FieldTarget.of(OrderField.FREIGHT_CLASS), "Class");
        columns.put(custom(SHELF), SHELF);
        columns.put(custom(BARCODE), BARCODE);
        return columns;
    }

    static FieldTarget custom(String name) {
        return new FieldTarget(OrderField.LINE_CUSTOM, name, 1);
    }

    /** Whether a file has exactly the columns that are written here, in whatever order. */
    static boolean isOurs(List<String> header) {
        Set<String> ours = new HashSet<>(header());
        return header.size() == ours.size() && ours.containsAll(header);
    }

    public static List<String> header() {
        return withoutRow(WRITER.header());
    }

    /** The cells of an item, in the order of the header. */
    public static List<String> row(Item item) {
        WorkOrderDraft.Line line = new WorkOrderDraft.Line(
                item.number(),
                item.description(),
                1,
                Optional.empty(),
                item.unitWeight(),
                item.unitSize(),
                item.handling(),
                List.of(),
                item.goods(),
                Map.of(SHELF, item.shelf(), BARCODE, item.barcode()));
        WorkOrderDraft one = new WorkOrderDraft(
                "1",
                "",
                "",
                Particulars.NONE.billTo(),
                "",
                "",
                Optional.empty(),
                "",
                FreightTerms.PREPAID,
                "",
                Optional.empty(),
                Particulars.NONE,
                List.of(line),
                List.of());
        return withoutRow(WRITER.rows(one).get(0));
    }

    private static List<String> withoutRow(List<String> cells) {
        return IntStream.range(0, cells.size())
                .filter(at -> !WRITER.header().get(at).equals(ROW))
                .mapToObj(cells::get)
                .toList();
    }
}
