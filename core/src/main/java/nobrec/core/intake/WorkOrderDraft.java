package nobrec.core.intake;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
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
 * @param openWords words in it that nobody has translated yet
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
        Particulars particulars,
        List<Line> lines,
        List<OpenWord> openWords) {

    WorkOrderDraft with(List<Line> all, List<OpenWord> words) {
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
                particulars,
                List.copyOf(all),
                List.copyOf(words));
    }

    /**
     * What most work orders do without.
     *
     * @param site code of the site it leaves from; empty text for the usual one
     * @param carton code of the carton type asked for; empty text for none
     * @param hold why it must not go; empty text when it may
     * @param billTo empty texts where the ship-to is billed
     * @param references two texts for the label
     * @param origin code of the record system it belongs to, where it came through another one; empty text for none
     * @param originNumber its number there
     * @param custom the shop's own fields, by name
     */
    public record Particulars(
            String batch,
            String site,
            String carton,
            String hold,
            boolean noPrices,
            String notes,
            List<String> references,
            PostalAddress billTo,
            String origin,
            String originNumber,
            Map<String, String> custom) {

        public Particulars {
            references = List.copyOf(references);
            custom = Map.copyOf(custom);
        }
    }

    /**
     * One thing made or serviced.
     *
     * @param quantityReady when not all of them are there yet
     * @param custom the shop's own fields, by name
     */
    public record Line(
            String item,
            String description,
            int quantity,
            Optional<Integer> quantityReady,
            Optional<Weight> unitWeight,
            Optional<Size> unitSize,
            Handling handling,
            List<LotShare> lots,
            LineGoods goods,
            Map<String, String> custom) {}
}
