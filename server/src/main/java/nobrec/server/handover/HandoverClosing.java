package nobrec.server.handover;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.calendar.LeavesBy;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.Carrier;
import nobrec.server.audit.AuditLog;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.ManifestRequest;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.document.Papers;
import nobrec.server.platform.outbox.NewEntry;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxHandler;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.shipment.HandedPackages;
import nobrec.server.shipment.LabeledRow;
import nobrec.server.site.Site;
import nobrec.server.voiding.Voiding;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.json.JsonMapper;

/**
 * Closing a handover: the driver has it. Our manifest is drawn, and the carrier's is asked for under a key, outside
 * any transaction, again until there is a certain answer.
 */
@Service
class HandoverClosing implements OutboxHandler {

    private static final Logger LOG = LoggerFactory.getLogger(HandoverClosing.class);
    private final HandoverMapper mapper;
    private final HandedPackages packages;
    private final ManifestPapers manifests;
    private final Papers papers;
    private final Voiding voiding;
    private final CarrierGateway gateway;
    private final ServiceCatalog catalog;
    private final Outbox outbox;
    private final AuditLog auditLog;
    private final TransactionOperations transactions;
    private final JsonMapper json;
    private final Clock clock;

    HandoverClosing(
            HandoverMapper mapper,
            HandedPackages packages,
            ManifestPapers manifests,
            Papers papers,
            Voiding voiding,
            CarrierGateway gateway,
            ServiceCatalog catalog,
            Outbox outbox,
            AuditLog auditLog,
            TransactionOperations transactions,
            JsonMapper json,
            Clock clock) {
        this.mapper = mapper;
        this.packages = packages;
        this.manifests = manifests;
        this.papers = papers;
        this.voiding = voiding;
        this.gateway = gateway;
        this.catalog = catalog;
        this.outbox = outbox;
        this.auditLog = auditLog;
        this.transactions = transactions;
        this.json = json;
        this.clock = clock;
    }

    /**
     * @param leavesBy whether its driver takes it, or we bring it to its counter
     * @param driver who takes it, or brings it; empty text where nobody says
     * @param seen how many packages the person saw in it
     * @throws Refusal when there is nothing in it, somebody scanned meanwhile, or the carrier refuses
     */
    void close(Site site, Carrier carrier, LeavesBy leavesBy, String driver, int seen, String signIn) {
        gateway.requireConnected(carrier);
        OutboxEntry entry = transactions.execute(status -> begin(site, carrier, leavesBy, driver, seen, signIn));
        OutsideAnswer<String> answer;
        try {
            answer = carryOutOnce(entry);
        } catch (RuntimeException failed) {
            LOG.error("Handover {} was closed; its manifest is asked for again by itself", entry.subject(), failed);
            return;
        }
        if (answer instanceof OutsideAnswer.Refused<String> refused) {
            throw Refusal.unusable(
                    carrier.name(),
                    "It refused the manifest: " + refused.reason(),
                    "Take that package out, and close again.");
        }
    }

    private OutboxEntry begin(Site site, Carrier carrier, LeavesBy leavesBy, String driver, int seen, String signIn) {
        String thing = "The handover to " + carrier.name();
        HandoverRow open = mapper.openLocked(site.id(), carrier.code())
                .orElseThrow(() -> Refusal.conflict(thing, "Nothing was scanned into it.", "Scan a package first."));
        if (open.state() == HandoverState.CLOSING) {
            throw Refusal.conflict(thing, "It was closed just now.", "Look at it again.");
        }
        List<Long> inside = packages.shipmentsLocked(open.id());
        inside.stream().filter(voiding::isAsked).findFirst().ifPresent(id -> {
            throw Refusal.conflict(
                    thing, "One of its packages is being voided just now.", "Take it out, or wait for its carrier.");
        });
        List<LabeledRow> rows = packages.scannedInto(open.id(), Limits.PACKAGES_OF_HANDOVER);
        if (rows.isEmpty()) {
            throw Refusal.conflict(thing, "There is no package in it.", "Scan a package first.");
        }
        if (rows.size() != seen) {
            throw Refusal.changedSince(
                    thing,
                    rows.size() + " packages are in it now, not " + seen + " as you saw.",
                    "Look, then close it.");
        }
        mapper.beginClosing(open.id(), leavesBy, driver.strip(), signIn, clock.instant());
        Subject subject = Subject.handover(open.id(), carrier.name() + " " + open.day());
        auditLog.write(
                signIn,
                "closed a handover, " + leavesBy.words(),
                carrier.name() + ", " + site.city(),
                rows.size() + " packages");
        return outbox.addTaken(List.of(new NewEntry(
                        OutboxKind.MANIFEST,
                        subject,
                        carrier.code(),
                        "Manifest of " + rows.size() + (rows.size() == 1 ? " package" : " packages"),
                        json.writeValueAsString(new ManifestRequest(
                                open.day().toString(),
                                rows.stream().map(LabeledRow::trackingNumber).toList())))))
                .get(0);
    }

    @Override
    public Set<OutboxKind> kinds() {
        return Set.of(OutboxKind.MANIFEST);
    }

    @Override
    public void carryOut(OutboxEntry entry) {
        carryOutOnce(entry);
    }

    private OutsideAnswer<String> carryOutOnce(OutboxEntry entry) {
        manifests.keep(entry.subject(), mapper.byId(entry.subjectId()).orElseThrow());
        OutsideAnswer<String> answer = gateway.manifest(
                catalog.carrier(entry.target()),
                entry.entryKey(),
                json.readValue(entry.request(), ManifestRequest.class));
        transactions.executeWithoutResult(status -> settle(entry, answer));
        return answer;
    }

    private void settle(OutboxEntry entry, OutsideAnswer<String> answer) {
        HandoverRow row = mapper.byIdLocked(entry.subjectId()).orElseThrow();
        Optional<OutboxEntry> waiting = outbox.waiting(OutboxKind.MANIFEST, Subject.Kind.HANDOVER, row.id());
        boolean awaited = row.state() == HandoverState.CLOSING
                && waiting.filter(each -> each.entryKey().equals(entry.entryKey()))
                        .isPresent();
        if (!awaited) {
            return;
        }
        if (answer instanceof OutsideAnswer.Accepted<String> accepted) {
            outbox.done(entry, accepted.result());
            mapper.close(row.id(), accepted.result());
            outbox.add(List.of(NewEntry.ours(OutboxKind.HANDED_OVER, entry.subject())));
        } else if (answer instanceof OutsideAnswer.Refused<String> refused) {
            outbox.refused(entry, refused.reason());
            papers.markVoid(Subject.Kind.HANDOVER, row.id(), entry.id());
            mapper.reopen(row.id(), refused.reason());
        } else {
            outbox.putOff(entry, answer.whyOpen());
        }
    }
}
