package nobrec.server.telling;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import nobrec.core.shipment.Shipment;
import nobrec.core.telling.FactSheet;
import nobrec.core.telling.Moment;
import nobrec.core.telling.ShipmentFacts;
import nobrec.core.telling.TellingFact;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/** Gathers what {@link ShipmentFacts} needs to say all that can be told of a job. */
@Component
public class FactSheets {

    private final Shipments shipments;
    private final ServiceCatalog catalog;
    private final Sites sites;
    private final NobrecSettings settings;
    private final ObjectProvider<JobStatuses> statuses;
    private final ObjectProvider<CustomerPageAddresses> pages;
    private final Clock clock;

    FactSheets(
            Shipments shipments,
            ServiceCatalog catalog,
            Sites sites,
            NobrecSettings settings,
            ObjectProvider<JobStatuses> statuses,
            ObjectProvider<CustomerPageAddresses> pages,
            Clock clock) {
        this.shipments = shipments;
        this.catalog = catalog;
        this.sites = sites;
        this.settings = settings;
        this.statuses = statuses;
        this.pages = pages;
        this.clock = clock;
    }

    /** A shipment that has left, as it stands in the database now. */
    public GoneShipment load(long shipmentId) {
        Shipment shipment = shipments.byId(shipmentId);
        return new GoneShipment(
                shipment,
                shipments.jobs(shipment),
                catalog.service(shipment.outcome().orElseThrow().serviceCode()));
    }

    /** What can be told of one of its jobs. */
    public FactSheet of(GoneShipment gone, WorkOrder job, Moment moment) {
        ShipmentFacts.Left left = new ShipmentFacts.Left(
                gone.shipment(),
                gone.jobs(),
                gone.service(),
                sites.byId(gone.shipment().siteId()).name(),
                trackingOfAll(job, gone.shipment()),
                settings.units());
        return withPage(ShipmentFacts.of(left, job, moment, around(job)), job);
    }

    /** What can be told of a job without a shipment. */
    public FactSheet ofJob(WorkOrder job, Moment moment) {
        return withPage(ShipmentFacts.of(job, moment, around(job)), job);
    }

    private FactSheet withPage(FactSheet sheet, WorkOrder job) {
        String address = pages.getObject().of(job.id());
        return address.isEmpty() ? sheet : sheet.with(TellingFact.CUSTOMER_PAGE, address);
    }

    private ShipmentFacts.Around around(WorkOrder job) {
        OffsetDateTime now = OffsetDateTime.ofInstant(clock.instant(), ZoneId.of(sites.timeZone()));
        return new ShipmentFacts.Around(
                statuses.getObject().of(job.id()),
                now.truncatedTo(ChronoUnit.SECONDS).toString());
    }

    /** Most jobs leave at once: the others are looked for only where more pieces have left than these. */
    private List<String> trackingOfAll(WorkOrder job, Shipment shipment) {
        boolean more = job.lines().stream().anyMatch(line -> line.quantityShipped() > shipment.quantityOf(line.id()));
        if (!more) {
            return ShipmentFacts.trackingOf(shipment);
        }
        List<Shipment> all = new ArrayList<>(shipments.of(job));
        Collections.reverse(all);
        return all.stream()
                .flatMap(each -> ShipmentFacts.trackingOf(each).stream())
                .toList();
    }
}
