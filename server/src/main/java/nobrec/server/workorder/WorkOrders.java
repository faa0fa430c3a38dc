package nobrec.server.workorder;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import nobrec.core.measure.Weight;
import nobrec.core.readiness.AttentionKind;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.InvoiceState;
import nobrec.core.workorder.ShortChoice;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.audit.AuditLog;
import nobrec.server.place.Places;
import nobrec.server.workorder.list.JobAttentions;
import org.joda.money.Money;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The work orders, however they came in, as they count: by their records and the house rules. */
@Service
public class WorkOrders {

    /** Departures looks at the most urgent of these; more are not shown on one screen. */
    private static final int MAX_OPEN = 500;

    private final WorkOrderMapper mapper;
    private final StoredOrders stored;
    private final Rulings rulings;
    private final ChangedOrders changes;
    private final JobAttentions attentions;
    private final Places places;
    private final JobPlaces jobPlaces;
    private final ApplicationEventPublisher events;
    private final AuditLog auditLog;

    WorkOrders(
            WorkOrderMapper mapper,
            StoredOrders stored,
            Rulings rulings,
            ChangedOrders changes,
            JobAttentions attentions,
            Places places,
            JobPlaces jobPlaces,
            ApplicationEventPublisher events,
            AuditLog auditLog) {
        this.jobPlaces = jobPlaces;
        this.events = events;
        this.attentions = attentions;
        this.places = places;
        this.mapper = mapper;
        this.stored = stored;
        this.rulings = rulings;
        this.changes = changes;
        this.auditLog = auditLog;
    }

    public Optional<WorkOrder> find(String number) {
        return stored.find(number).map(WorkOrder::ruled);
    }

    public WorkOrder byNumber(String number) {
        return find(number).orElseThrow(() -> unknown(number));
    }

    /** The one job that goes by this number, case and accents aside, or by this purchase order of its customer. */
    public Optional<String> numberLike(String text) {
        return only(mapper.likeNumber(text))
                .or(() -> text.isEmpty() ? Optional.empty() : only(mapper.ofCustomerPo(text)));
    }

    private static Optional<String> only(List<String> numbers) {
        return numbers.size() == 1 ? Optional.of(numbers.get(0)) : Optional.empty();
    }

    /** The id of a job's record. */
    public long idOf(String number) {
        return mapper.idOf(number).orElseThrow(() -> unknown(number));
    }

    private static Refusal unknown(String number) {
        return Refusal.notFound("Job " + number, "Look for it on Jobs, or bring its record in.");
    }

    /** The last of the numbers given to jobs that were typed in; zero where there is none. */
    public long lastTyped() {
        return mapper.lastTyped(WorkOrder.TYPED, WorkOrder.TYPED_PREFIX);
    }

    /** When its record came in. */
    public Instant cameIn(long id) {
        return mapper.cameIn(id);
    }

    public WorkOrder byId(long id) {
        return stored.byId(id).ruled();
    }

    /** Those with these ids, in the order given. */
    public List<WorkOrder> byIds(List<Long> ids) {
        return stored.byIds(ids).stream().map(WorkOrder::ruled).toList();
    }

    /** Ids of the work orders that lines are of. */
    public List<Long> idsOfLines(Collection<Long> lineIds) {
        return lineIds.isEmpty() ? List.of() : mapper.idsOfLines(lineIds);
    }

    /** Those of the numbers that have come in from a source. */
    public Set<String> numbersHere(String source, Collection<String> numbers) {
        return numbers.isEmpty() ? Set.of() : Set.copyOf(mapper.numbersHere(source, numbers));
    }

    /** Those not shipped yet, the earliest promise first, those without one last. */
    public List<OpenOrder> notShipped() {
        List<OpenOrder> promised =
                mapper.promised(MAX_OPEN).stream().map(OpenOrderRow::order).toList();
        if (promised.size() == MAX_OPEN) {
            return promised;
        }
        List<OpenOrder> all = new ArrayList<>(promised);
        mapper.withoutPromise(MAX_OPEN - promised.size()).forEach(row -> all.add(row.order()));
        return all;
    }

    /** What the records say each of them weighs, by id; one of which a weight is missing is not in it. */
    public Map<Long, Weight> weights(Collection<Long> ids) {
        if (ids.isEmpty()) {
            return Map.of();
        }
        return mapper.weights(ids).stream()
                .filter(row -> row.weight() != null)
                .collect(Collectors.toMap(OrderWeightRow::id, OrderWeightRow::weight));
    }

    /** The work order as it is once its row is locked: nobody else opens or ships it until the transaction ends. */
    public WorkOrder locked(long id) {
        mapper.lock(id);
        return byId(id);
    }

    /** It is off the bench again, and nothing of it is being packed. */
    public void takeOffBench(long id) {
        if (byId(id).status() != WorkOrderStatus.REQUEST) {
            mapper.updateStatus(id, WorkOrderStatus.READY);
        }
    }

    /** A request stays one, whatever is tried with it. */
    public void putOnBench(long id) {
        if (byId(id).status() != WorkOrderStatus.REQUEST) {
            mapper.updateStatus(id, WorkOrderStatus.ON_BENCH);
        }
    }

    /** What it costs was only asked: nothing is promised to go. */
    public void makeRequest(String number) {
        long id = idOf(number);
        mapper.updateStatus(id, WorkOrderStatus.REQUEST);
        attentions.left(id);
    }

    /** A request becomes a job. */
    @Transactional
    public void takeAsJob(String number, boolean onBench, String signIn) {
        WorkOrder request = locked(idOf(number));
        if (request.status() != WorkOrderStatus.REQUEST) {
            throw Refusal.conflict("Job " + number, "It is a job already.", "Reload the page.");
        }
        mapper.updateStatus(request.id(), onBench ? WorkOrderStatus.ON_BENCH : WorkOrderStatus.READY);
        changes.of(request.id());
        auditLog.write(signIn, "took a request as a job", "Job " + number, "");
    }

    /** What the customer was quoted for its freight. */
    public void keepQuoted(long id, Money quoted, boolean held) {
        mapper.updateQuoted(id, quoted, held);
    }

    /**
     * Pieces have left. A work order of which all have left is shipped; else it is ready for the rest.
     *
     * @param pieces by line id
     * @param day on which they left
     * @return the numbers of the work orders they are of
     */
    @Transactional
    public List<String> markShipped(Map<Long, Integer> pieces, LocalDate day) {
        mapper.shipLines(pieces);
        List<LeftOfOrder> orders = mapper.leftOfOrders(pieces.keySet());
        for (LeftOfOrder order : orders) {
            if (order.pieces() == 0) {
                mapper.markShipped(order.id(), day);
                attentions.left(order.id());
            } else {
                mapper.updateStatus(order.id(), WorkOrderStatus.READY);
                attentions.clear(order.id(), AttentionKind.LABEL);
                attentions.lookAgain(List.of(byId(order.id())));
            }
        }
        return orders.stream().map(LeftOfOrder::number).toList();
    }

    /**
     * Pieces that had left are here again; what they are of is on the bench.
     *
     * @param pieces by line id
     * @return the numbers of the work orders they are of
     */
    @Transactional
    public List<String> cameBack(Map<Long, Integer> pieces) {
        mapper.bringLinesBack(pieces);
        List<LeftOfOrder> orders = mapper.leftOfOrders(pieces.keySet());
        orders.forEach(order -> mapper.markBack(order.id()));
        attentions.lookAgain(orders.stream().map(order -> byId(order.id())).toList());
        return orders.stream().map(LeftOfOrder::number).toList();
    }

    /** It must not go until somebody releases it. */
    @Transactional
    public void hold(String number, String reason, String signIn) {
        WorkOrder job = locked(idOf(number));
        if (job.status() == WorkOrderStatus.SHIPPED) {
            throw Refusal.conflict("Job " + number, "It has left already.", "Nothing is left to hold.");
        }
        if (!job.particulars().hold().isEmpty()) {
            throw Refusal.conflict(
                    "Job " + number,
                    "It is on hold already: " + job.particulars().hold() + ".",
                    "Add a note, or release it first.");
        }
        mapper.updateHold(job.id(), reason);
        changes.of(job.id());
        auditLog.write(signIn, "put a job on hold", "Job " + number, reason);
    }

    /** What its record says against its going, beside what house rules say; empty text for nothing. Its row is locked. */
    public void keepHold(long id, String reason) {
        mapper.updateHold(id, reason);
        changes.of(id);
    }

    /** It may go; why it was on hold stays in the log. */
    @Transactional
    public void release(String number, String signIn) {
        WorkOrder job = locked(idOf(number));
        String hold = job.particulars().hold();
        if (hold.isEmpty()) {
            throw Refusal.conflict("Job " + number, "It is not on hold any more.", "Reload the page.");
        }
        mapper.updateHold(job.id(), "");
        rulings.release(job);
        auditLog.write(signIn, "released a job", "Job " + number, hold);
    }

    /** What is done while pieces are missing. */
    @Transactional
    public WorkOrder decideWhenShort(String number, ShortChoice choice, String signIn) {
        WorkOrder job = locked(idOf(number));
        if (!job.isShort()) {
            throw Refusal.conflict("Job " + number, "Nothing of it is missing.", "Ship it as it is.");
        }
        if (!job.particulars().clearance().whenShort().equals(Optional.of(choice))) {
            mapper.updateWhenShort(job.id(), choice);
            changes.of(job.id());
            auditLog.write(signIn, "decided what a short job does", "Job " + number, choice.words());
        }
        return byId(job.id());
    }

    /** What is known of its invoice. What has let it go stays: an answer that was on its way takes nothing back. */
    @Transactional
    public void keepInvoiceState(String number, InvoiceState state, String signIn) {
        WorkOrder job = locked(idOf(number));
        InvoiceState before = job.particulars().clearance().invoice();
        if (before != state && (state.letsGo() || !before.letsGo())) {
            mapper.updateInvoiceState(job.id(), state);
            changes.of(job.id());
            events.publishEvent(new InvoiceLearned(number, state));
            auditLog.write(signIn, "learned what a job's invoice is", "Job " + number, state.words());
        }
    }

    /** Its carrier refused it: somebody must look at it. */
    public void labelRefused(long id) {
        attentions.mark(byId(id), AttentionKind.LABEL);
    }

    public void correctCarrierAccount(long id, String account) {
        mapper.updateCarrierAccount(id, account);
        changes.of(id);
    }

    public void correctPhone(long id, String phone) {
        mapper.updatePhone(id, phone);
        changes.of(id);
    }

    /** It is said of the place, and so of all that goes there from now on. */
    public void sayPlaceKind(long id, PlaceKind placeKind, String signIn) {
        mapper.updatePlaceKind(id, placeKind);
        changes.of(id);
        sayKindOf(byId(id).shipTo(), placeKind, signIn);
    }

    /** What stands at a place; it counts for all jobs that go there and have not left. */
    public void sayKindOf(PostalAddress shipTo, PlaceKind placeKind, String signIn) {
        places.sayKind(shipTo, placeKind, signIn).ifPresent(place -> jobPlaces.kindSaid(place, Optional.of(placeKind)));
    }

    /** Somebody knows that its address is right as it is written. */
    @Transactional
    public void acceptAddress(String number, String signIn) {
        WorkOrder job = locked(idOf(number));
        places.accept(job.shipTo(), signIn);
        changes.of(job.id());
    }

    public void correctShipTo(long id, PostalAddress shipTo) {
        mapper.updateShipTo(id, shipTo);
        changes.of(id);
    }

    /** One that goes somewhere else than its record's own place counts with what the shop said stands there. */
    public WorkOrder kindThere(WorkOrder going) {
        boolean elsewhere = going.saidPlaceKind().isEmpty()
                && going.lines().stream()
                        .anyMatch(line ->
                                line.shipTo().filter(going.shipTo()::equals).isPresent());
        return elsewhere
                ? places.saidKind(going.shipTo())
                        .map(kind -> going.with(Optional.of(kind), going.unknownWords(), going.ruling()))
                        .orElse(going)
                : going;
    }

    /** Corrects where lines go that do not go where their job goes. */
    public void correctShipToOfLines(long id, Collection<Long> lines, PostalAddress shipTo) {
        mapper.updateShipToOfLines(id, lines, RecordTexts.write(shipTo));
        changes.of(id);
    }

    /** As its record says it, without what house rules make of it. */
    public WorkOrder recorded(long id) {
        return stored.byId(id);
    }

    /** The same once its row is locked. */
    public WorkOrder recordedLocked(long id) {
        mapper.lock(id);
        return stored.byId(id);
    }

    /** As their records say it, in the order given. */
    public List<WorkOrder> recorded(List<Long> ids) {
        return stored.byIds(ids);
    }
}
