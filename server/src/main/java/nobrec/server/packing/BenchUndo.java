package nobrec.server.packing;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Shipment;
import nobrec.server.account.Accounts;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.BackgroundWork.Sweep;
import nobrec.server.platform.Shortened;
import nobrec.server.shipment.ScanRow;
import nobrec.server.shipment.ShipmentStore;
import nobrec.server.shipment.Shipments;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Takes back the last act on an open shipment, for whoever did it, for a day. Before each act the shipment as it is then is kept; what
 * puts pieces in or out of the shipment has its own opposite, and ends what can be taken back.
 */
@Service
public class BenchUndo {

    private static final int LONGEST_ACT = 80;
    private static final int LONGEST_KEPT = 500_000;
    private static final Duration KEPT_FOR = Duration.ofDays(1);
    private static final int FORGOTTEN_AT_ONCE = 5_000;

    private final UndoMapper mapper;
    private final Shipments shipments;
    private final ShipmentStore store;
    private final Accounts accounts;
    private final AuditLog auditLog;
    private final JsonMapper json;
    private final Clock clock;

    BenchUndo(
            UndoMapper mapper,
            Shipments shipments,
            ShipmentStore store,
            Accounts accounts,
            AuditLog auditLog,
            JsonMapper json,
            Clock clock) {
        this.mapper = mapper;
        this.shipments = shipments;
        this.store = store;
        this.accounts = accounts;
        this.auditLog = auditLog;
        this.json = json;
        this.clock = clock;
    }

    /** Forgets what nobody takes back any more. */
    @Configuration
    static class Forgetting {
        private static final Duration PAUSE = Duration.ofMinutes(10);

        @Bean
        Sweep sweepOfUndo(BenchUndo undo) {
            return new Sweep("undo", PAUSE, undo::forgetOld);
        }
    }

    void forgetOld() {
        mapper.deleteBefore(clock.instant().minus(KEPT_FOR), FORGOTTEN_AT_ONCE);
    }

    /**
     * To be called in the transaction of an act, before it.
     *
     * @param act as a person says it
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void remember(Shipment before, String act, String signIn) {
        String kept = json.writeValueAsString(before);
        // One that is too large to keep is kept empty: then the acts before it cannot be taken back past it.
        mapper.insert(new UndoRow(
                0,
                before.id(),
                Shortened.to(LONGEST_ACT, act),
                kept.length() > LONGEST_KEPT ? "" : kept,
                signIn,
                clock.instant()));
    }

    /**
     * @return what was taken back, in words
     * @throws Refusal when there is nothing, it was somebody else's, or pieces came in or out since
     */
    @Transactional
    public String takeBack(long shipmentId, String signIn) {
        Shipment now = shipments.locked(shipmentId);
        now.requireOpen();
        Optional<UndoRow> act = mapper.newest(shipmentId);
        Optional<ScanRow> scan = shipments.newestScan(shipmentId);
        boolean scanIsNewer = scan.isPresent()
                && act.map(UndoRow::doneAt)
                        .filter(scan.get().scannedAt()::isBefore)
                        .isEmpty();
        String words = scanIsNewer ? takeBackScan(scan.get(), signIn) : takeBackAct(now, act, signIn);
        auditLog.write(signIn, "took back", "Shipment " + shipmentId, words);
        return words;
    }

    private String takeBackScan(ScanRow scan, String signIn) {
        requireOwn(scan.scannedBy(), scan.scannedAt(), "scanned a piece", signIn);
        store.takeBackScan(scan.shipmentId());
        return "scanned a piece";
    }

    private String takeBackAct(Shipment now, Optional<UndoRow> newest, String signIn) {
        UndoRow act = newest.orElseThrow(() -> nothing("Nothing was done to it that can be taken back."));
        requireOwn(act.doneBy(), act.doneAt(), act.act(), signIn);
        if (act.beforeAct().isEmpty()) {
            throw nothing("It is too large to be kept as it was.");
        }
        Shipment before = json.readValue(act.beforeAct(), Shipment.class);
        if (!before.lines().equals(now.lines())) {
            throw nothing("Pieces were put in or taken out since.");
        }
        store.putBack(now, before, signIn);
        mapper.delete(act.id());
        return act.act();
    }

    private void requireOwn(String doneBy, Instant doneAt, String act, String signIn) {
        if (!doneBy.equals(signIn)) {
            throw nothing("The last act here was " + accounts.displayName(doneBy) + "'s: " + act + ".");
        }
        if (doneAt.plus(KEPT_FOR).isBefore(clock.instant())) {
            throw nothing("The last act here was more than a day ago.");
        }
    }

    private static Refusal nothing(String reason) {
        return Refusal.conflict("Undo", reason, "Change it by hand.");
    }
}
