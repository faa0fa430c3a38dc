package nobrec.server.workorder;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import nobrec.core.charging.FreightTerms;
import nobrec.core.workorder.Clearance;
import nobrec.core.workorder.InvoiceState;
import nobrec.core.workorder.Particulars;
import nobrec.core.workorder.Ruling;
import nobrec.core.workorder.ShortChoice;
import nobrec.core.workorder.UnknownWord;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.platform.money.ShopMoney;
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
        @Nullable ShortChoice whenShort,
        InvoiceState invoiceState,
        boolean quoteHeld,
        @Nullable String export,
        boolean wordsOpen) {

    /** @param ruling of the house rules upon it */
    static WorkOrderRow of(WorkOrder order, Ruling ruling, ShopMoney money) {
        PostalAddress shipTo = order.shipTo();
        Particulars more = order.particulars();
        return new WorkOrderRow(
                order.id(),
                order.source(),
                order.number(),
                order.customer(),
                order.customerPo(),
                shipTo.company(),
                shipTo.person(),
                shipTo.street(),
                shipTo.street2(),
                shipTo.city(),
                shipTo.state(),
                shipTo.postalCode(),
                shipTo.country(),
                order.saidPlaceKind().orElse(null),
                order.phone(),
                order.mail(),
                order.promiseDate().orElse(null),
                order.requestedService(),
                order.terms(),
                order.carrierAccount(),
                order.quotedFreightCents().map(money::ofCents).orElse(null),
                order.status(),
                more.batch(),
                more.site(),
                more.carton(),
                more.hold(),
                more.noPrices(),
                more.notes(),
                more.references().get(0),
                more.references().get(1),
                more.origin(),
                more.originNumber(),
                RecordTexts.write(more.billTo()),
                RecordTexts.write(more.custom()),
                RecordTexts.write(ruling),
                more.clearance().whenShort().orElse(null),
                more.clearance().invoice(),
                more.clearance().holdsQuote(),
                RecordTexts.write(more.export()),
                false);
    }

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
                RecordTexts.fields(custom),
                new Clearance(Optional.ofNullable(whenShort), invoiceState, quoteHeld),
                RecordTexts.export(export));
    }
}
