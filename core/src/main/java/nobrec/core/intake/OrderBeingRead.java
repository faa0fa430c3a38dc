package nobrec.core.intake;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nobrec.core.address.PostalAddress;
import nobrec.core.charging.FreightTerms;

/** A work order while its rows come in: the first row gives the head, each row a line. */
final class OrderBeingRead {

    private static final String HOME_COUNTRY = "US";

    private final String number;
    private final List<WorkOrderDraft.Line> lines = new ArrayList<>();
    private RowCells head;
    private Optional<LocalDate> promiseDate = Optional.empty();
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
        }
        int quantity = row.wholeNumber(OrderField.QUANTITY);
        lines.add(new WorkOrderDraft.Line(
                row.text(OrderField.ITEM),
                row.text(OrderField.DESCRIPTION),
                quantity,
                row.weight(OrderField.UNIT_WEIGHT),
                row.size(OrderField.UNIT_SIZE)));
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
                List.copyOf(lines));
    }
}
