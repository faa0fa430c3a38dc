package nobrec.server.workorder;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import nobrec.core.charging.FreightTerms;
import nobrec.core.workorder.Particulars;
import nobrec.core.workorder.UnknownWord;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/** A row of table work_order. */
record WorkOrderRow(
        long id,
        String source,
        String number,
        String customer,
        String customerPo,
        String company,
        String person,
        String street,
        String street2,
        String city,
        String state,
        String postalCode,
        String country,
        @Nullable PlaceKind placeKind,
        String phone,
        String mail,
        @Nullable LocalDate promiseDate,
        String requestedService,
        FreightTerms terms,
        String carrierAccount,
        @Nullable Money quotedFreight,
        WorkOrderStatus status,
        String batch,
        String siteCode,
        String cartonCode,
        String hold,
        boolean noPrices,
        String notes,
        String reference1,
        String reference2,
        String origin,
        String originNumber,
        @Nullable String billTo,
        @Nullable String custom,
        @Nullable String ruling,
        boolean wordsOpen) {

    WorkOrder workOrder(List<WorkOrderLineRow> lines, List<UnknownWord> unknownWords) {
        return new WorkOrder(
                id,
                source,
                number,
                customer,
                customerPo,
                new PostalAddress(company, person, street, street2, city, state, postalCode, country),
                Optional.ofNullable(placeKind),
                phone,
                mail,
                Optional.ofNullable(promiseDate),
                requestedService,
                terms,
                carrierAccount,
                Optional.ofNullable(quotedFreight).map(Money::getAmountMinorLong),
                status,
                particulars(),
                unknownWords,
                RecordTexts.ruling(ruling),
                lines.stream().map(WorkOrderLineRow::line).toList());
    }

    private Particulars particulars() {
        return new Particulars(
                batch,
                siteCode,
                cartonCode,
                hold,
                noPrices,
                notes,
                List.of(reference1, reference2),
                RecordTexts.address(billTo),
                origin,
                originNumber,
                RecordTexts.fields(custom));
    }
}
