package nobrec.server.writeback;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.refusal.Refusal;
import nobrec.core.telling.FactSheet;
import nobrec.core.telling.Moment;
import nobrec.core.telling.TellingFact;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.writeback.WriteBacks;
import nobrec.server.moment.MomentReached;
import nobrec.server.moment.MomentRow;
import nobrec.server.moment.Moments;
import nobrec.server.platform.outbox.NewEntry;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.OutboxState;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.returns.ReturnReceived;
import nobrec.server.telling.FactSheets;
import nobrec.server.telling.GoneShipment;
import nobrec.server.voiding.ShipmentVoided;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import tools.jackson.databind.json.JsonMapper;

/** Turns what becomes of a shipment into what other systems are told, in the same transaction. */
@Component
class WriteBackWriter {

    /** What an entry tells that a person asked for. */
    static final String ON_DEMAND = "ON_DEMAND";

    private final WriteBackTargets targets;
    private final FactSheets sheets;
    private final Moments moments;
    private final Outbox outbox;
    private final OutboxWorker worker;
    private final JsonMapper json;

    WriteBackWriter(
            WriteBackTargets targets,
            FactSheets sheets,
            Moments moments,
            Outbox outbox,
            OutboxWorker worker,
            JsonMapper json) {
        this.targets = targets;
        this.sheets = sheets;
        this.moments = moments;
        this.outbox = outbox;
        this.worker = worker;
        this.json = json;
    }

    /** What came back and what is void is told in its own way. */
    @EventListener
    void on(MomentReached reached) {
        if (reached.moment() != Moment.RETURNED && reached.moment() != Moment.VOID) {
            reached.gone().ifPresent(gone -> add(toldOf(gone, reached.moment(), reached.detail())));
        }
    }

    /** What each system is told of each job of a shipment at a moment. */
    private List<NewEntry> toldOf(GoneShipment gone, Moment moment, String detail) {
        List<WriteBackTarget> told = targets.all().stream()
                .filter(target -> target.active() && target.plan().moments().contains(moment))
                .toList();
        List<NewEntry> entries = new ArrayList<>();
        for (WorkOrder job : gone.jobs().all()) {
            List<WriteBackTarget> ofJob =
                    told.stream().filter(target -> isToldOf(target, job)).toList();
            if (!ofJob.isEmpty()) {
                FactSheet sheet = sheets.of(gone, job, moment).with(TellingFact.EXCEPTION, detail);
                ofJob.forEach(target -> entry(target, gone, job, sheet, moment.name(), moment.words())
                        .ifPresent(entries::add));
            }
        }
        return entries;
    }

    /** A job that came through one system and belongs to another is told to both, each under its own number. */
    static boolean isToldOf(WriteBackTarget target, WorkOrder job) {
        List<String> sources = target.plan().sources();
        return sources.isEmpty()
                ? !job.isTyped()
                : sources.contains(job.source())
                        || sources.contains(job.particulars().origin());
    }

    private Optional<NewEntry> entry(
            WriteBackTarget target,
            GoneShipment gone,
            WorkOrder job,
            FactSheet sheet,
            String moment,
            String momentInWords) {
        Subject subject = Subject.shipment(gone.shipment().id(), job.number());
        return isKnownThere(target, sheet)
                ? Optional.of(new NewEntry(
                                OutboxKind.SOURCE,
                                subject,
                                target.code(),
                                summary(momentInWords, sheet),
                                json.writeValueAsString(new Told(false, sheet)))
                        .telling(moment))
                : Optional.empty();
    }

    /** A plan that cannot be read any more fails when it is sent: it must hold up neither the shipment nor another system. */
    private static boolean isKnownThere(WriteBackTarget target, FactSheet sheet) {
        try {
            return !new WriteBacks(target.plan()).number(sheet).isEmpty();
        } catch (Refusal unreadable) {
            return true;
        }
    }

    private static String summary(String moment, FactSheet sheet) {
        return Character.toUpperCase(moment.charAt(0)) + moment.substring(1) + ": "
                + sheet.facts().getOrDefault(TellingFact.SERVICE, "") + ", tracking "
                + sheet.facts().getOrDefault(TellingFact.TRACKING, "").replace("\n", ", ");
    }

    /**
     * A person has it written as it is now; one that waits already is enough.
     *
     * @return whether it is written
     */
    @Transactional
    public boolean onDemand(WriteBackTarget target, GoneShipment gone, WorkOrder job) {
        Optional<NewEntry> entry = entry(target, gone, job, sheetNow(gone, job), ON_DEMAND, "on demand");
        boolean waits = outbox.of(Subject.Kind.SHIPMENT, gone.shipment().id()).stream()
                .anyMatch(each -> each.moment().equals(ON_DEMAND)
                        && each.state() == OutboxState.WAITING
                        && each.target().equals(target.code())
                        && each.subjectName().equals(job.number()));
        if (!waits) {
            entry.ifPresent(each -> outbox.add(List.of(each)));
        }
        return entry.isPresent();
    }

    /** As it stands by what became known last. */
    FactSheet sheetNow(GoneShipment gone, WorkOrder job) {
        Optional<MomentRow> latest = moments.latest(gone.shipment().id());
        Moment moment = latest.map(MomentRow::moment)
                .filter(each -> each != Moment.VOID)
                .orElse(Moment.LABEL_BOUGHT);
        return sheets.of(gone, job, moment)
                .with(TellingFact.EXCEPTION, latest.map(MomentRow::detail).orElse(""));
    }

    @EventListener
    void on(ReturnReceived received) {
        if (!received.recorded()) {
            return;
        }
        GoneShipment gone = sheets.load(received.shipmentId());
        List<NewEntry> entries = new ArrayList<>();
        for (NewEntry entry : toldOf(gone, Moment.RETURNED, received.came())) {
            if (entry.subject().name().equals(received.job())) {
                FactSheet sheet = json.readValue(entry.request(), Told.class)
                        .sheet()
                        .with(TellingFact.CARRIER, received.carrierName())
                        .with(TellingFact.SERVICE, received.serviceName())
                        .with(TellingFact.TRACKING, received.trackingNumber())
                        .with(TellingFact.SHIP_DATE, received.day().toString());
                entries.add(new NewEntry(
                                entry.kind(),
                                Subject.goodsReturn(received.returnId(), received.job()),
                                entry.target(),
                                "Came back: " + received.came(),
                                json.writeValueAsString(new Told(false, sheet)))
                        .telling(entry.moment()));
            }
        }
        add(entries);
    }

    private void add(List<NewEntry> entries) {
        if (!entries.isEmpty()) {
            outbox.add(entries);
        }
    }

    /** What was written of it is taken back: what stands there then is what was written of the job before it. */
    @EventListener
    void on(ShipmentVoided voided) {
        List<OutboxEntry> written =
                outbox.notReversed(Set.of(OutboxKind.SOURCE), Subject.Kind.SHIPMENT, voided.shipmentId());
        add(written.stream()
                .map(entry -> new NewEntry(
                                OutboxKind.SOURCE_REVERSAL,
                                entry.subject(),
                                entry.target(),
                                "Reverses: " + entry.summary(),
                                json.writeValueAsString(standingThen(entry)),
                                entry.id())
                        .telling(Moment.VOID.name()))
                .toList());
    }

    private Told standingThen(OutboxEntry voided) {
        Optional<OutboxEntry> before =
                outbox.standing(OutboxKind.SOURCE, voided.target(), voided.subjectName(), voided.subjectId());
        return before.map(this::asItIsNow)
                .orElseGet(() -> new Told(
                        true,
                        json.readValue(voided.request(), Told.class)
                                .sheet()
                                .with(TellingFact.STATUS, Moment.VOID.status())));
    }

    /** Of what has come back nothing changes by this. */
    private Told asItIsNow(OutboxEntry entry) {
        Told told = json.readValue(entry.request(), Told.class);
        if (entry.subjectKind() != Subject.Kind.SHIPMENT) {
            return told;
        }
        GoneShipment gone = sheets.load(entry.subjectId());
        WorkOrder job = gone.jobs().all().stream()
                .filter(each -> each.number().equals(entry.subjectName()))
                .findFirst()
                .orElseThrow();
        return new Told(false, sheetNow(gone, job));
    }

    /** At once, so that nobody waits for the next sweep. */
    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
    void goOn(MomentReached reached) {
        worker.start();
    }
}
