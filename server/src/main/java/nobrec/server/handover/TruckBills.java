package nobrec.server.handover;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.document.MasterBills;
import nobrec.server.shipment.HandedPackages;
import nobrec.server.shipment.LabeledRow;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import org.springframework.stereotype.Component;

/** The master bill of lading of what a freight carrier's truck takes. */
@Component
class TruckBills {

    private static final int SHIPMENTS = 200;

    private final HandoverMapper mapper;
    private final HandedPackages packages;
    private final Shipments shipments;
    private final ServiceCatalog catalog;
    private final MasterBills bills;
    private final Sites sites;

    TruckBills(
            HandoverMapper mapper,
            HandedPackages packages,
            Shipments shipments,
            ServiceCatalog catalog,
            MasterBills bills,
            Sites sites) {
        this.mapper = mapper;
        this.packages = packages;
        this.shipments = shipments;
        this.catalog = catalog;
        this.bills = bills;
        this.sites = sites;
    }

    byte[] of(long handoverId) {
        HandoverRow handover = mapper.byId(handoverId)
                .orElseThrow(() -> Refusal.notFound("Handover " + handoverId, "Choose one from the list."));
        return bills.print(
                "M-" + handoverId,
                catalog.carrier(handover.carrierCode()).name(),
                handover.driver(),
                sites.byId(handover.siteId()),
                gone(handover));
    }

    private List<MasterBills.Gone> gone(HandoverRow handover) {
        List<LabeledRow> rows = new ArrayList<>(packages.scannedInto(handover.id(), Limits.PACKAGES_OF_HANDOVER));
        // The first one scanned stands first.
        Collections.reverse(rows);
        List<Long> ids = rows.stream()
                .filter(row -> catalog.service(row.serviceCode()).isFreight())
                .map(LabeledRow::shipmentId)
                .distinct()
                .toList();
        if (ids.isEmpty()) {
            throw Refusal.unusable(
                    "The master bill of lading", "Nothing in this handover goes by freight.", "Print its manifest.");
        }
        if (ids.size() > SHIPMENTS) {
            throw Refusal.unusable(
                    "The master bill of lading",
                    "It would be over " + ids.size() + " shipments; a truck takes no more than " + SHIPMENTS + ".",
                    "Print the bills themselves.");
        }
        return ids.stream()
                .map(shipments::byId)
                .map(shipment -> new MasterBills.Gone(shipment, shipments.jobs(shipment)))
                .toList();
    }
}
