package nobrec.server.departure;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.address.Countries;
import nobrec.core.address.PostalArea;
import nobrec.core.calendar.Pickup;
import nobrec.core.departure.DepartureOutlook;
import nobrec.core.departure.ExpectedService;
import nobrec.core.service.Destination;
import nobrec.core.service.Service;
import nobrec.core.service.Zone;
import nobrec.server.place.PostalReference;
import nobrec.server.site.Site;
import nobrec.server.workorder.OpenOrder;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Foresees the departure of one job after the other. What cannot be foreseen is named with its reason; the rest goes on. */
final class DayPlan {

    private static final Logger LOG = LoggerFactory.getLogger(DayPlan.class);

    /** A job, the service it would go by, and what that means for its promise. */
    record Planned(OpenOrder job, Service service, Pickup pickup, DepartureOutlook outlook, String remark) {}

    /** A job for which that cannot be said. */
    record NotPlanned(OpenOrder job, String reason, String remedy) {}

    private final List<Service> services;
    private final Map<String, Pickup> pickups;
    private final PostalReference postal;
    private final Site site;
    private final Optional<PostalArea> origin;
    private final LocalDateTime now;
    private final Map<String, Optional<Zone>> zones = new HashMap<>();
    private final List<Planned> planned = new ArrayList<>();
    private final List<NotPlanned> notPlanned = new ArrayList<>();

    DayPlan(List<Service> services, Map<String, Pickup> pickups, PostalReference postal, Site site, LocalDateTime now) {
        this.services = services;
        this.pickups = pickups;
        this.postal = postal;
        this.site = site;
        this.origin = postal.areaOf(site.postalCode());
        this.now = now;
    }

    Site site() {
        return site;
    }

    Map<String, Pickup> pickups() {
        return pickups;
    }

    /** What would go with a carrier's pickup and cannot wait for a later one. */
    List<Planned> leavingWith(String carrierCode) {
        return planned.stream()
                .filter(each -> each.outlook().verdict() != DepartureOutlook.Verdict.CAN_WAIT)
                .filter(each -> each.service().carrier().code().equals(carrierCode))
                .toList();
    }

    List<Planned> planned() {
        return planned;
    }

    List<NotPlanned> notPlanned() {
        return notPlanned;
    }

    /** @param chosen code of the service that a person chose */
    void add(OpenOrder job, Optional<String> chosen) {
        if (services.isEmpty()) {
            notPlanned.add(new NotPlanned(job, "No service is set up.", "Set one up."));
            return;
        }
        try {
            Destination destination = new Destination(
                    site.country(), job.shipTo().country(), job.shipTo().postalCode(), job.placeKind(), zone(job));
            Service service = ExpectedService.of(services, chosen, job.requestedService(), destination);
            Pickup pickup = pickups.get(service.carrier().code());
            if (pickup == null) {
                notPlanned.add(new NotPlanned(
                        job,
                        service.carrier().name() + " does not pick up here.",
                        "Choose another service, or set up its pickup."));
                return;
            }
            planned.add(new Planned(
                    job,
                    service,
                    pickup,
                    DepartureOutlook.of(job.promiseDate(), service, destination, pickup, now),
                    remark(job, destination)));
        } catch (RuntimeException odd) {
            LOG.warn("Job {} cannot be planned: {}", job.number(), odd.toString());
            notPlanned.add(new NotPlanned(
                    job, "Something in its record cannot be used.", "Open it, and correct what its checks say."));
        }
    }

    private Optional<Zone> zone(OpenOrder job) {
        return zones.computeIfAbsent(
                PostalArea.codeOf(job.shipTo().postalCode()),
                area -> origin.flatMap(from -> postal.areaOf(area).map(to -> Zone.between(from, to))));
    }

    private static String remark(OpenOrder job, Destination destination) {
        if (destination.isAbroad()) {
            return " It goes to " + Countries.nameOf(job.shipTo().country()) + ".";
        }
        return destination.distance().isPresent()
                ? ""
                : " Postal code “" + job.shipTo().postalCode() + "” is not known: the longest time is assumed.";
    }
}
