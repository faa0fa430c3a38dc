package nobrec.server.returns;

import java.util.List;
import java.util.Optional;
import nobrec.core.identifier.TrackingText;
import nobrec.core.notation.DayWords;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Component;

/** What comes back by whatever is scanned on it. */
@Component
class ReturnScans {

    /**
     * What a scan found: a return, or a shipment of ours that comes back though nobody expected it.
     *
     * @param said what it is, in words
     */
    record Found(Optional<ReturnView> awaited, Optional<Long> shipment, Optional<String> job, String said) {}

    private final ReturnMapper mapper;
    private final ReturnViews views;
    private final Shipments shipments;
    private final WorkOrders workOrders;
    private final Sites sites;

    ReturnScans(ReturnMapper mapper, ReturnViews views, Shipments shipments, WorkOrders workOrders, Sites sites) {
        this.mapper = mapper;
        this.views = views;
        this.shipments = shipments;
        this.workOrders = workOrders;
        this.sites = sites;
    }

    /** @throws Refusal when it is nothing of ours */
    Found find(String text) {
        String number = TrackingText.plain(text);
        Optional<ReturnRow> awaited = mapper.byTrackingNumber(number);
        if (awaited.isPresent()) {
            return found(awaited.get());
        }
        Optional<String> job = shipments
                .workOrderOfTrackingNumber(number)
                .map(id -> workOrders.byId(id).number())
                .or(() -> workOrders.find(text.strip()).map(each -> each.number()));
        if (job.isEmpty()) {
            throw Refusal.notFound(
                    "“" + text.strip() + "”",
                    "It is neither a return label nor a label or job of ours. Scan it again, or type the job's number.");
        }
        Optional<ReturnRow> open = mapper.ofJob(workOrders.idOf(job.get())).stream()
                .filter(row -> row.state().isAwaited())
                .findFirst();
        return open.map(this::found).orElseGet(() -> unannounced(job.get(), number));
    }

    private Found found(ReturnRow row) {
        String said = row.state().canBeReceived()
                ? "Return of job " + row.job() + "."
                : row.receivedAt() == null
                        ? "Its label is not there yet."
                        : "It was received on " + DayWords.withYear(sites.dayOf(row.receivedAt())) + ": " + row.came()
                                + ".";
        return new Found(Optional.of(views.one(row.id())), Optional.empty(), Optional.of(row.job()), said);
    }

    /** The shipment whose label was scanned; of a job's number the one that left last. */
    private Found unannounced(String job, String number) {
        List<Shipment> gone = shipments.of(workOrders.byNumber(job)).stream()
                .filter(each -> each.state() == ShipmentState.SHIPPED)
                .toList();
        Optional<Long> shipment = gone.stream()
                .filter(each -> each.packages().stream()
                        .anyMatch(packed -> packed.trackingNumber().equals(Optional.of(number))))
                .findFirst()
                .or(() -> gone.stream().findFirst())
                .map(Shipment::id);
        return new Found(
                Optional.empty(),
                shipment,
                Optional.of(job),
                shipment.isPresent()
                        ? "It left with job " + job + ", and nobody expected it back."
                        : "Job " + job + " has not left.");
    }
}
