package nobrec.server.departure;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nobrec.core.notation.DayWords;
import nobrec.core.service.Carrier;
import nobrec.server.api.PageAddress;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.pickup.PickupRequestRow;
import nobrec.server.pickup.Pickups;
import nobrec.server.shipment.DepartedRow;
import nobrec.server.shipment.HandedPackages;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import org.springframework.stereotype.Component;

/** Pickups that were asked for and find nothing, and packages that no pickup takes. */
@Component
class PickupDoubts {

    /** @param address where it is put right */
    record Doubt(String thing, String reason, String remedy, String address) {}

    private final Pickups pickups;
    private final HandedPackages packages;
    private final ServiceCatalog catalog;
    private final Sites sites;

    PickupDoubts(Pickups pickups, HandedPackages packages, ServiceCatalog catalog, Sites sites) {
        this.pickups = pickups;
        this.packages = packages;
        this.catalog = catalog;
        this.sites = sites;
    }

    List<Doubt> all() {
        LocalDate today = sites.today();
        List<PickupRequestRow> coming = pickups.fromToday().stream()
                .filter(row -> row.state().mayCome())
                .toList();
        List<DepartedRow> waiting = packages.waiting(today);
        List<Doubt> doubts = new ArrayList<>();
        coming.stream()
                .filter(row -> row.day().equals(today))
                .filter(row -> count(waiting, row.siteId(), row.carrierCode()) == 0)
                .forEach(row -> doubts.add(new Doubt(
                        "Pickup of " + catalog.carrier(row.carrierCode()).name() + " today, "
                                + DayWords.time(row.readyAt()) + " to " + DayWords.time(row.closesAt()),
                        "Nothing is ready for it.",
                        "Ship something, or call it off.",
                        address(sites.byId(row.siteId()), row.carrierCode()))));
        for (Site site : sites.all()) {
            catalog.carriers().forEach(carrier -> untaken(site, carrier, waiting, coming, doubts));
        }
        return doubts;
    }

    /** Packages of a carrier that does not come here by itself and was not asked to. */
    private void untaken(
            Site site, Carrier carrier, List<DepartedRow> waiting, List<PickupRequestRow> coming, List<Doubt> doubts) {
        int left = count(waiting, site.id(), carrier.code());
        boolean comes = catalog.pickups(site.id()).containsKey(carrier.code())
                || coming.stream()
                        .anyMatch(row ->
                                row.siteId() == site.id() && row.carrierCode().equals(carrier.code()));
        if (left > 0 && !comes) {
            doubts.add(new Doubt(
                    left + (left == 1 ? " package" : " packages") + " for " + carrier.name(),
                    "It does not come to " + site.city() + ", and was not asked to.",
                    "Ask for a pickup, or drop them off.",
                    address(site, carrier.code())));
        }
    }

    private int count(List<DepartedRow> waiting, long site, String carrier) {
        return waiting.stream()
                .filter(row -> row.siteId() == site)
                .filter(row ->
                        catalog.service(row.serviceCode()).carrier().code().equals(carrier))
                .mapToInt(DepartedRow::packages)
                .sum();
    }

    private static String address(Site site, String carrier) {
        return PageAddress.handover(site.code(), carrier);
    }
}
