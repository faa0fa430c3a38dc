package nobrec.core.intake;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.address.Countries;
import nobrec.core.address.PostalAddress;
import nobrec.core.charging.FreightTerms;
import nobrec.core.item.FreightClass;
import nobrec.core.item.GoodsClass;
import nobrec.core.item.Handling;
import nobrec.core.item.LineGoods;
import nobrec.core.layout.OrderField;
import nobrec.core.layout.RowShape;
import nobrec.core.limit.Limits;
import nobrec.core.wordbook.WordKind;
import nobrec.core.workorder.Clearance;
import nobrec.core.workorder.Particulars;
import org.jspecify.annotations.Nullable;

/** A work order while its rows come in: the first row gives the head, each row one line or several. */
final class OrderBeingRead {

    private static final String UPRIGHT = "this side up";
    private static final String NOTHING_ON_TOP = "nothing on top";
    private static final String ALONE = "alone";
    private static final Set<String> HANDLING_WORDS = Set.of(UPRIGHT, NOTHING_ON_TOP, ALONE);

    private final String number;
    private final BoundLayout layout;
    private final List<WorkOrderDraft.Line> lines = new ArrayList<>();
    private final List<OpenWord> openWords = new ArrayList<>();
    private @Nullable WorkOrderDraft head;
    private List<String> firstRow = List.of();
    private BigInteger weight = BigInteger.ZERO;
    private BigInteger value = BigInteger.ZERO;
    private boolean faulty;
    private int rows;

    OrderBeingRead(String number, BoundLayout layout) {
        this.number = number;
        this.layout = layout;
    }

    String number() {
        return number;
    }

    int rows() {
        return rows;
    }

    boolean isFaulty() {
        return faulty;
    }

    /** Whatever comes, it stays out. */
    void spoil() {
        faulty = true;
    }

    /** Where words go that nobody has translated. */
    List<OpenWord> openWords() {
        return openWords;
    }

    void countRow() {
        rows++;
    }

    void add(RowCells row) {
        Optional<PostalAddress> otherPlace = Optional.empty();
        if (head == null) {
            firstRow = row.cells();
            head = head(row);
        } else {
            otherPlace = sameHead(row);
        }
        faulty |= row.isFaulty();
        for (int group = 1; group <= layout.lines(); group++) {
            boolean oneLine = layout.shape() == RowShape.LINE_A_ROW && layout.hasLineColumns();
            if (oneLine || layout.saysLine(group, row.cells())) {
                addLine(row.ofLine(group, lines.size() + 1), otherPlace);
            }
        }
    }

    private void addLine(RowCells cells, Optional<PostalAddress> otherPlace) {
        if (lines.size() == Limits.LINES_OF_ORDER) {
            cells.fault(
                    OrderField.ORDER_NUMBER,
                    "The work order has more than " + Limits.LINES_OF_ORDER + " lines.",
                    "Split it into several.");
        } else {
            WorkOrderDraft.Line line = line(cells);
            if (line.shipTo().isEmpty() && otherPlace.isPresent()) {
                line = line.to(otherPlace);
            }
            lines.add(line);
            addUp(line, cells);
        }
        faulty |= cells.isFaulty();
    }

    /** All pieces together must still be something that can be sent. */
    private void addUp(WorkOrderDraft.Line line, RowCells row) {
        weight = weight.add(line.unitWeight()
                .map(each -> BigInteger.valueOf(each.eighthNanograms()))
                .orElse(BigInteger.ZERO)
                .multiply(BigInteger.valueOf(line.quantity())));
        value = value.add(BigInteger.valueOf(line.goods().unitValueCents().orElse(0L))
                .multiply(BigInteger.valueOf(line.quantity())));
        if (weight.compareTo(BigInteger.valueOf(Limits.WEIGHT_OF_ORDER.eighthNanograms())) > 0) {
            row.fault(
                    OrderField.UNIT_WEIGHT,
                    "The work order weighs more than 20,000 kg up to here.",
                    "Check quantity, weight and unit, or split it.");
        }
        if (value.compareTo(BigInteger.valueOf(Limits.CENTS_OF_ORDER)) > 0) {
            row.fault(
                    OrderField.UNIT_VALUE,
                    "The work order is worth more than 9,999,999,999.99 up to here.",
                    "Check quantity and value, or split it.");
        }
    }

    private static WorkOrderDraft.Line line(RowCells row) {
        int quantity = row.pieces(OrderField.QUANTITY);
        return new WorkOrderDraft.Line(
                row.text(OrderField.ITEM),
                row.text(OrderField.DESCRIPTION),
                quantity,
                ready(row, quantity),
                row.weight(OrderField.UNIT_WEIGHT),
                row.size(),
                handling(row),
                row.lots(OrderField.LOTS, quantity),
                new LineGoods(
                        row.cents(OrderField.UNIT_VALUE),
                        row.text(OrderField.HS_CODE),
                        row.text(OrderField.ORIGIN),
                        goods(row),
                        freightClass(row),
                        row.text(OrderField.CUSTOMS_DESCRIPTION)),
                row.customs(),
                row.address(OrderField.LINE_SHIP_TO),
                Set.of());
    }

    /** Empty when all that was ordered is there. */
    private static Optional<Integer> ready(RowCells row, int quantity) {
        return row.piecesReady(OrderField.QUANTITY_READY).filter(ready -> ready < quantity);
    }

    /**
     * What is said of the whole order must not differ from row to row; an empty cell says nothing. Only where it goes may: then the
     * lines of that row go somewhere else.
     *
     * @return where the lines of the row go; empty where they go where the order goes
     */
    private Optional<PostalAddress> sameHead(RowCells row) {
        boolean elsewhere = layout.shape() == RowShape.LINE_A_ROW
                && OrderField.SHIP_TO.stream().anyMatch(field -> differs(field, row));
        for (int column : layout.headColumns()) {
            if (elsewhere && OrderField.SHIP_TO.stream().anyMatch(field -> layout.columnOf(field) == column)) {
                continue;
            }
            String text =
                    column < row.cells().size() ? CellText.plain(row.cells().get(column)) : "";
            String first = column < firstRow.size() ? CellText.plain(firstRow.get(column)) : "";
            if (!text.isEmpty() && !text.equals(first)) {
                row.faultAt(
                        column,
                        "The first row of this work order says “" + shortened(first) + "”.",
                        "Write the same in all rows of it, or leave it empty in the later ones.");
            }
        }
        return elsewhere ? Optional.of(shipToOfRow(row)) : Optional.empty();
    }

    private boolean differs(OrderField field, RowCells row) {
        String text = layout.text(field, 0, row.cells());
        return layout.columnOf(field) >= 0 && !text.isEmpty() && !text.equals(layout.text(field, 0, firstRow));
    }

    private static String shortened(String text) {
        return text.length() <= Limits.TEXT ? text : text.substring(0, Limits.TEXT - 1) + "…";
    }

    private static Handling handling(RowCells row) {
        String text = row.text(OrderField.HANDLING);
        if (text.isEmpty()) {
            return Handling.ANY;
        }
        Set<String> words = Arrays.stream(text.toLowerCase(Locale.ROOT).split(";"))
                .map(String::strip)
                .filter(word -> !word.isEmpty())
                .collect(Collectors.toSet());
        if (!HANDLING_WORDS.containsAll(words)) {
            row.fault(
                    OrderField.HANDLING,
                    "This handling is not known.",
                    "Use: this side up, nothing on top, alone; set several apart with a semicolon.");
        }
        return new Handling(words.contains(UPRIGHT), words.contains(NOTHING_ON_TOP), words.contains(ALONE));
    }

    private static Optional<GoodsClass> goods(RowCells row) {
        String text = row.text(OrderField.GOODS);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        Optional<GoodsClass> read = Arrays.stream(GoodsClass.values())
                .filter(each -> each.words().equalsIgnoreCase(text))
                .findFirst();
        if (read.isEmpty()) {
            row.fault(
                    OrderField.GOODS,
                    "This class of goods is not known.",
                    "Use: "
                            + Arrays.stream(GoodsClass.values())
                                    .map(GoodsClass::words)
                                    .collect(Collectors.joining(", "))
                            + "; or leave it empty.");
        }
        return read;
    }

    private static Optional<FreightClass> freightClass(RowCells row) {
        String text = row.text(OrderField.FREIGHT_CLASS);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        Optional<FreightClass> read = FreightClass.read(text);
        if (read.isEmpty()) {
            row.fault(OrderField.FREIGHT_CLASS, "There is no such freight class.", "Write one from 50 to 400.");
        }
        return read;
    }

    /** Of a later row of an order: a country that is not written is that of the order. */
    private PostalAddress shipToOfRow(RowCells row) {
        String written = row.text(OrderField.COUNTRY);
        String country = Objects.requireNonNull(head, "a row").shipTo().country();
        if (!written.isEmpty()) {
            Optional<String> read = Countries.read(written);
            if (read.isEmpty()) {
                row.fault(
                        OrderField.COUNTRY,
                        "There is no country “" + written + "”.",
                        "Write its English name or its two letters (ISO 3166).");
            }
            country = read.orElse("");
        }
        return ShipToFields.read(row::text, country);
    }

    private WorkOrderDraft head(RowCells row) {
        PostalAddress shipTo = ShipToFields.read(row::text, row.country(OrderField.COUNTRY));
        return new WorkOrderDraft(
                number,
                row.text(OrderField.CUSTOMER),
                row.text(OrderField.CUSTOMER_PO),
                shipTo,
                row.text(OrderField.PHONE),
                row.text(OrderField.MAIL),
                row.date(OrderField.PROMISE_DATE),
                row.word(OrderField.SERVICE, WordKind.SERVICE),
                FreightTerms.read(row.word(OrderField.TERMS, WordKind.TERMS)).orElse(FreightTerms.PREPAID_AND_BILLED),
                row.text(OrderField.CARRIER_ACCOUNT),
                row.cents(OrderField.QUOTED_FREIGHT),
                particulars(row),
                List.of(),
                List.of());
    }

    private static Particulars particulars(RowCells row) {
        return new Particulars(
                row.text(OrderField.BATCH),
                row.word(OrderField.SITE, WordKind.SITE),
                row.word(OrderField.CARTON, WordKind.PACKAGE),
                row.hold(OrderField.HOLD),
                row.yes(OrderField.NO_PRICES),
                row.longText(OrderField.NOTES),
                List.of(row.text(OrderField.REFERENCE_1), row.text(OrderField.REFERENCE_2)),
                billTo(row),
                row.word(OrderField.ORIGIN_SYSTEM, WordKind.SYSTEM),
                row.text(OrderField.ORIGIN_NUMBER),
                row.customs(),
                Clearance.NONE,
                ExportFields.read(row));
    }

    private static PostalAddress billTo(RowCells row) {
        PostalAddress billTo = new PostalAddress(
                row.text(OrderField.BILL_COMPANY),
                row.text(OrderField.BILL_PERSON),
                row.text(OrderField.BILL_STREET),
                row.text(OrderField.BILL_STREET2),
                row.text(OrderField.BILL_CITY),
                row.text(OrderField.BILL_STATE),
                row.text(OrderField.BILL_POSTAL_CODE),
                row.word(OrderField.BILL_COUNTRY, WordKind.COUNTRY));
        return billTo.inStandardSpelling();
    }

    WorkOrderDraft draft() {
        List<WorkOrderDraft.Line> all = lines.isEmpty() ? List.of(contentsNotGiven()) : lines;
        return Objects.requireNonNull(head, "a row").with(all, openWords);
    }

    /** A record without lines is one thing to be sent, of which nothing is known. */
    private static WorkOrderDraft.Line contentsNotGiven() {
        return new WorkOrderDraft.Line(
                "",
                "Contents not given",
                1,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Handling.ANY,
                List.of(),
                LineGoods.UNKNOWN,
                Map.of());
    }
}
