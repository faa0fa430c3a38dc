package nobrec.core.intake;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.address.PostalAddress;
import nobrec.core.charging.FreightTerms;
import nobrec.core.item.Handling;
import nobrec.core.item.LineGoods;
import nobrec.core.item.LotShare;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;

/**
 * A work order as read from a source, not yet kept.
 *
 * @param carrierAccount of the receiver or third party that pays the carrier
 * @param quotedFreightCents what the customer was told the freight would be
 */
public record WorkOrderDraft(
        String number,
        String customer,
        String customerPo,
        PostalAddress shipTo,
        String phone,
        String mail,
        Optional<LocalDate> promiseDate,
        String requestedService,
        FreightTerms terms,
        String carrierAccount,
        Optional<Long> quotedFreightCents,
        List<Line> lines) {

    WorkOrderDraft withLines(List<Line> all) {
        return new WorkOrderDraft(
                number,
                customer,
                customerPo,
                shipTo,
                phone,
                mail,
                promiseDate,
                requestedService,
                terms,
                carrierAccount,
                quotedFreightCents,
                List.copyOf(all));
    }

    /** One thing made or serviced. */
    public record Line(
            String item,
            String description,
            int quantity,
            Optional<Weight> unitWeight,
            Optional<Size> unitSize,
            Handling handling,
            List<LotShare> lots,
            LineGoods goods) {}
}
