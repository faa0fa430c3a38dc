package nobrec.core.intake;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.address.PostalAddress;
import nobrec.core.charging.FreightTerms;
import nobrec.core.packing.Handling;
import nobrec.core.rating.FreightClass;
import nobrec.core.rating.GoodsClass;

/** A work order while its rows come in: the first row gives the head, each row a line. */
final class OrderBeingRead {

    private static final String HOME_COUNTRY = "US";

    private static final String UPRIGHT = "this side up";
    private static final String NOTHING_ON_TOP = "nothing on top";
    private static final String ALONE = "alone";
    private static final Set<String> HANDLING_WORDS = Set.of(UPRIGHT, NOTHING_ON_TOP, ALONE);

    private final String number;
    private final List<WorkOrderDraft.Line> lines = new ArrayList<>();
    private RowCells head;
    private Optional<LocalDate> promiseDate = Optional.empty();
    private Optional<Long> quotedFreight = Optional.empty();
    private FreightTerms terms = FreightTerms.PREPAID_AND_BILLED;

    OrderBeingRead(String number) {
        this.number = number;
    }

    String number() {
        return number;
    }

    void add(RowCells row) {
        if (head == null) {
            head = row;
            promiseDate = row.date(OrderField.PROMISE_DATE);
            terms = readTerms(row);
            quotedFreight = row.cents(OrderField.QUOTED_FREIGHT);
        }
        int quantity = row.wholeNumber(OrderField.QUANTITY);
        lines.add(new WorkOrderDraft.Line(
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
                        freightClass(row))));
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

    WorkOrderDraft draft() {
        String country = head.text(OrderField.COUNTRY);
        PostalAddress shipTo = new PostalAddress(
                head.text(OrderField.COMPANY),
                head.text(OrderField.PERSON),
                head.text(OrderField.STREET),
                head.text(OrderField.STREET2),
                head.text(OrderField.TOWN),
                head.text(OrderField.STATE),
                head.text(OrderField.POSTAL_CODE),
                country.isEmpty() ? HOME_COUNTRY : country);
        return new WorkOrderDraft(
                number,
                head.text(OrderField.CUSTOMER),
                head.text(OrderField.CUSTOMER_PO),
                shipTo,
                head.text(OrderField.PHONE),
                head.text(OrderField.MAIL),
                promiseDate,
                head.text(OrderField.SERVICE),
                terms,
                head.text(OrderField.CARRIER_ACCOUNT),
                quotedFreight,
                List.copyOf(lines));
    }
}
