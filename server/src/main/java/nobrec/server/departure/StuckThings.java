package nobrec.server.departure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.notation.DayWords;
import nobrec.core.readiness.AttentionKind;
import nobrec.server.api.PageAddress;
import nobrec.server.booking.WaitingShipments;
import nobrec.server.departure.DepartureView.StuckView;
import nobrec.server.handover.HandedOver;
import nobrec.server.orderfile.OpenFaults;
import nobrec.server.platform.outbox.OpenCounts;
import nobrec.server.posting.PostingLedger;
import nobrec.server.returns.ReturnsOfShipments;
import nobrec.server.shipnotice.ShipNoticeLedger;
import nobrec.server.source.RecordSources;
import nobrec.server.workorder.list.AttentionCount;
import nobrec.server.workorder.list.JobAttentions;
import org.springframework.stereotype.Component;

/** What does not go on by itself, or not yet, with where to correct it. */
@Component
class StuckThings {

    /** So many jobs are named one by one. */
    private static final int MAX_JOBS = 10;

    private final OpenFaults imports;
    private final PostingLedger postings;
    private final WaitingShipments waiting;
    private final JobAttentions attentions;
    private final RecordSources sources;
    private final HandedOver handedOver;
    private final PickupDoubts pickups;
    private final ReturnsOfShipments returns;
    private final ShipNoticeLedger shipNotices;

    StuckThings(
            OpenFaults imports,
            PostingLedger postings,
            WaitingShipments waiting,
            JobAttentions attentions,
            RecordSources sources,
            HandedOver handedOver,
            PickupDoubts pickups,
            ReturnsOfShipments returns,
            ShipNoticeLedger shipNotices) {
        this.shipNotices = shipNotices;
        this.returns = returns;
        this.pickups = pickups;
        this.handedOver = handedOver;
        this.attentions = attentions;
        this.sources = sources;
        this.imports = imports;
        this.postings = postings;
        this.waiting = waiting;
    }

    private static StuckView stuck(String thing, String reason, String remedy, String address) {
        return new StuckView(thing, reason, remedy, address, Optional.empty());
    }

    /** @param thing of which there are so many; nothing is said where there is none */
    private static void counted(
            List<StuckView> things, int count, String thing, String reason, String remedy, String address) {
        if (count > 0) {
            things.add(stuck(count == 1 ? "One " + thing : count + " " + thing + "s", reason, remedy, address));
        }
    }

    /** @param notPlanned jobs whose departure cannot be foreseen */
    List<StuckView> with(List<DayPlan.NotPlanned> notPlanned) {
        List<StuckView> things = new ArrayList<>();
        for (WaitingShipments.Waiting each : waiting.all()) {
            things.add(new StuckView(
                    "Job " + each.job(),
                    each.reason(),
                    each.remedy(),
                    PageAddress.bench(each.job()),
                    Optional.of(each.shipmentId())));
        }
        for (HandedOver.LeftOpen each : handedOver.leftOpen()) {
            things.add(stuck(
                    "Handover to " + each.carrier() + " of " + DayWords.day(each.day()),
                    "It was left open, with " + each.packages() + (each.packages() == 1 ? " package." : " packages."),
                    "Close it, or move its packages to today.",
                    each.address()));
        }
        for (PickupDoubts.Doubt each : pickups.all()) {
            things.add(stuck(each.thing(), each.reason(), each.remedy(), each.address()));
        }
        for (WaitingShipments.Following each : waiting.following()) {
            things.add(stuck(
                    "Job " + each.job() + ": " + each.what(),
                    each.reason(),
                    "It is tried again by itself.",
                    PageAddress.bench(each.job())));
        }
        OpenCounts open = postings.open();
        counted(
                things,
                open.waiting(),
                "posting",
                "There has been no answer for more than a minute.",
                "It goes on by itself, in growing pauses.",
                "/postings");
        counted(
                things,
                open.failed(),
                "posting",
                open.failed() == 1 ? "It failed." : "They failed.",
                "See the answer and try again.",
                "/postings?state=FAILED");
        ShipNoticeLedger.Stuck notices = shipNotices.stuck();
        counted(
                things,
                notices.refused(),
                "ship notice",
                "The partner cannot use what it was sent.",
                "See what it said, and speak with them.",
                "/partners/notices?state=REFUSED");
        counted(
                things,
                notices.overdue(),
                "ship notice",
                "The partner has not acknowledged, however often it was sent.",
                "Call them, then say so there.",
                "/partners/notices");
        for (OpenFaults.LeftOut left : imports.all()) {
            things.add(stuck(
                    workOrders(left.workOrders()) + " of " + left.fileName(),
                    "A cell could not be read.",
                    "Correct it in the file and drop it again, or be done with it.",
                    "/jobs?report=" + left.importId()));
        }
        List<AttentionCount> attention = attentions.counts();
        int wordless = attention.stream()
                .filter(each -> each.kind() == AttentionKind.WORD)
                .mapToInt(AttentionCount::jobs)
                .sum();
        String others = attention.stream()
                .filter(each -> each.kind() != AttentionKind.WORD)
                .map(each -> each.jobs() + " " + each.kind().words())
                .collect(Collectors.joining(", "));
        if (!others.isEmpty()) {
            things.add(stuck(
                    "Needs attention",
                    "Jobs that cannot go: " + others + ".",
                    "Put them right in one list.",
                    "/jobs/attention"));
        }
        counted(
                things,
                wordless,
                "job",
                "Nobody has said yet what a word of the source means.",
                "One answer frees all that wait for it.",
                "/sources/wordbook");
        int overdue = returns.overdue();
        counted(
                things,
                overdue,
                "return",
                overdue == 1 ? "It should be here by now." : "They should be here by now.",
                "Ask where it stays, or call it off.",
                "/jobs/returns?look=OVERDUE");
        for (RecordSources.Failing each : sources.failing()) {
            things.add(stuck(each.name(), "No records could be read: " + each.reason(), "", "/sources/" + each.code()));
        }
        notPlanned.stream()
                .limit(MAX_JOBS)
                .forEach(each -> things.add(stuck(
                        "Job " + each.job().number(),
                        each.reason(),
                        each.remedy(),
                        PageAddress.bench(each.job().number()))));
        if (notPlanned.size() > MAX_JOBS) {
            things.add(stuck(
                    notPlanned.size() - MAX_JOBS + " more jobs",
                    "Their departure cannot be planned either.",
                    "Look for them on Jobs.",
                    "/jobs?status=READY"));
        }
        return things;
    }

    private static String workOrders(int count) {
        return count == 0 ? "A row" : count == 1 ? "One work order" : count + " work orders";
    }
}
