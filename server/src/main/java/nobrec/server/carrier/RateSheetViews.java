package nobrec.server.carrier;

import java.time.LocalDate;
import java.util.List;
import nobrec.core.ratesheet.file.SheetSummary;
import nobrec.core.rating.Rating.Prices;
import nobrec.core.service.Service;
import nobrec.server.carrier.RateSheetList.ServiceSheets;
import nobrec.server.carrier.RateSheetList.SheetState;
import nobrec.server.carrier.RateSheetList.SheetView;
import nobrec.server.site.Sites;
import org.springframework.stereotype.Component;

/** The sheets of all services as the screen shows them. */
@Component
class RateSheetViews {

    private final ServiceCatalog catalog;
    private final Sites sites;

    RateSheetViews(ServiceCatalog catalog, Sites sites) {
        this.catalog = catalog;
        this.sites = sites;
    }

    RateSheetList all() {
        LocalDate today = sites.timeAt(sites.home()).toLocalDate();
        return new RateSheetList(catalog.services().stream()
                .map(service -> ofService(service, today))
                .toList());
    }

    private ServiceSheets ofService(Service service, LocalDate today) {
        List<LocalDate> firstDays = catalog.firstDays(service.code());
        LocalDate inForce = firstDays.stream()
                .filter(day -> !day.isAfter(today))
                .findFirst()
                .orElse(LocalDate.MAX);
        List<SheetView> sheets = firstDays.stream()
                .map(day -> new SheetView(day, state(day, inForce, today), summary(service, day)))
                .toList();
        return new ServiceSheets(
                service.code(), service.name(), service.carrier().name(), fuel(service, today), sheets);
    }

    private static SheetState state(LocalDate day, LocalDate inForce, LocalDate today) {
        if (day.isAfter(today)) {
            return SheetState.COMING;
        }
        return day.equals(inForce) ? SheetState.IN_FORCE : SheetState.PAST;
    }

    private String summary(Service service, LocalDate day) {
        Prices prices = catalog.prices(service.code(), day);
        return prices.tariff()
                .map(SheetSummary::of)
                .orElseGet(
                        () -> "Cannot be used: " + prices.fault() + " Read a corrected one in with a later first day.");
    }

    private String fuel(Service service, LocalDate today) {
        return catalog.prices(service.code(), today)
                .fuel()
                .map(index -> index.code() + " " + index.shownOn(today).orElse("unknown today"))
                .orElse("");
    }
}
