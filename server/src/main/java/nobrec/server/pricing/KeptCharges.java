package nobrec.server.pricing;

import java.util.ArrayList;
import java.util.List;
import nobrec.core.charging.CustomerCharge;
import nobrec.core.rating.ChargeLine;
import nobrec.core.rating.Offer;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.Shortened;
import nobrec.server.shipment.ChargeLineRow;
import nobrec.server.shipment.ShipmentStore;
import org.springframework.stereotype.Component;

/** An offer and what the customer pays for it, as they are kept with a shipment: whatever becomes of rates and rules. */
@Component
public class KeptCharges {

    private static final int LONGEST_TITLE = 200;
    private static final int LONGEST_EXPLANATION = 2_000;

    private final NobrecSettings settings;

    KeptCharges(NobrecSettings settings) {
        this.settings = settings;
    }

    public ShipmentStore.Terms terms(Offer offer, CustomerCharge charge) {
        return new ShipmentStore.Terms(
                offer.service().code(),
                offer.departure(),
                offer.delivery(),
                offer.total().orElseThrow(),
                charge.total(),
                charge.margin());
    }

    public List<ChargeLineRow> rows(Offer offer, CustomerCharge charge) {
        List<ChargeLineRow> rows = new ArrayList<>();
        for (ChargeLine line : offer.chargeLines()) {
            rows.add(new ChargeLineRow(
                    rows.size() + 1,
                    ChargeLineRow.Side.COST,
                    line.forPackage().orElse(null),
                    line.basis().code(),
                    Shortened.to(LONGEST_TITLE, line.basis().title()),
                    line.amount(offer.currency()),
                    Shortened.to(LONGEST_EXPLANATION, line.basis().sentence(settings.units()))));
        }
        for (CustomerCharge.Line line : charge.lines()) {
            rows.add(new ChargeLineRow(
                    rows.size() + 1,
                    ChargeLineRow.Side.CUSTOMER,
                    null,
                    "",
                    Shortened.to(LONGEST_TITLE, line.title()),
                    line.amount(),
                    Shortened.to(LONGEST_EXPLANATION, line.reason() + " " + charge.reason())));
        }
        return rows;
    }
}
