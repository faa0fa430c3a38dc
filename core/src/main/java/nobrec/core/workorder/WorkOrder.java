package nobrec.core.workorder;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PlaceKindRule;
import nobrec.core.address.PostalAddress;
import nobrec.core.charging.FreightTerms;
import nobrec.core.item.Handling;
import nobrec.core.item.LineGoods;
import nobrec.core.item.LotShare;
import nobrec.core.item.PackItem;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;

/** What the shop made or serviced, to be shipped. */
public record WorkOrder(
        long id,
        String source,
        String number,
        String customer,
        String customerPo,
        PostalAddress shipTo,
        Optional<PlaceKind> saidPlaceKind,
        String phone,
        String mail,
        Optional<LocalDate> promiseDate,
        String requestedService,
        FreightTerms terms,
        String carrierAccount,
        Optional<Long> quotedFreightCents,
        WorkOrderStatus status,
        List<Line> lines) {

    /** @param quantityTaken pieces in shipments, open and shipped */
    public record Line(
            long id,
            int position,
            String item,
            String description,
            int quantityOrdered,
            int quantityTaken,
            int quantityShipped,
            Optional<Weight> unitWeight,
            Optional<Size> unitSize,
            Handling handling,
            List<LotShare> lots,
            LineGoods goods) {

        /** Pieces that have not left yet. */
        public int quantityOpen() {
            return quantityOrdered - quantityShipped;
        }

        /** Pieces that are in no shipment yet. */
        public int quantityToTake() {
            return quantityOrdered - quantityTaken;
        }

        /** So many pieces of this line, as the packer needs them. */
        public PackItem asPackItem(int pieces) {
            return new PackItem(id, description, pieces, unitWeight, unitSize, handling, lots);
        }
    }

    /** As a person said it, else as the address tells. */
    public PlaceKind placeKind() {
        return saidPlaceKind.orElseGet(() -> PlaceKindRule.kindOf(shipTo));
    }

    /** Whether pieces are in no shipment yet. */
    public boolean hasPiecesToTake() {
        return lines.stream().anyMatch(line -> line.quantityToTake() > 0);
    }
}
