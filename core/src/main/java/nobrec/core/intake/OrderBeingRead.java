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
import nobrec.core.address.PostalAddress;
import nobrec.core.charging.FreightTerms;
import nobrec.core.item.FreightClass;
import nobrec.core.item.GoodsClass;
import nobrec.core.item.Handling;
import nobrec.core.item.LineGoods;
import nobrec.core.limit.Limits;
import org.jspecify.annotations.Nullable;

/** A work order while its rows come in: the first row gives the head, each row a line. */
final class OrderBeingRead {

    private static final List<OrderField> HEAD = List.of(
            OrderField.CUSTOMER,
            OrderField.CUSTOMER_PO,
            OrderField.COMPANY,
            OrderField.PERSON,
            OrderField.STREET,
            OrderField.STREET2,
            OrderField.CITY,
            OrderField.STATE,
            OrderField.POSTAL_CODE,
            OrderField.COUNTRY,
            OrderField.PHONE,
            OrderField.MAIL,
            OrderField.PROMISE_DATE,
            OrderField.SERVICE,
            OrderField.TERMS,
            OrderField.CARRIER_ACCOUNT,
            OrderField.QUOTED_FREIGHT);

    private static final String UPRIGHT = "this side up";
    private static final String NOTHING_ON_TOP = "nothing on top";
    private static final String ALONE = "alone";
    private static final Set<String> HANDLING_WORDS = Set.of(UPRIGHT, NOTHING_ON_TOP, ALONE);

    private final String number;
    private final List<WorkOrderDraft.Line> lines = new ArrayList<>();
    private @Nullable WorkOrderDraft head;
    private BigInteger weight = BigInteger.ZERO;
    private BigInteger value = BigInteger.ZERO;
    private Map<OrderField, String> written = Map.of();

    OrderBeingRead(String number) {
        this.number = number;
    }

    String number() {
        return number;
    }

    void add(RowCells row) {
        if (head == null) {
            written = HEAD.stream().collect(Collectors.toMap(field -> field, row::written));
            head = head(row);
        } else {
            sameHead(row);
        }
        if (lines.size() == Limits.LINES_OF_ORDER) {
            row.fault(
                    OrderField.ORDER_NUMBER,
                    "The work order has more than " + Limits.LINES_OF_ORDER + " lines.",
                    "Split it into several.");
            return;
        }
        WorkOrderDraft.Line line = line(row);
        lines.add(line);
        addUp(line, row);
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
        int quantity = row.wholeNumber(OrderField.QUANTITY);
        return new WorkOrderDraft.Line(
                row.text(OrderField.ITEM),
                row.text(OrderField.DESCRIPTION),
                quantity,
                row.weight(OrderField.UNIT_WEIGHT),
                row.size(OrderField.UNIT_SIZE),
                handling(row),
                row.lots(OrderField.LOTS, quantity),
                new LineGoods(
                        row.cents(OrderField.UNIT_VALUE),
                        row.text(OrderField.HS_CODE),
                        row.text(OrderField.ORIGIN),
                        goods(row),
                        freightClass(row)));
    }

    /** What is said of the whole order must not differ from row to row; an empty cell says nothing. */
    private void sameHead(RowCells row) {
        for (OrderField field : HEAD) {
            String text = row.written(field);
            if (!text.isEmpty() && !text.equals(written.get(field))) {
                row.fault(
                        field,
                        "The first row of this work order says “" + written.get(field) + "”.",
                        "Write the same in all rows of it, or leave it empty in the later ones.");
            }
        }
    }

    private static Handling handling(RowCells row) {
        Set<String> words = Arrays.stream(
                        row.text(OrderField.HANDLING).toLowerCase(Locale.ROOT).split(";"))
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
        Optional<GoodsClass> read = Arrays.stream(GoodsClass.values())
                .filter(each -> each.words().equalsIgnoreCase(text))
                .findFirst();
        if (read.isEmpty() && !text.isEmpty()) {
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
        Optional<FreightClass> read = FreightClass.read(text);
        if (read.isEmpty() && !text.isEmpty()) {
            row.fault(OrderField.FREIGHT_CLASS, "There is no such freight class.", "Write one from 50 to 400.");
        }
        return read;
    }

    private static FreightTerms readTerms(RowCells row) {
        Optional<FreightTerms> read = FreightTerms.read(row.text(OrderField.TERMS));
        if (read.isEmpty()) {
            row.fault(
                    OrderField.TERMS,
                    "These freight terms are not known.",
                    "Use: we pay and bill, we pay, receiver pays, third party pays.");
        }
        return read.orElse(FreightTerms.PREPAID_AND_BILLED);
    }

    private WorkOrderDraft head(RowCells row) {
        PostalAddress shipTo = new PostalAddress(
                row.text(OrderField.COMPANY),
                row.text(OrderField.PERSON),
                row.text(OrderField.STREET),
                row.text(OrderField.STREET2),
                row.text(OrderField.CITY),
                row.text(OrderField.STATE),
                row.text(OrderField.POSTAL_CODE),
                row.country(OrderField.COUNTRY));
        return new WorkOrderDraft(
                number,
                row.text(OrderField.CUSTOMER),
                row.text(OrderField.CUSTOMER_PO),
                shipTo.inStandardSpelling(),
                row.text(OrderField.PHONE),
                row.text(OrderField.MAIL),
                row.date(OrderField.PROMISE_DATE),
                row.text(OrderField.SERVICE),
                readTerms(row),
                row.text(OrderField.CARRIER_ACCOUNT),
                row.cents(OrderField.QUOTED_FREIGHT),
                List.of());
    }

    WorkOrderDraft draft() {
        return Objects.requireNonNull(head, "a row").withLines(lines);
    }
}
