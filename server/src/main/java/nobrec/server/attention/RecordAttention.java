package nobrec.server.attention;

import java.util.List;
import java.util.stream.Collectors;
import nobrec.core.readiness.Attention;
import nobrec.core.readiness.JobAttention;
import nobrec.core.service.Carrier;
import nobrec.core.service.Service;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.place.AddressChecks;
import nobrec.server.site.Sites;
import nobrec.server.workorder.list.AttentionFinder;
import org.springframework.stereotype.Component;

/** What a job's record says against its going, by what is set up here. */
@Component
class RecordAttention implements AttentionFinder {

    private final AddressChecks addresses;
    private final ServiceCatalog catalog;
    private final Sites sites;

    RecordAttention(AddressChecks addresses, ServiceCatalog catalog, Sites sites) {
        this.addresses = addresses;
        this.catalog = catalog;
        this.sites = sites;
    }

    @Override
    public List<Attention> of(WorkOrder job) {
        return JobAttention.of(new JobAttention.JobToCheck(
                job,
                addresses.check(job.shipTo()),
                job.lines().stream()
                        .filter(line -> line.shipTo().isPresent())
                        .collect(Collectors.toMap(
                                WorkOrder.Line::position, line -> addresses.check(job.shipToOf(line)))),
                phoneNeededBy(job.requestedService()),
                sites.orHome(job.particulars().site()).country()));
    }

    /** The carrier of the requested service where it cannot do without a phone number; empty text for none. */
    private String phoneNeededBy(String requestedService) {
        return requestedService.isEmpty()
                ? ""
                : catalog.services().stream()
                        .filter(service -> service.isMeantBy(requestedService))
                        .map(Service::carrier)
                        .filter(Carrier::phoneRequired)
                        .map(Carrier::name)
                        .findFirst()
                        .orElse("");
    }
}
