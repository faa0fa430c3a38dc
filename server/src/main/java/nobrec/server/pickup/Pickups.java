package nobrec.server.pickup;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import nobrec.core.limit.Limits;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DayWords;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.Carrier;
import nobrec.server.audit.AuditLog;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.Consignment;
import nobrec.server.carrier.PickupAsked;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.pickup.NewPickup.PickupWish;
import nobrec.server.platform.outbox.NewEntry;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxHandler;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.json.JsonMapper;

/**
 * Pickups that a carrier is asked for, and called off: each an intent with a key, a call outside any transaction, and an answer. What a
 * crash or silence leaves open, the outbox finishes.
 */
@Service
public class Pickups implements OutboxHandler {

    private static final Logger LOG = LoggerFactory.getLogger(Pickups.class);

    private final PickupMapper mapper;
    private final CarrierGateway gateway;
    private final ServiceCatalog catalog;
    private final Sites sites;
    private final Outbox outbox;
    private final AuditLog auditLog;
    private final TransactionOperations transactions;
    private final JsonMapper json;
    private final Clock clock;

    Pickups(
            PickupMapper mapper,
            CarrierGateway gateway,
            ServiceCatalog catalog,
            Sites sites,
            Outbox outbox,
            AuditLog auditLog,
            TransactionOperations transactions,
            JsonMapper json,
            Clock clock) {
        this.mapper = mapper;
        this.gateway = gateway;
        this.catalog = catalog;
        this.sites = sites;
        this.outbox = outbox;
        this.auditLog = auditLog;
        this.transactions = transactions;
        this.json = json;
        this.clock = clock;
    }

    /** Those of today and later, the earliest first. */
    public List<PickupRequestRow> fromToday() {
        return mapper.from(sites.today());
    }

    /** @throws Refusal when the day or the window cannot be, or the carrier refuses */
    void ask(Site site, Carrier carrier, PickupWish wish, String signIn) {
        requirePossible(site, wish);
        gateway.requireConnected(carrier);
        OutboxEntry entry = transactions.execute(status -> {
            NewPickup fresh = new NewPickup(site.id(), carrier.code(), wish, signIn, clock.instant());
            insert(fresh, carrier);
            auditLog.write(signIn, "asked for a pickup", carrier.name() + ", " + site.city(), words(wish));
            return entry(OutboxKind.PICKUP, fresh.getId(), carrier, wish.day(), words(wish), request(site, wish));
        });
        refuseAloud(carrier, attempt(entry));
    }

    private void insert(NewPickup fresh, Carrier carrier) {
        try {
            mapper.insert(fresh);
        } catch (DuplicateKeyException there) {
            throw Refusal.conflict(
                    "A pickup of " + carrier.name(),
                    "It was asked for already for that time.",
                    "Look at it in the list.");
        }
    }

    private static String words(PickupWish wish) {
        return DayWords.day(wish.day()) + ", " + DayWords.time(wish.readyAt()) + " to " + DayWords.time(wish.closesAt())
                + ", " + wish.packages() + (wish.packages() == 1 ? " package" : " packages");
    }

    private void requirePossible(Site site, PickupWish wish) {
        LocalDateTime now = sites.timeAt(site);
        if (!wish.readyAt().isBefore(wish.closesAt())) {
            throw Refusal.unusable("The window", "It ends before it begins.", "Write from when until when.");
        }
        LocalDate day = wish.day();
        if (day.isBefore(now.toLocalDate())
                || day.equals(now.toLocalDate()) && wish.closesAt().isBefore(now.toLocalTime())) {
            throw Refusal.unusable("The window", "It is over by now.", "Choose a later one.");
        }
        if (day.isAfter(now.toLocalDate().plusDays(Limits.DAYS_PUT_OFF))) {
            throw Refusal.unusable("The day", "It is more than a year away.", "Choose a nearer one.");
        }
        if (!sites.calendar(site.id()).isOpen(day)) {
            throw Refusal.unusable("The day", "We are closed on " + DayWords.day(day) + ".", "Choose a working day.");
        }
    }

    private PickupAsked request(Site site, PickupWish wish) {
        return new PickupAsked(
                wish.day().toString(),
                wish.readyAt().toString(),
                wish.closesAt().toString(),
                wish.stands(),
                wish.packages(),
                wish.weight().in(WeightUnit.GRAM, 0),
                Consignment.Party.of(site.address(), site.phone()));
    }

    /** @throws Refusal when it cannot come any more anyway, or the carrier refuses */
    void callOff(long id, String signIn) {
        OutboxEntry entry = transactions.execute(status -> {
            PickupRequestRow row = mapper.byIdLocked(id).orElseThrow(() -> unknown(id));
            if (row.state() != PickupState.CONFIRMED) {
                throw Refusal.conflict(
                        "This pickup",
                        row.state() == PickupState.ASKED
                                ? "The carrier has not confirmed it yet."
                                : "It does not come.",
                        "Reload the page.");
            }
            mapper.move(id, PickupState.CONFIRMED, PickupState.CALLING_OFF);
            Carrier carrier = catalog.carrier(row.carrierCode());
            auditLog.write(signIn, "called a pickup off", carrier.name(), row.confirmation());
            return entry(
                    OutboxKind.PICKUP_CALL_OFF,
                    id,
                    carrier,
                    row.day(),
                    "Calls off pickup " + row.confirmation(),
                    row.confirmation());
        });
        refuseAloud(catalog.carrier(entry.target()), attempt(entry));
    }

    private static Refusal unknown(long id) {
        return Refusal.notFound("Pickup " + id, "Reload the page.");
    }

    private OutboxEntry entry(
            OutboxKind kind, long id, Carrier carrier, LocalDate day, String summary, Object request) {
        return outbox.addTaken(List.of(new NewEntry(
                        kind,
                        Subject.pickup(id, carrier.name() + " " + day),
                        carrier.code(),
                        summary,
                        json.writeValueAsString(request))))
                .get(0);
    }

    private OutsideAnswer<String> attempt(OutboxEntry entry) {
        try {
            return carryOutOnce(entry);
        } catch (RuntimeException failed) {
            LOG.error("{} was begun and not finished; it goes on by itself", entry.subject(), failed);
            return new OutsideAnswer.Unknown<>("");
        }
    }

    private static void refuseAloud(Carrier carrier, OutsideAnswer<String> answer) {
        if (answer instanceof OutsideAnswer.Refused<String> refused) {
            throw Refusal.unusable(carrier.name(), refused.reason(), "Choose another window, or call them.");
        }
    }

    @Override
    public Set<OutboxKind> kinds() {
        return Set.of(OutboxKind.PICKUP, OutboxKind.PICKUP_CALL_OFF);
    }

    @Override
    public void carryOut(OutboxEntry entry) {
        carryOutOnce(entry);
    }

    private OutsideAnswer<String> carryOutOnce(OutboxEntry entry) {
        Carrier carrier = catalog.carrier(entry.target());
        OutsideAnswer<String> answer = entry.kind() == OutboxKind.PICKUP
                ? gateway.askForPickup(carrier, entry.entryKey(), json.readValue(entry.request(), PickupAsked.class))
                : gateway.callPickupOff(carrier, entry.entryKey(), json.readValue(entry.request(), String.class));
        transactions.executeWithoutResult(status -> settle(entry, answer));
        return answer;
    }

    private void settle(OutboxEntry entry, OutsideAnswer<String> answer) {
        boolean asking = entry.kind() == OutboxKind.PICKUP;
        PickupState waiting = asking ? PickupState.ASKED : PickupState.CALLING_OFF;
        PickupRequestRow row = mapper.byIdLocked(entry.subjectId()).orElseThrow();
        if (row.state() != waiting) {
            return;
        }
        if (answer instanceof OutsideAnswer.Accepted<String> accepted) {
            outbox.done(entry, accepted.result());
            mapper.settle(
                    row.id(),
                    waiting,
                    asking ? PickupState.CONFIRMED : PickupState.CALLED_OFF,
                    asking ? accepted.result() : row.confirmation(),
                    "");
        } else if (answer instanceof OutsideAnswer.Refused<String> refused) {
            outbox.refused(entry, refused.reason());
            mapper.settle(
                    row.id(),
                    waiting,
                    asking ? PickupState.REFUSED : PickupState.CONFIRMED,
                    row.confirmation(),
                    refused.reason());
        } else {
            outbox.putOff(entry, answer.whyOpen());
        }
    }
}
