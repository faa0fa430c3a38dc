package nobrec.server.placebook;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.address.Countries;
import nobrec.core.address.PlaceKindRule;
import nobrec.core.address.PostalAddress;
import nobrec.core.limit.Limits;
import nobrec.server.account.Accounts;
import nobrec.server.api.figure.Amount;
import nobrec.server.api.security.SignedIn;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.place.AddressChecks;
import nobrec.server.place.Place;
import nobrec.server.placebook.PlaceView.HistoryRow;
import nobrec.server.placebook.PlaceView.LastTime;
import nobrec.server.placebook.PlaceView.PlaceAddress;
import nobrec.server.placebook.PlaceView.PlaceLine;
import nobrec.server.placebook.PlaceView.Proposal;
import nobrec.server.shipment.SentRow;
import nobrec.server.shipment.Shipments;
import nobrec.server.workorder.AtPlace;
import nobrec.server.workorder.JobPlaces;
import nobrec.server.workorder.PastJob;
import org.springframework.stereotype.Component;

/** Puts together what is shown of places. */
@Component
class PlaceViews {

    /** So many jobs are looked at for what went to a place the last time. */
    private static final int LOOKED_BACK = 10;

    private final JobPlaces jobs;
    private final Shipments shipments;
    private final ServiceCatalog catalog;
    private final AddressChecks checks;
    private final Accounts accounts;

    PlaceViews(JobPlaces jobs, Shipments shipments, ServiceCatalog catalog, AddressChecks checks, Accounts accounts) {
        this.jobs = jobs;
        this.shipments = shipments;
        this.catalog = catalog;
        this.checks = checks;
        this.accounts = accounts;
    }

    List<PlaceLine> lines(List<Place> places) {
        Map<Long, AtPlace> there = jobs.at(places.stream().map(Place::id).toList());
        return places.stream()
                .map(place -> {
                    Optional<AtPlace> at = Optional.ofNullable(there.get(place.id()));
                    return new PlaceLine(
                            place.id(),
                            address(place.address()),
                            place.kind(),
                            kindBy(place),
                            at.map(AtPlace::jobs).orElse(0),
                            at.map(AtPlace::last),
                            place.check().said(),
                            place.check().stops() && place.accepted().isEmpty());
                })
                .toList();
    }

    PlaceView of(Place place) {
        List<PastJob> past = jobs.newestAt(place.id(), Limits.SHIPMENTS_SHOWN);
        Map<Long, List<SentRow>> sent = sent(past);
        return new PlaceView(
                place.id(),
                place.version(),
                address(place.address()),
                place.kind(),
                place.saidKind(),
                kindBy(place),
                place.phone(),
                place.note(),
                checks.check(place.address()).stream()
                        .map(each -> new PlaceView.FindingView(each.stops(), each.reason(), each.remedy()))
                        .toList(),
                place.check().at(),
                place.outside()
                        .map(each -> new PlaceView.OutsideView(
                                each.deliverable(), each.deliverable().words(), each.said(), each.at())),
                place.accepted().map(each -> new PlaceView.AcceptedView(accounts.displayName(each.by()), each.at())),
                past.stream()
                        .map(job -> history(job, sent.getOrDefault(job.id(), List.of())))
                        .toList());
    }

    private Map<Long, List<SentRow>> sent(List<PastJob> past) {
        return shipments.sentOf(past.stream().map(PastJob::id).toList()).stream()
                .collect(Collectors.groupingBy(SentRow::workOrderId));
    }

    /** Places that may be meant, each with what went there the last time. */
    List<Proposal> proposals(List<Place> places) {
        return places.stream().map(this::proposal).toList();
    }

    private Proposal proposal(Place place) {
        List<PastJob> past = jobs.newestAt(place.id(), LOOKED_BACK);
        Map<Long, List<SentRow>> sent = sent(past);
        Optional<LastTime> last = past.stream()
                .flatMap(job ->
                        sent.getOrDefault(job.id(), List.of()).stream().limit(1).map(each -> lastTime(job, each)))
                .findFirst();
        String phone = place.phone().isEmpty()
                ? past.stream()
                        .map(PastJob::phone)
                        .filter(each -> !each.isEmpty())
                        .findFirst()
                        .orElse("")
                : place.phone();
        return new Proposal(place.id(), address(place.address()), place.kind(), phone, place.note(), last);
    }

    private LastTime lastTime(PastJob job, SentRow sent) {
        return new LastTime(
                job.number(),
                sent.shipDate(),
                catalog.service(sent.serviceCode()).name(),
                sent.cartons(),
                job.terms(),
                job.account());
    }

    private HistoryRow history(PastJob job, List<SentRow> sent) {
        boolean seesMoney = SignedIn.seesWhatCustomersPay();
        Optional<SentRow> last = sent.stream().findFirst();
        return new HistoryRow(
                job.number(),
                job.customer(),
                job.status(),
                Optional.ofNullable(job.promised()),
                Optional.ofNullable(job.shipped()),
                last.map(each -> catalog.service(each.serviceCode()).name()).orElse(""),
                last.map(SentRow::cartons).orElse(""),
                job.terms(),
                last.filter(each -> seesMoney).map(each -> Amount.of(each.freightCost())),
                last.filter(each -> seesMoney).map(each -> Amount.of(each.customerCharge())));
    }

    static PlaceAddress address(PostalAddress address) {
        return new PlaceAddress(
                address.company(),
                address.person(),
                address.street(),
                address.street2(),
                address.city(),
                address.state(),
                address.postalCode(),
                Countries.nameOf(address.country()));
    }

    /** Who or what says what stands there. */
    private String kindBy(Place place) {
        return place.saidKind().isPresent()
                ? place.kindSaidBy().isEmpty() ? "a file" : accounts.displayName(place.kindSaidBy())
                : PlaceKindRule.tell(place.address()).why();
    }
}
