package nobrec.server.carrier;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Reads the sheets in force once at the start, so that the first job on the bench does not wait for them. */
@Component
class RateSheetWarmUp {

    private final ServiceCatalog catalog;
    private final Clock clock;

    RateSheetWarmUp(ServiceCatalog catalog, Clock clock) {
        this.catalog = catalog;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    void read() {
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
        catalog.services().forEach(service -> catalog.prices(service.code(), today));
    }
}
